<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Models\Cases\CustomerCase;
use App\Tables\ImportRow;
use App\Tables\Names;
use OpenBaton\Core\Document\DocumentError;

/** Rows of a table of cases with all that they name, fetched at once: people say names where documents have ids. */
final readonly class CasesPiece
{
    private Names $tracks;

    /** @var array<string, Names> stages by the id of their track */
    private array $stages;

    private Names $people;

    private Names $customers;

    /** @var array<string, true> keys under which a case is there already */
    private array $there;

    /**
     * @param list<ImportRow> $rows
     * @param string|null     $importId by which they are carried out; null: they are only looked at
     */
    public function __construct(
        array $rows,
        HouseAt $house,
        CustomerSource $customers,
        private ?string $importId = null,
    ) {
        $this->tracks = new Names();
        $stages = [];
        foreach ($house->snapshot->tracks as $track) {
            $this->tracks->add($track->id, $track->name);
            $stages[$track->id] = new Names();
            foreach ($track->stages as $stage) {
                $stages[$track->id]->add($stage->key, $stage->name);
            }
        }
        $this->stages = $stages;
        $this->people = new Names();
        foreach ($house->snapshot->roster->people as $person) {
            $this->people->add($person->id, $person->name);
        }
        $named = array_map(static fn(ImportRow $row): string => self::text($row, 'customer'), $rows);
        $named = array_values(array_unique(array_filter($named, static fn(string $one): bool => $one !== '')));
        $this->customers = Names::ofCustomers($named);
        $customers->prepare($this->customers->all($named), $house);
        $there = CustomerCase::query()
            ->whereIn('key', array_values(array_filter(array_map($this->key(...), $rows))))
            ->pluck('key')
            ->all();
        $this->there = array_fill_keys(array_filter($there, is_string(...)), true);
    }

    /** Without one of its own a line comes in once of its table; null: it is only looked at. */
    public function key(ImportRow $row): ?string
    {
        return $row->key() ?? ($this->importId === null ? null : "table-{$this->importId}-{$row->line}");
    }

    public static function title(ImportRow $row): string
    {
        return self::text($row, 'title');
    }

    public function isThere(ImportRow $row): bool
    {
        return isset($this->there[$this->key($row) ?? '']);
    }

    /**
     * @return array<array-key, mixed> with ids in place of names
     *
     * @throws DocumentError where a name is that of several
     */
    public function case(ImportRow $row): array
    {
        $track = $this->tracks->one(self::text($row, 'track'), '/track');
        $stage = self::text($row, 'stage');

        return array_filter(
            [
                'track' => $track,
                'stage' => isset($this->stages[$track]) ? $this->stages[$track]->one($stage, '/stage') : $stage,
                'customer' => $this->customers->one(self::text($row, 'customer'), '/customer'),
                'owner' => $this->people->one(self::text($row, 'owner'), '/owner'),
            ] + (array) $row->document['case'],
            static fn(mixed $value): bool => $value !== '',
        );
    }

    private static function text(ImportRow $row, string $member): string
    {
        $text = ((array) $row->document['case'])[$member] ?? '';

        return is_string($text) ? $text : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Database\Id;
use App\Models\House\TableImport;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use App\Tables\SeenKeys;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Assignment;

/**
 * Cases as a table: a line for each, opened as every other, so that rules answer it. Tracks, stages, customers and
 * owners by id or by name. A line comes in once: by its key whoever sends it, and without one once of its table.
 */
final class CasesTable implements ImportKind
{
    private const COLUMNS = [
        'title' => ['case'],
        'track' => ['track of the case'],
        'stage' => ['stage of the case'],
        'customer' => [],
        'owner' => ['owned by'],
        'tags' => [],
        'key' => [],
    ];

    private const PLAIN = ['title', 'track', 'stage', 'customer', 'owner'];

    private const MOST = 5_000;

    private ?HouseAt $house = null;

    private readonly SeenKeys $seen;

    public function __construct(
        private readonly Houses $houses,
        private readonly CustomerSource $customers,
        private readonly OpenCase $open,
    ) {
        $this->seen = new SeenKeys();
    }

    public static function code(): string
    {
        return 'cases';
    }

    public static function most(): int
    {
        return self::MOST;
    }

    public function columns(): array
    {
        return self::COLUMNS + array_map(static fn(Field $field): array => [$field->label], $this->fields());
    }

    public function needed(): array
    {
        return [['title'], ['track']];
    }

    public function document(array $cells): array
    {
        $document = [];
        foreach (array_intersect(self::PLAIN, array_keys($cells)) as $column) {
            $document[$column] = $cells[$column]->text;
        }
        if (isset($cells['tags'])) {
            $document['tags'] = $cells['tags']->listed();
        }
        foreach (array_intersect_key($this->fields(), $cells) as $path => $field) {
            $document['facts'][$path] = $cells[$path]->value($field);
        }

        return ['case' => $document] + (isset($cells['key']) ? ['key' => $cells['key']->text] : []);
    }

    public function look(array $rows): array
    {
        $house = $this->house();
        $piece = new CasesPiece($rows, $house, $this->customers);
        $now = CarbonImmutable::now()->getTimestamp();

        return array_map(function (ImportRow $row) use ($house, $piece, $now): ImportVerdict {
            $label = CasesPiece::title($row);
            try {
                $document = Node::root($piece->case($row));
                $this->open->read($document, $house, $now, Actor::system('table'), Id::next());
                $this->seen->add($row);
                $what = $piece->isThere($row) ? ImportVerdict::SAME : ImportVerdict::MAKES;

                return new ImportVerdict($row->line, $what, $label);
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $label, $error);
            }
        }, $rows);
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        $by = Actor::user($import->user()->firstOrFail());
        $piece = new CasesPiece($rows, $this->house(), $this->customers, (string) $import->id);

        return array_map(function (ImportRow $row) use ($by, $piece): ImportVerdict {
            $label = CasesPiece::title($row);
            try {
                $there = $piece->isThere($row);
                if (!$there) {
                    ($this->open)(Node::root($piece->case($row)), $by, $piece->key($row));
                }

                return new ImportVerdict($row->line, $there ? ImportVerdict::SAME : ImportVerdict::MAKES, $label);
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $label, $error);
            }
        }, $rows);
    }

    private function house(): HouseAt
    {
        return $this->house ??= $this->houses->now();
    }

    /** @return array<string, Field> that cases come with */
    private function fields(): array
    {
        return array_filter(
            $this->house()->snapshot->catalogue->fields,
            static fn(Field $field): bool => Assignment::isSettableOfCase($field->path) && !$field->retired,
        );
    }
}

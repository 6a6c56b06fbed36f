<?php

declare(strict_types=1);

namespace App\Duties;

use App\Bridge\Snapshot;
use App\Models\Customers\Customer;
use App\Models\Duties\Duty as DutyRow;
use App\Tables\ImportRow;
use App\Tables\Names;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\DutyFormat;

/** Rows of a table of duties with all that they name, fetched at once: people say names where documents have ids. */
final readonly class DutiesPiece
{
    private Names $kinds;

    private Names $checklists;

    private Names $people;

    private Names $teams;

    private Names $customers;

    /** @var array<array-key, true> ids of customers */
    private array $offered;

    /** @var array<array-key, DutyRow> by id */
    private array $there;

    private string $today;

    /** @param list<ImportRow> $rows */
    public function __construct(array $rows, Snapshot $house)
    {
        $this->kinds = new Names();
        foreach ($house->kinds as $kind) {
            $this->kinds->add($kind->slug, $kind->name);
        }
        $this->checklists = new Names();
        foreach ($house->checklists as $slug => $checklist) {
            $this->checklists->add((string) $slug, $checklist->name);
        }
        $this->people = new Names();
        foreach ($house->roster->people as $person) {
            $this->people->add($person->id, $person->name);
        }
        $this->teams = new Names();
        foreach ($house->roster->teams as $team) {
            $this->teams->add($team->id, $team->name);
        }
        $named = array_values(
            array_filter(array_column(array_map(self::task(...), $rows), 'customer'), is_string(...)),
        );
        $this->customers = Names::ofCustomers($named);
        $this->offered = array_fill_keys(self::offered($this->customers->all($named)), true);
        $this->there = self::known($rows);
        $this->today = $house->roster->house
            ->zone()
            ->dateAt(CarbonImmutable::now()->getTimestamp())
            ->format();
    }

    /** @throws DocumentError where nothing of a name can be in an id */
    public static function id(ImportRow $row): string
    {
        $id = $row->text('id') === '' ? Str::slug($row->text('name')) : $row->text('id');

        return $id === ''
            ? throw DocumentError::at('/id', 'Give it an id, in small letters, digits and hyphens.')
            : $id;
    }

    public function there(ImportRow $row): ?DutyRow
    {
        return $this->there[self::id($row)] ?? null;
    }

    public function isCustomer(string $id): bool
    {
        return isset($this->offered[$id]);
    }

    /**
     * @return array<array-key, mixed> the document of the duty as the row has it, with ids in place of names
     *
     * @throws DocumentError where a name is that of several
     */
    public function duty(ImportRow $row): array
    {
        $known = (array) $this->there($row)?->document;
        $given = array_diff_key($row->document, ['task' => 1, 'give' => 1, 'comes' => 1]);
        $give = $this->give($row, (array) ($known['give'] ?? []));

        return ['openbaton' => DutyFormat::VERSION, 'id' => self::id($row)] +
            $given + ['task' => $this->named(self::task($row)) + (array) ($known['task'] ?? [])] +
            ($give === [] ? [] : ['give' => $give]) + ['comes' => $this->comes($row, (array) ($known['comes'] ?? []))] +
            $known;
    }

    /**
     * @param array<string, mixed> $task
     *
     * @return array<string, mixed>
     */
    private function named(array $task): array
    {
        foreach (
            ['kind' => $this->kinds, 'checklist' => $this->checklists, 'customer' => $this->customers]
            as $of => $names
        ) {
            if (is_string($task[$of] ?? null)) {
                $task[$of] = $names->one($task[$of], "/task/{$of}");
            }
        }

        return $task;
    }

    /**
     * @param array<array-key, mixed> $known
     *
     * @return array<array-key, mixed> one rhythm takes the place of the other
     */
    private function comes(ImportRow $row, array $known): array
    {
        $given = (array) ($row->document['comes'] ?? []);
        $from = ['from' => $known['from'] ?? $this->today];

        return isset($given['rule']) || isset($given['after_last']) ? $given + $from : $given + $known + $from;
    }

    /**
     * Of several people, and of those of a team, one after the other.
     *
     * @param array<array-key, mixed> $known
     *
     * @return array<array-key, mixed> none: rules say; where it goes to the same as before, as it went to them
     *
     * @throws DocumentError
     */
    private function give(ImportRow $row, array $known): array
    {
        $pool = (array) data_get($row->document, 'give.pool', []);
        if ($pool === []) {
            return $known;
        }
        if (count($pool) > 1) {
            throw DocumentError::at('/give/pool/team', 'It goes to people or to a team: one of the two.');
        }
        $named = isset($pool['team']) ? $this->team($pool['team']) : $this->those((array) $pool['people']);
        if (array_intersect_key((array) ($known['pool'] ?? []), $named) === $named) {
            return $known;
        }
        $alone = count((array) ($named['people'] ?? ['one', 'another'])) === 1;

        return [
            'pool' => $named,
            'method' => $alone
                ? ['kind' => 'in_order']
                : ['kind' => 'round_robin', 'rotation' => $row->text('name') ?: self::id($row), 'keep_missed' => 0],
            'limits' => [],
            'otherwise' => ['kind' => 'next_rule'],
        ];
    }

    /** @return array<string, mixed> */
    private function team(mixed $team): array
    {
        return ['kind' => 'team', 'team' => $this->teams->one(is_string($team) ? $team : '', '/give/pool/team')];
    }

    /**
     * @param array<array-key, mixed> $people
     *
     * @return array<string, mixed>
     */
    private function those(array $people): array
    {
        $ids = array_map(
            fn(string $one): string => $this->people->one($one, '/give/pool/people'),
            array_values(array_filter($people, is_string(...))),
        );

        return ['kind' => 'people', 'people' => $ids];
    }

    /** @return array<string, mixed> */
    private static function task(ImportRow $row): array
    {
        $task = [];
        foreach ((array) ($row->document['task'] ?? []) as $member => $value) {
            $task[(string) $member] = $value;
        }

        return $task;
    }

    /**
     * @param list<string> $ids
     *
     * @return list<string>
     */
    private static function offered(array $ids): array
    {
        return array_values(
            array_map(
                static fn(Customer $one): string => (string) $one->slug,
                Customer::query()
                    ->offered()
                    ->whereIn('slug', $ids)
                    ->get(['slug'])
                    ->all(),
            ),
        );
    }

    /**
     * @param list<ImportRow> $rows
     *
     * @return array<array-key, DutyRow>
     */
    private static function known(array $rows): array
    {
        $ids = [];
        foreach ($rows as $row) {
            $ids[] = $row->text('id');
            $ids[] = Str::slug($row->text('name'));
        }

        return DutyRow::query()->whereIn('slug', array_unique($ids))->get()->keyBy('slug')->all();
    }
}

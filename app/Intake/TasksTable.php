<?php

declare(strict_types=1);

namespace App\Intake;

use App\Access\RequestKey;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Models\Customers\Customer;
use App\Models\House\TableImport;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use App\Tables\Names;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\Assignment;

/**
 * Tasks as a table: a line for each, taken in and routed as every other. Kinds and customers by id or by name. With a
 * key a line comes in once, whoever sends it however often.
 */
final class TasksTable implements ImportKind
{
    private const COLUMNS = [
        'title' => ['task'],
        'kind' => ['kind of task'],
        'customer' => [],
        'contact' => [],
        'description' => ['details'],
        'priority' => [],
        'start' => [],
        'due' => [],
        'minutes' => ['estimate'],
        'tags' => [],
        'key' => [],
    ];

    private const PLAIN = ['title', 'kind', 'customer', 'contact', 'description', 'priority', 'start', 'due'];

    private const MOST = 5_000;

    /** What faults call otherwise than columns. */
    private const PLACES = ['estimate' => 'minutes'];

    private ?HouseAt $house = null;

    /** @var array<string, int> lines in which a key has come */
    private array $seen = [];

    public function __construct(
        private readonly Houses $houses,
        private readonly IncomingTaskReader $reader,
        private readonly TakeInTask $takeIn,
    ) {}

    public static function code(): string
    {
        return 'tasks';
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
        return [['title'], ['kind']];
    }

    public function document(array $cells): array
    {
        $document = [];
        foreach (self::PLAIN as $column) {
            if (isset($cells[$column])) {
                $document[$column] = $cells[$column]->text;
            }
        }
        if (isset($cells['priority'])) {
            $document['priority'] = mb_strtolower($cells['priority']->text);
        }
        if (isset($cells['minutes'])) {
            $document['estimate'] = Duration::format($cells['minutes']->whole());
        }
        if (isset($cells['tags'])) {
            $document['tags'] = $cells['tags']->listed();
        }
        foreach (array_intersect_key($this->fields(), $cells) as $path => $field) {
            $document['fields'][$path] = $cells[$path]->value($field);
        }

        return ['task' => $document] + (isset($cells['key']) ? ['key' => $cells['key']->text] : []);
    }

    public function look(array $rows): array
    {
        $house = $this->house();
        $named = $this->named($rows, $house);
        $known = $this->known($rows);

        return array_map(function (ImportRow $row) use ($house, $named, $known): ImportVerdict {
            $task = (array) $row->document['task'];
            $label = is_string($task['title'] ?? null) ? $task['title'] : '';
            try {
                $this->reader->read(Node::root($named($task)), TaskSource::Table, $house);
                $key = self::key($row);
                if ($key !== null && isset($this->seen[$key])) {
                    throw DocumentError::at('/key', 'This key is in line {line} as well.', line: $this->seen[$key]);
                }
                $this->seen += $key === null ? [] : [$key => $row->line];
                $what = isset($known[$key ?? '']) ? ImportVerdict::SAME : ImportVerdict::MAKES;

                return new ImportVerdict($row->line, $what, $label);
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $label, $error, self::PLACES);
            }
        }, $rows);
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        $user = $import->user()->firstOrFail();
        $named = $this->named($rows, $this->house());
        $known = $this->known($rows);

        return array_map(function (ImportRow $row) use ($user, $named, $known, $import): ImportVerdict {
            $task = (array) $row->document['task'];
            $label = is_string($task['title'] ?? null) ? $task['title'] : '';
            $key = self::key($row);
            if (isset($known[$key ?? ''])) {
                return new ImportVerdict($row->line, ImportVerdict::SAME, $label);
            }
            try {
                $task = $named($task);
                $taken = ($this->takeIn)(
                    Node::root($task),
                    TaskSource::Table,
                    $user,
                    // Without one of its own, once of this table.
                    RequestKey::of($user->id, $key ?? "table-{$import->id}-{$row->line}", serialize($task)),
                );

                return new ImportVerdict(
                    $row->line,
                    $taken->again ? ImportVerdict::SAME : ImportVerdict::MAKES,
                    $label,
                );
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $label, $error, self::PLACES);
            }
        }, $rows);
    }

    /** The key of a line as tasks have it: any text may be one. */
    private static function key(ImportRow $row): ?string
    {
        return is_string($row->document['key'] ?? null) ? 'table-' . hash('sha256', $row->document['key']) : null;
    }

    /**
     * @param list<ImportRow> $rows
     *
     * @return array<string, true> keys under which a task is there already
     */
    private function known(array $rows): array
    {
        $keys = array_values(array_filter(array_map(self::key(...), $rows)));

        $known = Task::query()
            ->whereIn('key', $keys)
            ->get(['key']);

        return array_fill_keys(array_map(static fn(Task $task): string => (string) $task->key, $known->all()), true);
    }

    /**
     * @param list<ImportRow> $rows
     *
     * @return callable(array<array-key, mixed>): array<array-key, mixed> a task with ids in place of the names of kinds
     *     and customers
     */
    private function named(array $rows, HouseAt $house): callable
    {
        $kinds = [];
        foreach ($house->snapshot->kinds as $kind) {
            $kinds[mb_strtolower($kind->name)] = $kind->slug;
        }
        $asked = array_map(
            static fn(ImportRow $row): mixed => ((array) $row->document['task'])['customer'] ?? null,
            $rows,
        );
        $asked = array_values(array_unique(array_filter($asked, is_string(...))));
        $customers = new Names();
        foreach (
            Customer::query()
                ->offered()
                ->whereIn('name', $asked)
                ->get(['slug', 'name'])
            as $customer
        ) {
            $customers->add((string) $customer->slug, (string) $customer->name);
        }
        $this->reader->prepare($customers->all($asked), $house);

        return static function (array $task) use ($kinds, $customers): array {
            $kind = is_string($task['kind'] ?? null) ? $task['kind'] : '';
            $customer = is_string($task['customer'] ?? null) ? $task['customer'] : '';

            return array_filter(
                [
                    'kind' => $kinds[mb_strtolower($kind)] ?? $kind,
                    'customer' => $customers->one($customer, '/customer'),
                ] + $task,
                static fn(mixed $value): bool => $value !== '',
            );
        };
    }

    private function house(): HouseAt
    {
        return $this->house ??= $this->houses->now();
    }

    /** @return array<string, Field> that tasks come with */
    private function fields(): array
    {
        return array_filter(
            $this->house()->snapshot->catalogue->fields,
            static fn(Field $field): bool => Assignment::isSettable($field->path) && !$field->retired,
        );
    }
}

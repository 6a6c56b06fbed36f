<?php

declare(strict_types=1);

namespace App\Intake;

use App\Access\RequestKey;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Models\House\TableImport;
use App\Models\Tasks\TaskSource;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use App\Tables\SeenKeys;
use DateTimeZone;
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

    private const PLAIN = ['title', 'kind', 'customer', 'contact', 'description', 'priority'];

    /** Moments, each with the time of a day that has none. */
    private const MOMENTS = ['start' => '00:00', 'due' => '23:59'];

    private const MOST = 5_000;

    /** What faults call otherwise than columns. */
    private const PLACES = ['estimate' => 'minutes'];

    private ?HouseAt $house = null;

    private readonly SeenKeys $seen;

    public function __construct(
        private readonly Houses $houses,
        private readonly IncomingTaskReader $reader,
        private readonly TakeInTask $takeIn,
    ) {
        $this->seen = new SeenKeys();
    }

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
        $zone = new DateTimeZone($this->house()->snapshot->roster->house->zone()->name);
        foreach (array_intersect_key(self::MOMENTS, $cells) as $column => $usual) {
            $document[$column] = $cells[$column]->moment($zone, $usual);
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
        $piece = new TasksPiece($rows, $house, $this->reader);

        return array_map(function (ImportRow $row) use ($house, $piece): ImportVerdict {
            $label = TasksPiece::title($row);
            try {
                $this->reader->read(Node::root($piece->task($row)), TaskSource::Table, $house);
                $this->seen->add($row);
                $what = $piece->isThere($row) ? ImportVerdict::SAME : ImportVerdict::MAKES;

                return new ImportVerdict($row->line, $what, $label);
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $label, $error, self::PLACES);
            }
        }, $rows);
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        $user = $import->user()->firstOrFail();
        $piece = new TasksPiece($rows, $this->house(), $this->reader);

        return array_map(function (ImportRow $row) use ($user, $piece, $import): ImportVerdict {
            $label = TasksPiece::title($row);
            $key = $row->key();
            if ($piece->isThere($row)) {
                return new ImportVerdict($row->line, ImportVerdict::SAME, $label);
            }
            try {
                $task = $piece->task($row);
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

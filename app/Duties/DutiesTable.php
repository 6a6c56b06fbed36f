<?php

declare(strict_types=1);

namespace App\Duties;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Models\House\TableImport;
use App\Tables\Cell;
use App\Tables\ImportKind;
use App\Tables\ImportRow;
use App\Tables\ImportVerdict;
use Illuminate\Support\Arr;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\Node;

/**
 * Standing duties as a table: a line for each, by its id, or by its name where it has none. One that is there already
 * is changed, and what is empty stays as it is, so that a table that goes out comes in again and changes nothing.
 */
final class DutiesTable implements ImportKind
{
    /** Column by the member of a duty's document that it says. */
    public const MEMBERS = [
        'id' => 'id',
        'name' => 'name',
        'task/kind' => 'kind',
        'task/title' => 'title',
        'task/details' => 'details',
        'task/estimate' => 'minutes',
        'task/checklist' => 'checklist',
        'task/customer' => 'customer',
        'task/tags' => 'tags',
        'give/pool/people' => 'people',
        'give/pool/team' => 'team',
        'comes/rule' => 'rule',
        'comes/after_last' => 'after_last',
        'comes/from' => 'from',
        'appears' => 'appears',
        'due' => 'due',
        'off_day' => 'off_day',
        'still_open' => 'still_open',
        'catch_up' => 'catch_up',
        'until' => 'until',
        'count' => 'count',
    ];

    /** What a heading may call them besides. */
    private const CALLED = [
        'name' => ['duty', 'standing duty'],
        'kind' => ['kind of task'],
        'title' => ['title of the task'],
        'people' => ['goes to'],
        'rule' => ['comes'],
        'from' => ['first date'],
    ];

    private const MOST = 500;

    public function __construct(private readonly SnapshotSource $snapshots, private readonly SaveDuty $save) {}

    public static function code(): string
    {
        return 'duties';
    }

    public static function most(): int
    {
        return self::MOST;
    }

    public function columns(): array
    {
        $columns = [];
        foreach (self::MEMBERS as $column) {
            $columns[$column] = self::CALLED[$column] ?? [];
        }

        return $columns;
    }

    public function needed(): array
    {
        return [['id', 'name']];
    }

    public function document(array $cells): array
    {
        $said = [];
        foreach (self::MEMBERS as $member => $column) {
            if (isset($cells[$column])) {
                $said[str_replace('/', '.', $member)] = self::value($column, $cells[$column]);
            }
        }
        $document = [];
        foreach (Arr::undot($said) as $member => $value) {
            $document[(string) $member] = $value;
        }

        return $document;
    }

    public function look(array $rows): array
    {
        $house = $this->snapshots->current();
        $piece = new DutiesPiece($rows, $house);
        $lines = [];

        return array_map(static function (ImportRow $row) use ($house, $piece, &$lines): ImportVerdict {
            try {
                $id = DutiesPiece::id($row);
                if (isset($lines[$id])) {
                    throw DocumentError::at('/id', 'This duty is in line {line} as well.', line: $lines[$id]);
                }
                $lines[$id] = $row->line;

                return self::verdict($row, Node::root($piece->duty($row)), $piece, $house);
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $row->text('name'), $error, self::MEMBERS);
            }
        }, $rows);
    }

    public function carryOut(array $rows, TableImport $import): array
    {
        $by = Actor::user($import->user()->firstOrFail());
        $house = $this->snapshots->current();
        $piece = new DutiesPiece($rows, $house);

        return array_map(function (ImportRow $row) use ($by, $house, $piece): ImportVerdict {
            try {
                $document = Node::root($piece->duty($row));
                $verdict = self::verdict($row, $document, $piece, $house);
                if ($verdict->what !== ImportVerdict::SAME) {
                    ($this->save)($document, $piece->there($row)->revision ?? 0, $by);
                }

                return $verdict;
            } catch (DocumentError $error) {
                return ImportVerdict::wrong($row->line, $row->text('name'), $error, self::MEMBERS);
            }
        }, $rows);
    }

    /** @throws DocumentError with all that is wrong with the duty */
    private static function verdict(ImportRow $row, Node $document, DutiesPiece $piece, Snapshot $house): ImportVerdict
    {
        $duty = ReadDuty::ofCustomers($document, $house, $piece->isCustomer(...));
        $there = $piece->there($row);

        return new ImportVerdict(
            $row->line,
            match (true) {
                $there === null => ImportVerdict::MAKES,
                DutyFormat::write($duty) === $there->document => ImportVerdict::SAME,
                default => ImportVerdict::CHANGES,
            },
            $duty->name,
        );
    }

    /** @throws DocumentError */
    private static function value(string $column, Cell $cell): mixed
    {
        return match ($column) {
            'minutes' => "PT{$cell->whole()}M",
            'tags', 'people' => $cell->listed(),
            'from', 'until' => $cell->day(),
            'count' => $cell->whole(),
            default => $cell->text,
        };
    }
}

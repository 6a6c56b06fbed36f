<?php

declare(strict_types=1);

namespace App\RuleTables;

use App\Bridge\Snapshot;
use App\Explain\HouseWords;
use App\Tables\Cell;
use App\Tables\Table;
use App\Tables\TableWriter;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Table\RuleCell;
use OpenBaton\Core\Table\RuleRow;

/** Rules that are alike as a table: a row for each, a column for each of their values. */
final readonly class RuleTable
{
    public const MOST_ROWS = 1_000;

    private const NAME = 'name';

    private CellText $texts;

    /** @var array<string, RuleCell> by pointer */
    private array $cells;

    /** @param array<array-key, mixed> $rule one of them */
    public function __construct(private array $rule, private Snapshot $house, HouseWords $words)
    {
        $this->texts = new CellText($words, $house);
        $this->cells = RuleRow::of($rule)->cells;
    }

    /** @return array<string, string> what each column is called, each otherwise, by pointer */
    public function columns(): array
    {
        $columns = $seen = [];
        foreach ($this->cells as $pointer => $cell) {
            $label = $this->texts->label($cell);
            $seen[$label] = ($seen[$label] ?? 0) + 1;
            $columns[$pointer] = $seen[$label] === 1 ? $label : "{$label} {$seen[$label]}";
        }

        return $columns;
    }

    /**
     * @param list<array<array-key, mixed>> $rules alike
     * @param string                        $name  what the column of names is called
     */
    public function write(array $rules, string $name, TableWriter $table): void
    {
        $rows = array_map(static fn(array $rule): array => RuleRow::of($rule)->cells, $rules);
        $columns = self::varying($rows, $this->columns());
        $table->line([$name, ...array_values($columns)]);
        foreach ($rows as $place => $cells) {
            $table->line([
                $rules[$place]['name'] ?? '',
                ...array_map(fn(string $pointer): string => $this->texts->text($cells[$pointer]), array_keys($columns)),
            ]);
        }
    }

    /**
     * @param string $name what the column of names is called
     *
     * @return list<array{name: string|null, values: array<string, mixed>}> by pointer, of the columns that are there
     *
     * @throws DocumentError with the line and the column of all that is wrong; nothing is read then
     */
    public function read(string $bytes, string $name): array
    {
        $table = Table::of($bytes);
        $columns = [self::NAME => [mb_strtolower($name)]];
        foreach ($this->columns() as $pointer => $label) {
            $columns[$pointer] = [$label];
        }
        $faults = new Faults();
        $rows = [];
        $notation = $table->notation();
        foreach ($table->rows($columns, [array_keys($columns)], self::MOST_ROWS) as $line => $texts) {
            $cells = [];
            foreach (array_filter($texts, static fn(string $text): bool => $text !== '') as $column => $text) {
                $label = $column === self::NAME ? $name : $columns[$column][0];
                $cells[$column] = new Cell($text, $line, $label, $notation);
            }
            $row = $faults->collect(fn(): array => $this->row($cells));
            if ($row !== null) {
                $rows[] = $row;
            }
        }
        $faults->throwIfAny();

        return $rows;
    }

    /**
     * @param array<string, Cell> $cells
     *
     * @return array{name: string|null, values: array<string, mixed>}
     *
     * @throws DocumentError
     */
    private function row(array $cells): array
    {
        $faults = new Faults();
        $values = [];
        foreach (array_intersect_key($this->cells, $cells) as $pointer => $cell) {
            $values[$pointer] = $faults->collect(fn(): mixed => $this->texts->value($cell, $cells[$pointer]));
        }
        $faults->throwIfAny();
        $this->check($values, $cells);
        $name = $cells[self::NAME]->text ?? null;

        return ['name' => $name === null ? null : mb_substr($name, 0, TextLimits::NAME), 'values' => $values];
    }

    /**
     * Whether the rule can be read with these values in it.
     *
     * @param array<string, mixed> $values
     * @param array<string, Cell>  $cells
     *
     * @throws DocumentError what is wrong with a value, at its line and column
     */
    private function check(array $values, array $cells): void
    {
        try {
            (new RuleFormat($this->house->ruleContext()))->read(Node::root(RuleRow::with($this->rule, $values)));
        } catch (DocumentError $error) {
            $wrong = [];
            foreach ($error->faults as $fault) {
                foreach ($cells as $pointer => $cell) {
                    // What the row does not bring is wrong, or unfinished, without it, too.
                    if ($fault->pointer === $pointer || str_starts_with($fault->pointer, "{$pointer}/")) {
                        $wrong[] = new Fault($cell->place(), $fault->message, slots: $fault->slots);
                    }
                }
            }
            if ($wrong !== []) {
                throw new DocumentError($wrong);
            }
        }
    }

    /**
     * @param list<array<string, RuleCell>> $rows
     * @param array<string, string>         $columns
     *
     * @return array<string, string> those in which rows differ; of a single row all that have a value
     */
    private static function varying(array $rows, array $columns): array
    {
        return array_filter(
            $columns,
            static function (string $pointer) use ($rows): bool {
                $values = array_map(static fn(array $cells): mixed => $cells[$pointer]->value, $rows);

                return count($rows) === 1 ? $values[0] !== null : count(array_unique($values, SORT_REGULAR)) > 1;
            },
            ARRAY_FILTER_USE_KEY,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\RuleTables;

use App\Bridge\Snapshot;
use App\Explain\HouseWords;
use App\Tables\Cell;
use App\Tables\Names;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Parameter\Control;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Table\RuleCell;

/** A value of a rule as the cell of a table: as people call it, lists parted by semicolons, times in minutes. */
final readonly class CellText
{
    private const BETWEEN = '; ';

    public function __construct(private HouseWords $words, private Snapshot $house) {}

    /** What a column is called. */
    public function label(RuleCell $cell): string
    {
        $say = $this->words->words;
        if ($cell->field === null) {
            return $say->say("parameter.{$cell->parameter?->name}.label");
        }
        $field = $this->words->field($cell->field);
        $operator = OperatorList::find((string) $cell->operator);

        return $operator === null || in_array($operator->code(), ['is', 'one_of'], true)
            ? $field
            : $field . ' ' . trim($say->say("operator.{$operator->code()}", ['value' => '', 'value_count' => 0]));
    }

    public function text(RuleCell $cell): string
    {
        $labels = $this->labels($cell);
        $one = function (mixed $value) use ($cell, $labels): string {
            return match (true) {
                is_bool($value) => $labels[$value ? 'true' : 'false'] ??
                    $this->words->words->say($value ? 'value.yes' : 'value.no'),
                !is_scalar($value) => '',
                self::isDuration($cell, $this->field($cell)) => (string) Duration::parse((string) $value),
                default => $labels[(string) $value] ?? (string) $value,
            };
        };

        return is_array($cell->value) ? implode(self::BETWEEN, array_map($one, $cell->value)) : $one($cell->value);
    }

    /**
     * @param Cell $given that is not empty
     *
     * @return mixed as documents have it; what is not known stays as it is written, and is refused where it is read
     *
     * @throws DocumentError
     */
    public function value(RuleCell $cell, Cell $given): mixed
    {
        if (!$this->isList($cell)) {
            return $this->one($cell, $given);
        }

        return array_map(fn(string $one): mixed => $this->one($cell, $given->saying($one)), $given->listed());
    }

    private function one(RuleCell $cell, Cell $given): mixed
    {
        $field = $this->field($cell);
        $control = self::controlOf($cell);
        $labels = $this->labels($cell);
        if ($field?->type === FieldType::YesNo || $control === Control::YesNo) {
            $found = array_search(mb_strtolower($given->text), array_map(mb_strtolower(...), $labels), true);

            return $found === false ? $given->yes() : $found === 'true';
        }
        if ($labels !== []) {
            $names = new Names();
            foreach ($labels as $value => $label) {
                $names->add((string) $value, $label);
            }

            return $names->one($given->text, $given->place());
        }

        return match (true) {
            self::isDuration($cell, $field) => ctype_digit($given->text)
                ? Duration::format($given->whole())
                : $given->text,
            $control === Control::WholeNumber => $given->whole(),
            $control === Control::Date, $field?->type === FieldType::Date => $this->day($cell, $given),
            in_array($field?->type, [FieldType::Number, FieldType::Money], true) => $given->number(),
            default => $given->text,
        };
    }

    /** A date, or how many days it is to be away. */
    private function day(RuleCell $cell, Cell $given): string|int
    {
        $isDays = OperatorList::find((string) $cell->operator)?->shape() === OperandShape::Days;

        return match (true) {
            !$isDays => $given->day(),
            ctype_digit($given->text) => $given->whole(),
            default => $given->text,
        };
    }

    private function field(RuleCell $cell): ?Field
    {
        return $cell->field === null ? null : $this->house->catalogue->any($cell->field);
    }

    private function isList(RuleCell $cell): bool
    {
        return $cell->parameter?->type instanceof ListOf ||
            in_array(
                OperatorList::find((string) $cell->operator)?->shape(),
                [OperandShape::Several, OperandShape::Pair, OperandShape::FromTo],
                true,
            ) ||
            ($cell->operator === null && $this->field($cell)?->type->isList() === true);
    }

    private static function isDuration(RuleCell $cell, ?Field $field): bool
    {
        return $field?->type === FieldType::Duration || self::controlOf($cell) === Control::Minutes;
    }

    private static function controlOf(RuleCell $cell): ?Control
    {
        $type = self::typeOf($cell);

        return $type === null ? null : $type::control();
    }

    /** Of a list, of what it holds. */
    private static function typeOf(RuleCell $cell): ?ParameterType
    {
        $type = $cell->parameter?->type;

        return $type instanceof ListOf ? $type->of : $type;
    }

    /** @return array<array-key, string> what people call each value; none where there is no choice */
    private function labels(RuleCell $cell): array
    {
        $field = $this->field($cell);
        if ($field !== null) {
            return match (true) {
                OperatorList::find((string) $cell->operator)?->shape() === OperandShape::Team => $this->teams(),
                $field->type === FieldType::Person => $this->people(),
                default => $field->options,
            };
        }
        $type = self::typeOf($cell);

        return match (self::controlOf($cell)) {
            Control::Person => $this->people(),
            Control::Team => $this->teams(),
            Control::Skill => $this->house->roster->skills,
            Control::Checklist => array_map(
                static fn(Checklist $list): string => $list->name,
                $this->house->checklists,
            ),
            Control::TaskKind => $this->house->catalogue->find(TaskKindReference::FIELD)->options ?? [],
            Control::Field, Control::SettableField => array_map(
                static fn(Field $one): string => $one->label,
                $this->house->catalogue->fields,
            ),
            Control::Choice => $this->said(
                $cell,
                array_filter((array) ($type?->bounds()['values'] ?? []), is_string(...)),
            ),
            Control::YesNo => $this->said($cell, ['true', 'false']),
            default => [],
        };
    }

    /**
     * @param array<string> $codes
     *
     * @return array<array-key, string>
     */
    private function said(RuleCell $cell, array $codes): array
    {
        $said = [];
        foreach ($codes as $code) {
            $said[$code] = $this->words->words->say("parameter.{$cell->parameter?->name}.{$code}");
        }

        return $said;
    }

    /** @return array<array-key, string> */
    private function people(): array
    {
        return array_map(static fn(Person $person): string => $person->name, $this->house->roster->people);
    }

    /** @return array<array-key, string> */
    private function teams(): array
    {
        return array_map(static fn(Team $team): string => $team->name, $this->house->roster->teams);
    }
}

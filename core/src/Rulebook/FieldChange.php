<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\Operator\Plain;

/** Which changes of a field are meant. */
final readonly class FieldChange
{
    /**
     * @param string|int|float|bool|null $from null: whatever it was
     * @param string|int|float|bool|null $to   null: whatever it is
     */
    public function __construct(
        public Field $field,
        public FieldChangeHow $how = FieldChangeHow::Any,
        public string|int|float|bool|null $from = null,
        public string|int|float|bool|null $to = null,
    ) {}

    public function isIn(Facts $facts): bool
    {
        $before = $facts->valueBefore($this->field->path);
        $after = $facts->value($this->field->path);
        if (Plain::same($before, $after, $this->field->type)) {
            return false;
        }

        return match ($this->how) {
            FieldChangeHow::Any => true,
            FieldChangeHow::Filled => Plain::isMissing($before) && !Plain::isMissing($after),
            FieldChangeHow::Emptied => !Plain::isMissing($before) && Plain::isMissing($after),
            FieldChangeHow::Values => $this->matches($this->from, $before) && $this->matches($this->to, $after),
        };
    }

    private function matches(string|int|float|bool|null $wanted, mixed $value): bool
    {
        return $wanted === null || Plain::same($wanted, $value, $this->field->type);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Subject\Subject;

final readonly class FieldSet implements Effect
{
    /** @param string|int|float|bool|list<string> $value of the field's type */
    public function __construct(public Field $field, public string|int|float|bool|array $value) {}

    public static function code(): string
    {
        return 'field_set';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->keeps($this->field->path) ? $subject->withField($this->field->path, $this->value) : $subject;
    }

    public function write(): array
    {
        return ['field' => $this->field->path, 'value' => ValueCodec::write($this->value, $this->field->type)];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Field;

final readonly class FieldValue
{
    /** @param string|int|float|bool|list<string> $value of the field's type */
    public function __construct(public Field $field, public string|int|float|bool|array $value) {}
}

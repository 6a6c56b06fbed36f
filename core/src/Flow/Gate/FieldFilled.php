<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\Parameter;

/** A field of the case, or of its customer, has a value; the owner sees to it. */
final readonly class FieldFilled implements Gate
{
    /** @param string $field path */
    public function __construct(public string $field) {}

    public static function kind(): string
    {
        return 'field_filled';
    }

    public static function parameters(): array
    {
        return [Parameter::required('field', new FieldReference(null))];
    }

    public function missing(CaseView $case, string $stage): array
    {
        return in_array($case->facts->value($this->field), [null, '', []], true)
            ? [new Missing(self::kind(), $this->field, $case->ownerId)]
            : [];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\FieldChangeType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\Trigger;

/** The value of a field differs from before; what a task arrives with was missing before. */
final readonly class FieldChanges implements OfSeveral
{
    use OnSeveral;

    public function __construct(public FieldChange $change, public ?SubjectKind $of = null) {}

    public static function kind(): string
    {
        return 'field_changes';
    }

    public static function subjects(): array
    {
        return SubjectKind::KEPT;
    }

    public static function parameters(): array
    {
        return [Parameter::required('change', new FieldChangeType()), self::of()];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && $this->change->isIn($change->facts);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return !$change->has(Trigger::class) && $change->facts->changed() !== [];
    }
}

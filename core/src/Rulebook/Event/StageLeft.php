<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\ChangeSet;

/** It leaves one of these stages; closing in one counts. */
final readonly class StageLeft implements EventKind, CaseOnly
{
    /** @param non-empty-list<string> $stages as the field of the stage has them */
    public function __construct(public array $stages) {}

    public static function kind(): string
    {
        return 'stage_left';
    }

    public static function parameters(): array
    {
        return [Parameter::required('stages', new ListOf(new OptionReference(CaseFields::STAGE)))];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && in_array($change->caseBefore()?->stagePath(), $this->stages, true);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->caseBefore()?->isOpen() === true &&
            ($change->case()?->isOpen() === false || $change->caseBefore()->stage() !== $change->case()?->stage());
    }
}

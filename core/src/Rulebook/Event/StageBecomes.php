<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\ChangeSet;

/** It enters one of these stages; opening in one counts. */
final readonly class StageBecomes implements EventKind, CaseOnly
{
    /**
     * @param non-empty-list<string> $stages as the field of the stage has them
     * @param list<string>|null      $from   null: from any
     */
    public function __construct(public array $stages, public ?array $from = null) {}

    public static function kind(): string
    {
        return 'stage_becomes';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('stages', new ListOf(new OptionReference(CaseFields::STAGE))),
            Parameter::optional('from', new ListOf(new OptionReference(CaseFields::STAGE)), null),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) &&
            in_array($change->case()?->stagePath(), $this->stages, true) &&
            ($this->from === null || in_array($change->caseBefore()?->stagePath(), $this->from, true));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->case()?->isOpen() === true &&
            ($change->caseBefore()?->isOpen() !== true || $change->caseBefore()->stage() !== $change->case()->stage());
    }
}

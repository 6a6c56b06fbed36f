<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\CaseOnly;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\ChangeSet;

/** It is closed, with one of these outcomes. */
final readonly class CaseCloses implements EventKind, CaseOnly
{
    /** @param list<string>|null $outcomes as the field of the outcome has them; null: any */
    public function __construct(public ?array $outcomes = null) {}

    public static function kind(): string
    {
        return 'case_closes';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('outcomes', new ListOf(new OptionReference(CaseFields::OUTCOME)), null)];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) &&
            ($this->outcomes === null || in_array($change->case()?->outcomePath(), $this->outcomes, true));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->caseBefore()?->isOpen() === true && $change->case()?->isOpen() === false;
    }
}

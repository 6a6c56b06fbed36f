<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

/** What is to be done about a date of a duty that has come. */
final readonly class DutyAct
{
    /**
     * @param DutyMissed|null $missed why no task is made for it; null: one is made
     * @param list<string>    $drops  ids of tasks that are dropped before
     */
    public function __construct(public DutyDate $date, public ?DutyMissed $missed = null, public array $drops = []) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What happens for one rule alone: its timer, its button, or that a person applies it. */
final readonly class Trigger implements Happened
{
    /** A person has the rule act on the task, whatever it waits for. */
    public const APPLIED = 'applied';

    /**
     * @param string $kind   of the event, or APPLIED
     * @param string $ruleId the only rule that it is for
     * @param int    $due    instant for which it was meant
     */
    public function __construct(public string $kind, public string $ruleId, public int $due) {}
}

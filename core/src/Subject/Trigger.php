<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What happens for one rule alone: its timer, or its button. */
final readonly class Trigger implements Happened
{
    /**
     * @param string $kind   of the event
     * @param string $ruleId the only rule that it is for
     * @param int    $due    instant for which it was meant
     */
    public function __construct(public string $kind, public string $ruleId, public int $due) {}
}

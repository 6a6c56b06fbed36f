<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\Subject;

/** What a follow-up sees: the change, and the task as it is by its turn. */
final readonly class Situation
{
    /**
     * @param Subject     $subject with whoever got it, and with the effects of the follow-ups before
     * @param string|null $ruleId  of the rule whose follow-up it is
     */
    public function __construct(
        public ChangeSet $change,
        public Subject $subject,
        public Roster $roster,
        public TaskCatalogue $taskCatalogue,
        public ?string $ruleId = null,
    ) {}

    /** The values of the task by its turn. */
    public function facts(): Facts
    {
        return new Facts(
            StateFields::seen($this->subject, $this->roster->house->zone()),
            $this->change->facts->today,
            together: $this->subject->sharing->withIds ?? [],
            kin: $this->change->facts->kin,
        );
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** What a follow-up sees: the change, and the subject, with its case, as they are by its turn. */
final readonly class Situation
{
    /**
     * @param Subject         $subject with whoever got it, and with the effects of the follow-ups before
     * @param string|null     $ruleId  of the rule whose follow-up it is
     * @param CaseAtHand|null $case    that it is about, or that the task belongs to
     */
    public function __construct(
        public ChangeSet $change,
        public Subject $subject,
        public Roster $roster,
        public TaskCatalogue $taskCatalogue,
        public ?string $ruleId = null,
        public ?CaseAtHand $case = null,
    ) {}

    /** @return array<string, string|int|float|bool|list<string>> what is made for its subject has of it, by path */
    public function carried(): array
    {
        return $this->subject->carried($this->roster->house->zone());
    }

    /** How many runs need not be over for what is done, since it is a step of theirs that does it. */
    public function ownRuns(): int
    {
        return $this->change->own !== null && $this->change->own->id === $this->ruleId ? 1 : 0;
    }

    /** The values of its subject by its turn. */
    public function facts(): Facts
    {
        return new Facts(
            $this->subject->seen($this->roster->house->zone()),
            $this->change->facts->today,
            together: array_slice($this->subject->holderIds(), 1),
            kin: $this->change->facts->kin,
        );
    }
}

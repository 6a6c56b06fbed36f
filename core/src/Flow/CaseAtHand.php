<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\Effect\Effect;

/** The case that a decision is about, or whose task it is about, as it is by now, with what its gates look at. */
final readonly class CaseAtHand
{
    public function __construct(public CaseSubject $case, private CaseRecords $records, private ChangeFacts $facts) {}

    /** As an effect leaves it. */
    public function after(Effect $effect): self
    {
        return new self($effect->on($this->case), $this->records, $this->facts);
    }

    /** @param int $at instant */
    public function view(int $at): CaseView
    {
        $since = $this->case->stays->current()->enteredAt;

        return new CaseView(
            $this->facts->of(null, $this->case, $at),
            $this->case->holderId,
            $this->records->needed(),
            array_filter(
                $this->records->approvals(),
                static fn(Approval $approval): bool => $approval->askedAt >= $since,
            ),
            $this->records->runsFinished($since),
        );
    }

    /** @return list<string> ids of people who own it, owned it last, or have done something in it */
    public function workers(): array
    {
        return array_values(array_unique([...$this->case->lastHands(), ...$this->records->workers()]));
    }
}

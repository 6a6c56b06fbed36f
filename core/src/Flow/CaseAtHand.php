<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use Closure;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\Effect\Effect;

/** The case that a decision is about, or whose task it is about, as it is by now, with what its gates look at. */
final readonly class CaseAtHand
{
    /** @param Closure(): list<NeededTask> $needed those that are open; asked where a gate is to look at them */
    public function __construct(public CaseSubject $case, private Closure $needed, private ChangeFacts $facts) {}

    /** As an effect leaves it. */
    public function after(Effect $effect): self
    {
        return new self($effect->on($this->case), $this->needed, $this->facts);
    }

    /** @param int $at instant */
    public function view(int $at): CaseView
    {
        return new CaseView($this->facts->of(null, $this->case, $at), $this->case->holderId, ($this->needed)());
    }
}

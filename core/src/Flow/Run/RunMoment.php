<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Time\WorkingHours;
use WeakMap;

/** The moment at which a run goes on: what conditions and waits look at. */
final readonly class RunMoment
{
    /**
     * @param int          $at      instant
     * @param Facts        $facts   of the subject of the run and its customer
     * @param Subject|null $subject null: the run is of nothing
     * @param WeakMap<Condition, bool>|null $supposed whether conditions hold of which that is said, and not asked
     */
    public function __construct(
        public int $at,
        public Facts $facts,
        public WorkingHours $house,
        private ?Subject $subject = null,
        private ?WeakMap $supposed = null,
    ) {}

    /** The same subject at another instant. */
    public function at(int $instant): self
    {
        return new self($instant, $this->facts, $this->house, $this->subject, $this->supposed);
    }

    /** @param array<string, ApprovalOutcome> $answers by step */
    public function holds(Condition $condition, array $answers): bool
    {
        return $this->supposed[$condition] ?? $condition->compiled()->holds(RunFields::knowing($this->facts, $answers));
    }

    /** @return int|null instant; null: what it hangs on is empty */
    public function follows(Follow $follow): ?int
    {
        return $this->subject === null ? null : $follow->instant($this->subject, $this->house);
    }
}

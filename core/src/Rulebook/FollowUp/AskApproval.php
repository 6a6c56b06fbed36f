<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\ApprovalTask;
use OpenBaton\Core\Flow\ApprovalWay;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Effect\ApprovalAsked;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Time\WorkingTime;

/** Asks people whether they approve of the task or the case; whoever has worked on it is not asked. */
final readonly class AskApproval implements ActsBeyond, ActsOnCase, WorkOnly
{
    private const DETAILS = 2000;

    /**
     * @param string           $approval name, by which gates and rules know it
     * @param int              $least    of ApprovalWay::AtLeast: how many have to say yes
     * @param WorkingSpan|null $within   working time of the house after which it is over without an answer; null: never
     * @param bool             $anybody  whoever has worked on it may answer, too
     */
    public function __construct(
        public string $approval,
        public Pool $people,
        public ApprovalWay $way = ApprovalWay::All,
        public int $least = 2,
        public ?MergedText $details = null,
        public ?WorkingSpan $within = null,
        public bool $anybody = false,
    ) {}

    public static function kind(): string
    {
        return 'ask_approval';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('approval', new ShortText(TextLimits::LABEL)),
            Parameter::required('people', new PartOf(Family::Pool)),
            Parameter::optional('way', new Choice(ApprovalWay::class), ApprovalWay::All),
            Parameter::optional('least', new WholeNumber(1, ApprovalRule::MOST), 2),
            Parameter::optional('details', new MergedTextType(self::DETAILS, false), null),
            Parameter::optional('within', new WorkingSpanType(), null),
            Parameter::optional('anybody', new YesNo(), false),
        ];
    }

    /** It looks at who has worked in the case. */
    public function actsOnCase(): bool
    {
        return true;
    }

    public function effect(Situation $situation): Effect
    {
        $facts = $situation->facts();
        $at = $situation->change->at;
        $approval = Approval::ask(
            $this->way->rule($this->least),
            array_slice(Membership::ids($this->people->members($situation->roster, $facts)), 0, ApprovalRule::MOST),
            new Approvers($situation->roster, $this->anybody ? [] : self::barred($situation), $at, $facts),
            $at,
            $this->latest($situation, $at),
        );
        $details = $this->details?->fill($facts, $situation->taskCatalogue->words);
        $minutes = $situation->taskCatalogue->kinds[ApprovalTask::KIND]->usualMinutes ?? 0;
        $tasks = [];
        foreach ($approval->asks() as $place) {
            $tasks[$place] = ApprovalTask::of(
                $situation->subject,
                $situation->carried(),
                $this->approval,
                $details,
                $approval->places[$place],
                $approval,
                $at,
                $minutes,
                $situation->ruleId,
            );
        }

        return new ApprovalAsked(
            $situation->subject->id,
            $this->approval,
            $details,
            $approval,
            $tasks,
            $situation->ruleId,
        );
    }

    /** @return list<string> who has worked on it, by id */
    private static function barred(Situation $situation): array
    {
        return $situation->subject instanceof CaseSubject
            ? $situation->case?->workers() ?? []
            : $situation->subject->lastHands();
    }

    private function latest(Situation $situation, int $at): ?int
    {
        try {
            return $this->within?->after($at, new WorkingTime($situation->roster->house));
        } catch (NoWorkingTime) {
            return null;
        }
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\ApprovalWay;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\StepReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\WorkingSpan;

/** Asks people whether they approve; done when the answer is certain, whatever it is. */
final readonly class ApprovalStep implements StepKind
{
    private const DETAILS = 2000;

    /**
     * @param int              $least      of ApprovalWay::AtLeast: how many have to say yes
     * @param WorkingSpan|null $within     working time of the house after which it is over without an answer
     * @param bool             $anybody    whoever has worked on it may answer, too
     * @param AfterNo          $unanswered where nobody has answered in time, or nobody can
     * @param string|null      $backTo     key of a step, for AfterNo::Back
     */
    public function __construct(
        public Pool $people,
        public ApprovalWay $way = ApprovalWay::All,
        public int $least = 2,
        public ?MergedText $details = null,
        public ?WorkingSpan $within = null,
        public bool $anybody = false,
        public AfterNo $no = AfterNo::GoOn,
        public AfterNo $unanswered = AfterNo::GoOn,
        public ?string $backTo = null,
    ) {
        if (($backTo !== null) !== in_array(AfterNo::Back, [$no, $unanswered], true)) {
            throw new Refusal('Name the step to which it goes back where it does, and not otherwise.');
        }
    }

    public static function kind(): string
    {
        return 'approval';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('people', new PartOf(Family::Pool)),
            Parameter::optional('way', new Choice(ApprovalWay::class), ApprovalWay::All),
            Parameter::optional('least', new WholeNumber(1, ApprovalRule::MOST), 2),
            Parameter::optional('details', new MergedTextType(self::DETAILS, false), null),
            Parameter::optional('within', new WorkingSpanType(), null),
            Parameter::optional('anybody', new YesNo(), false),
            Parameter::optional('no', new Choice(AfterNo::class), AfterNo::GoOn),
            Parameter::optional('unanswered', new Choice(AfterNo::class), AfterNo::GoOn),
            Parameter::optional('back_to', new StepReference(), null),
        ];
    }

    public function datesHangOn(): array
    {
        return [];
    }
}

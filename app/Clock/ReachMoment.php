<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Bridge\SubjectRows;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimer;

/** Has a moment of a rule come for a customer, or for the house itself. */
final readonly class ReachMoment
{
    public function __construct(private Houses $houses, private SubjectRows $subjects, private ChangeRunner $runner) {}

    /** @param int $at instant at which the clock is looked at */
    public function __invoke(Occurrence $due, RuleTimer $timer, int $at): void
    {
        DB::transaction(function () use ($due, $timer, $at): void {
            $locked = $this->houses->lock();
            $row = $due->about() === SubjectKind::House ? null : SubjectRows::customer($due->subjectId);
            $subject = $row === null ? new HouseSubject() : $this->subjects->subject($row, $locked->house);
            $kind = $timer->event::kind();
            $change = new ChangeSet(
                "moment-{$due->key}",
                $at,
                $subject,
                $subject,
                $locked->house->router()->facts->of($subject, $subject, $at),
                Cause::Timer,
                [new Trigger($kind, $timer->ruleId, $due->at)],
            );
            $this->runner->run(
                $locked,
                new Occasion($at, Cause::Timer, $kind, system: 'clock'),
                [$change],
                $row === null ? [] : [$row->id => $row],
            );
        }, attempts: 3);
    }
}

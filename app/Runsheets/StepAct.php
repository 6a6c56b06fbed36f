<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\ChangeRunner;
use App\Bridge\Occasion;
use App\Models\Approvals\Approval;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Step\ApprovalStep;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\FollowUp\AskApproval;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\ApprovalAsked;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\MoveRefused;
use OpenBaton\Core\Subject\Effect\StatusImpossible;

/** Has a step act on the subject of its run as a rule would: by a chain of its own, recorded as one of the step. */
final readonly class StepAct
{
    public function __construct(private ChangeRunner $runner) {}

    public function act(OfRun $of, FollowUp $act, RunMoment $moment): StepEnd
    {
        $effects = $this->effects($of, $act, $moment);
        $failed = array_filter(
            $effects,
            static fn(Effect $effect): bool => $effect instanceof MoveRefused || $effect instanceof StatusImpossible,
        );

        return $failed === [] ? StepEnd::Done : StepEnd::Failed;
    }

    /** @return Approval|null null: one of the name is open already */
    public function ask(OfRun $of, ApprovalStep $step, RunMoment $moment): ?Approval
    {
        $asked = array_filter(
            $this->effects(
                $of,
                new AskApproval(
                    $of->step->name,
                    $step->people,
                    $step->way,
                    $step->least,
                    $step->details,
                    $step->within,
                    $step->anybody,
                ),
                $moment,
            ),
            static fn(Effect $effect): bool => $effect instanceof ApprovalAsked,
        );

        return $asked === []
            ? null
            : Approval::query()
                ->open()
                ->where($of->hand->row->only(['task_id', 'case_id']))
                ->where('name', $of->step->name)
                ->latest('id')
                ->first();
    }

    /** @return list<Effect> as they were carried out */
    private function effects(OfRun $of, FollowUp $act, RunMoment $moment): array
    {
        $row = $of->hand->subjectRow();
        $subject = $of->hand->subjectOf($row);
        $change = new ChangeSet(
            "{$of->hand->row->id}/{$of->step->key()}/{$of->round}",
            $moment->at,
            $subject,
            $subject,
            $moment->facts,
            Cause::FollowUp,
            own: new OwnGive($of->id(), $of->step->name, acts: [$act]),
        );
        $chain = $this->runner->run(
            $of->hand->locked,
            new Occasion($moment->at, Cause::FollowUp, 'run_step', system: 'run', reason: $of->step->name),
            [$change],
            $row === null ? [] : [$row->id => $row],
        );

        return $chain->links[0]->decision->effectsOf[Decision::OWN] ?? [];
    }
}

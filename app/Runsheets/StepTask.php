<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\CustomerSource;
use App\Fields\KnownCustomer;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\OwnWay;
use App\Intake\RouteTask;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Run\Date\StepDate;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Step\TaskStep;
use OpenBaton\Core\Rulebook\OwnGive;

/** Makes the task of a step: it arrives like any other. */
final readonly class StepTask
{
    public function __construct(private CustomerSource $customers, private RouteTask $route) {}

    /** @return Task|null null: its kind is no longer there, or its case is closed */
    public function make(OfRun $of, TaskStep $step, RunMoment $moment): ?Task
    {
        $locked = $of->hand->locked;
        $house = $locked->house;
        $kind = $house->snapshot->kindNamed($step->taskKind);
        $subject = $of->hand->subjectRow();
        $case = $subject instanceof Task ? $subject->case : $subject;
        if ($kind === null || $case?->isOpen() === false) {
            return null;
        }
        $words = $house->words();
        $instant = static fn(?StepDate $date): ?int => $date?->instant($of->step->key(), $of->hand->run(), $moment);
        $incoming = new IncomingTask(
            mb_substr($step->title->fill($moment->facts, $words), 0, TextLimits::NAME),
            $kind,
            TaskSource::Run,
            $step->details === null
                ? null
                : mb_substr($step->details->fill($moment->facts, $words), 0, TextLimits::DETAILS),
            $this->customer($subject, $of),
            estimateMinutes: $step->estimate,
            startsAt: $instant($step->start),
            dueAt: $instant($step->due),
            facts: $kind->defaults,
            caseId: $case?->id,
            needed: $case !== null && ($of->step->needed || $kind->needed),
            own: new OwnWay(
                $house->snapshot->checklists[$step->checklist ?? '']->items ?? [],
                $step->give === null ? null : new OwnGive($of->id(), $of->step->name, $step->give),
                $subject?->id,
            ),
        );

        return ($this->route)($this->route->ready(new Arrival(null, null), $incoming, $house), $locked)->task;
    }

    private function customer(Task|CustomerCase|null $subject, OfRun $of): ?KnownCustomer
    {
        $slug = $subject?->customer?->slug;

        return $slug === null ? null : $this->customers->named($slug, $of->hand->locked->house);
    }
}

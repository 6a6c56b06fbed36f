<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\About;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision as DecisionRow;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Cut;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\Event\CaseOpens;
use OpenBaton\Core\Rulebook\Event\CustomerAdded;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Difference;

/** Puts down what a chain changed of each subject, what was decided upon it, and that it was cut. */
final readonly class HistoryRecorder
{
    public function __construct(private HouseAt $house, private Occasion $occasion, private ChainResult $chain) {}

    public function record(HandoffRecorder $handoffs): void
    {
        $decisions = [];
        foreach ($this->chain->links as $number => $link) {
            $from = $this->from($link);
            $cause = $from === null ? null : $decisions[$from] ?? null;
            // What is new differs from nothing in all that it has.
            $difference = $link->change->isArrival()
                ? []
                : Difference::between($link->change->before, $link->change->after, $this->house->snapshot->catalogue);
            $change = $this->isWorthARow($link, $difference) ? $this->change($link, $difference, $cause, $from) : null;
            $handoffs->changed(
                $link->change,
                $link->causedBy === null ? null : $this->chain->links[$link->causedBy]->decision,
                $cause,
            );
            if ($link->decision !== null) {
                $decisions[$number] = $this->decision($link->decision, $change);
                $handoffs->decided($link->decision, $decisions[$number]);
            }
        }
        if ($this->chain->cut !== null) {
            $this->cut($this->chain->cut);
        }
    }

    /**
     * What a decision does to its own task stands in the decision; a row of its own has what was decided upon, and what
     * happened to another task.
     *
     * @param array<string, array{mixed, mixed}> $difference
     */
    private function isWorthARow(Link $link, array $difference): bool
    {
        // How much needed work of a case is open is told by its tasks.
        if (
            $link->change->case() !== null &&
            $link->decision === null &&
            $difference === [] &&
            $link->change->happened === []
        ) {
            return false;
        }
        if ($link->causedBy === null) {
            return $link->change->cause !== Cause::Intake;
        }

        return $link->change->before !== null &&
            ($link->decision !== null ||
                $link->change->after->id !== $this->chain->links[$link->causedBy]->change->after->id);
    }

    /**
     * What a task or a case sees of a customer who has changed comes of whatever changed the customer.
     *
     * @return int|null number of the link whose decision brought it about; null: what began the chain did
     */
    private function from(Link $link): ?int
    {
        $cause = $link->causedBy === null ? null : $this->chain->links[$link->causedBy];
        $sees = $cause?->change->customer() !== null && $link->change->customer() === null;

        return $sees && !$link->change->isArrival() ? $cause->causedBy : $link->causedBy;
    }

    /** @param array<string, array{mixed, mixed}> $difference */
    private function change(Link $link, array $difference, ?DecisionRow $cause, ?int $from): TaskChange
    {
        $occasion = $this->occasion;
        $first = $from === null;

        return TaskChange::query()->create([
            ...About::subject($link->change->after)->columns(),
            'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
            'cause' => $link->change->cause,
            'occasion' => match (true) {
                $from !== $link->causedBy => 'customer_edited',
                $first => $occasion->name,
                default => 'followed',
            },
            'user_id' => $first ? $occasion->userId : null,
            'for_id' => $first ? $occasion->forId : null,
            'system' => $first ? $occasion->system : null,
            'reason' => $first ? $occasion->reason : null,
            'difference' => $difference,
            'caused_by_id' => $cause?->id,
        ]);
    }

    private function decision(Decision $decision, ?TaskChange $change): DecisionRow
    {
        $house = $this->house;
        $occasion = $this->occasion;
        $kinds = $decision->rulebook->occasions($decision->change);

        return DecisionRow::query()->create([
            ...About::subject($decision->change->after)->columns(),
            'change_id' => $change?->id,
            'event' => match (true) {
                !$decision->change->isArrival() => $kinds[0] ?? '',
                $decision->change->task() !== null => TaskArrives::kind(),
                $decision->change->case() !== null => CaseOpens::kind(),
                default => CustomerAdded::kind(),
            },
            'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
            'user_id' => $change === null ? $occasion->userId : null,
            'rulebook_version_id' => $house->state->versionId,
            'outcome' => $decision->outcome,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $house->snapshot->idOf($decision->assigneeId),
            'facts' => FactsFormat::values($decision->change->facts, $decision->rulebook->rulebook->fields),
            'record' => DecisionRecord::of($decision),
        ]);
    }

    private function cut(Cut $cut): void
    {
        $subject = $this->chain->subjects[$cut->taskId] ?? null;
        ChainCut::query()->create([
            ...$subject === null ? ['task_id' => $cut->taskId] : About::subject($subject)->columns(),
            'at' => CarbonImmutable::createFromTimestampUTC($this->occasion->at),
            'reason' => $cut->reason,
            'rules' => $cut->ruleIds,
            'rulebook_version_id' => $this->house->state->versionId,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Decision as DecisionRow;
use App\Models\Handoff;
use App\Models\HandoffCause;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;

/** Puts down each change of who holds a task, in the order in which they came about. */
final class HandoffRecorder
{
    /** @var list<Handoff> */
    private array $handoffs = [];

    public function __construct(private readonly Commit $commit) {}

    /** What the change itself altered: by a person, or by whoever made the task. */
    public function changed(ChangeSet $change, ?DecisionRow $cause): void
    {
        $before = $change->before?->holderId;
        $after = $change->after->holderId;
        // Of what follows from a decision on the same task the decision tells.
        if ($before === $after || ($cause !== null && $cause->task_id === $change->after->id)) {
            return;
        }
        $this->add($change->after->id, $before, $after, $cause === null ? $this->commit->handoff : HandoffCause::Rule, [
            'decision_id' => $cause?->id,
            'user_id' => $cause === null ? $this->commit->userId : null,
            'reason' => $cause === null ? $this->commit->reason : null,
        ]);
    }

    public function decided(Decision $decision, DecisionRow $row): void
    {
        $before = $decision->change->after->holderId;
        $after = $decision->subjectAfter()->holderId;
        if ($decision->seat !== SeatName::Holder || $decision->outcome === Outcome::Kept || $before === $after) {
            return;
        }
        $cover = $decision->standIn();
        $until = $cover?->steps[0]->awayUntil;
        $this->add($decision->change->after->id, $before, $after, HandoffCause::Rule, [
            'decision_id' => $row->id,
            'for_id' => $cover === null ? null : $this->commit->house->personIds[$cover->namedId],
            'away_until' => $until === null ? null : CarbonImmutable::createFromTimestampUTC($until),
        ]);
    }

    /** @param array<string, mixed> $more */
    private function add(string $taskId, ?string $from, ?string $to, HandoffCause $cause, array $more): void
    {
        $ids = $this->commit->house->personIds;
        $this->handoffs[] = new Handoff([
            'task_id' => $taskId,
            'from_id' => $from === null ? null : $ids[$from],
            'to_id' => $to === null ? null : $ids[$to],
            'cause' => $cause,
            'at' => CarbonImmutable::createFromTimestampUTC($this->commit->at),
        ] + $more);
    }

    public function save(): void
    {
        foreach ($this->handoffs as $handoff) {
            $handoff->save();
        }
    }
}

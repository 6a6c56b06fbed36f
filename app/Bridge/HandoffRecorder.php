<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\About;
use App\Models\Tasks\Decision as DecisionRow;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Passing;
use OpenBaton\Core\Subject\Subject;

/** Puts down each change of who has a task, a case or a customer, in the order in which they came about. */
final class HandoffRecorder
{
    /** @var list<Handoff> */
    private array $handoffs = [];

    public function __construct(private readonly Snapshot $house, private readonly Occasion $occasion) {}

    /** What the change itself altered: by a person, by whoever made the task, or because somebody is away. */
    public function changed(ChangeSet $change, ?Decision $from, ?DecisionRow $cause): void
    {
        // Of what follows from a decision on the same task the decision tells.
        if ($from?->tellsOf($change, $change->after::mainSeat()) === true) {
            return;
        }
        $this->add(
            $change->before,
            $change->after,
            match (true) {
                $change->after->covering !== null => HandoffCause::Cover,
                $cause !== null => HandoffCause::Rule,
                default => $this->occasion->handoff,
            },
            [
                'decision_id' => $cause?->id,
                'user_id' => $cause === null ? $this->occasion->userId : null,
                'reason' => $cause === null ? $this->occasion->reason : null,
            ],
        );
    }

    public function decided(Decision $decision, DecisionRow $row): void
    {
        if ($decision->seat === $decision->change->after::mainSeat() && $decision->changesSeat()) {
            $this->add($decision->change->after, $decision->subjectAfter(), HandoffCause::Rule, [
                'decision_id' => $row->id,
            ]);
        }
    }

    /** @param array<string, mixed> $more */
    private function add(?Subject $before, Subject $after, HandoffCause $cause, array $more): void
    {
        $pairs = Passing::between($before?->holderIds() ?? [], $after->holderIds());
        if ($pairs === []) {
            return;
        }
        $for = $after->covering?->forId;
        $until =
            $for === null
                ? null
                : $this->house->roster->awayUntil($for, $this->occasion->at) ??
                    $this->house->roster->absence($for, $after->covering->absenceId)?->span->to;
        foreach ($pairs as [$from, $to]) {
            $this->handoffs[] = new Handoff(
                [
                    ...About::subject($after)->columns(),
                    'from_id' => $this->house->idOf($from),
                    'to_id' => $this->house->idOf($to),
                    'together' => array_diff($after->holderIds(), [$to]) !== [],
                    'cause' => $cause,
                    'for_id' => $this->house->idOf($for),
                    'away_until' => $until === null ? null : CarbonImmutable::createFromTimestampUTC($until),
                    'at' => CarbonImmutable::createFromTimestampUTC($this->occasion->at),
                ] + $more,
            );
        }
    }

    public function save(): void
    {
        foreach ($this->handoffs as $handoff) {
            $handoff->save();
        }
    }
}

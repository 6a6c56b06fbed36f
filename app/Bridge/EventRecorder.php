<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Bridge\Outside\OutsideRecorders;
use App\DomainEvents\EventLog;
use App\DomainEvents\PersonMentioned;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\TaskChanged;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Subject;

/**
 * Writes what consumers are handed of a chain: each change, who has which task now, each once however often it went
 * round, who is mentioned, and what reaches outside.
 */
final class EventRecorder
{
    /** @var array<string, array{string, string|null, SeatChanged}> task, user and change, by task and seat */
    private array $changed = [];

    public function __construct(
        private readonly LockedHouse $locked,
        private readonly Occasion $occasion,
        private readonly EventLog $events,
    ) {}

    public function record(ChainResult $chain): void
    {
        foreach ($chain->links as $link) {
            $this->changed($link, $link->causedBy === null ? null : $chain->links[$link->causedBy]->decision);
            // Of arrivals, and of what was tried again, the decisions tell.
            if (!$link->change->isArrival() && !$link->change->isRetry()) {
                $this->events->add(
                    $link->change->after->id,
                    $this->occasion->userId,
                    new TaskChanged(ChangeFormat::write($link->change, $this->locked->house->snapshot->catalogue)),
                );
            }
            foreach ($link->change->happened as $one) {
                if ($one instanceof Mentioned) {
                    $this->events->add(
                        $link->change->after->id,
                        $this->occasion->userId,
                        new PersonMentioned($this->locked->house->snapshot->personIds[$one->whom]),
                    );
                }
            }
            if ($link->decision !== null) {
                $this->decided($link->decision);
            }
        }
        foreach ($this->changed as [$taskId, $userId, $change]) {
            if ($change->fromId !== $change->toId) {
                $this->events->add($taskId, $userId, $change);
            }
        }
        $this->events->save();
    }

    private function changed(Link $link, ?Decision $cause): void
    {
        $task = $link->change->after;
        $move = $link->causedBy === null ? $this->occasion->move : null;
        if ($move !== null) {
            $this->events->add($task->id, $this->occasion->userId, $move);
        }
        foreach (SeatName::cases() as $seat) {
            $before = $link->change->before?->occupant($seat);
            if (
                $before !== $task->occupant($seat) &&
                $move?->seat !== $seat &&
                $cause?->tellsOf($link->change, $seat) !== true
            ) {
                $this->add(
                    $seat,
                    $before,
                    $task,
                    $cause === null || !$link->change->isArrival() ? null : $this->ruleOf($task, $cause),
                );
            }
        }
    }

    private function decided(Decision $decision): void
    {
        $after = $decision->subjectAfter();
        if ($decision->changesSeat()) {
            $this->add(
                $decision->seat,
                $decision->change->after->occupant($decision->seat),
                $after,
                $decision->decidingRule()?->name,
            );
        }
        foreach ($decision->effects as $effect) {
            if ($effect instanceof ReachesOutside) {
                OutsideRecorders::of($effect)->record($effect, $after->id, $this->locked, $this->events);
            }
        }
    }

    private function add(SeatName $seat, ?string $before, Subject $after, ?string $rule): void
    {
        $house = $this->locked->house->snapshot;
        $change = new SeatChanged(
            $seat,
            $house->idOf($before),
            $house->idOf($after->occupant($seat)),
            $house->idOf($after->coveringOf($seat)?->forId),
            $rule,
        );
        $key = "{$after->id} {$seat->value}";
        $earlier = $this->changed[$key][2] ?? null;
        $this->changed[$key] = [
            $after->id,
            $rule === null ? $this->occasion->userId : null,
            $earlier?->then($change) ?? $change,
        ];
    }

    /** The name of the rule that made a task. */
    private function ruleOf(Subject $made, Decision $cause): ?string
    {
        foreach ($cause->rulebook->rulebook->rules as $rule) {
            if ($rule->id === $made->madeByRule) {
                return $rule->name;
            }
        }

        return null;
    }
}

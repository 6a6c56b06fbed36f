<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\TaskStatus;

/** When the timers of a rulebook fire for what, in a house. */
final readonly class Timers
{
    public function __construct(public RuleTimers $rules, private WorkingHours $house) {}

    /**
     * The first instant after another at which something happens to a task by
     * itself: a timer on a date fires as the date is now, or the task comes
     * back from waiting. Schedules are not among them.
     *
     * @return int|null null: there is none
     */
    public function next(Subject $subject, int $after): ?int
    {
        $after = max($after, $subject->createdAt);
        $wakes = self::wakes($subject);
        $next = $wakes !== null && $wakes > $after ? $wakes : null;
        foreach ($this->rules->onDates($subject) as $timers) {
            foreach ($timers->after($subject, $after, $this->house) as [$at]) {
                $next = min($next ?? $at, $at);
                break;
            }
        }

        return $next;
    }

    /**
     * All that happens after an instant and until another, in order of time;
     * at one instant the task comes back first, then the rules in their order.
     *
     * @param int|null $until null: whenever
     *
     * @return list<Occurrence>
     */
    public function due(Subject $subject, int $after, ?int $until = null): array
    {
        $wakes = self::wakes($subject);
        $occurrences =
            $wakes !== null && $after < $wakes && ($until === null || $wakes <= $until)
                ? [new Occurrence(hash('sha256', "wakes\n{$subject->id}\n{$wakes}"), null, $subject->id, $wakes)]
                : [];
        foreach ($this->rules->onDates($subject) as $timers) {
            foreach ($timers->after($subject, max($after, $subject->createdAt), $this->house) as [$at, $timer]) {
                if ($until !== null && $at > $until) {
                    break;
                }
                $occurrences[] = new Occurrence(
                    self::key(
                        $timer,
                        $subject->id,
                        DateMoment::hangsOn($subject, $timer->event instanceof DateReached ? $timer->event->field : ''),
                    ),
                    $timer,
                    $subject->id,
                    $at,
                );
            }
        }

        return $this->inOrder($occurrences);
    }

    /**
     * The first moment of a schedule after an instant.
     *
     * @return int|null null: there is none
     */
    public function nextMoment(RuleTimer $timer, int $after): ?int
    {
        return $timer->event instanceof Schedule
            ? $timer->event->moments()->next(max($after, $timer->since - 1), $this->house->zone())
            : null;
    }

    /**
     * That a schedule fires for a task; null: not for one that is closed, or was not there before, so that what it
     * makes never begins it again.
     */
    public function onSchedule(RuleTimer $timer, Subject $subject, int $at): ?Occurrence
    {
        return $subject->isOpen() && $subject->createdAt < $at && $timer->mayConcern($subject)
            ? new Occurrence(self::key($timer, $subject->id, (string) $at), $timer, $subject->id, $at)
            : null;
    }

    /**
     * All that fires after $since and until $until, in order of time.
     *
     * @param iterable<Subject> $subjects
     *
     * @return list<Occurrence>
     */
    public function between(iterable $subjects, int $since, int $until): array
    {
        $moments = [];
        foreach ($this->rules->schedules as $timer) {
            for (
                $at = $this->nextMoment($timer, $since);
                $at !== null && $at <= $until;
                $at = $this->nextMoment($timer, $at)
            ) {
                $moments[] = [$timer, $at];
            }
        }
        $occurrences = [];
        foreach ($subjects as $subject) {
            array_push($occurrences, ...$this->due($subject, $since, $until));
            foreach ($moments as [$timer, $at]) {
                $occurrences[] = $this->onSchedule($timer, $subject, $at);
            }
        }

        return $this->inOrder(array_values(array_filter($occurrences)));
    }

    /**
     * @param list<Occurrence> $occurrences
     *
     * @return list<Occurrence>
     */
    private function inOrder(array $occurrences): array
    {
        $place = fn(Occurrence $one): int => $one->timer === null ? -1 : $this->rules->places[$one->timer->id];
        usort(
            $occurrences,
            static fn(Occurrence $a, Occurrence $b): int => $a->at <=> $b->at ?:
            $place($a) <=> $place($b) ?:
            $a->subjectId <=> $b->subjectId,
        );

        return $occurrences;
    }

    /** @return int|null instant at which it comes back from waiting */
    private static function wakes(Subject $subject): ?int
    {
        return $subject instanceof TaskSubject && $subject->status === TaskStatus::Waiting ? $subject->wakesAt : null;
    }

    private static function key(RuleTimer $timer, string $subjectId, string $hangsOn): string
    {
        return hash('sha256', "{$timer->id}\n{$subjectId}\n{$hangsOn}");
    }
}

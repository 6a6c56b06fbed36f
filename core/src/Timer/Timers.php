<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\TaskStatus;

/** The timers of a rulebook, and when they fire for which tasks. */
final readonly class Timers
{
    /** @param array<string, RuleTimer> $all as ofRules() gives them */
    public function __construct(public array $all, private WorkingHours $house) {}

    /**
     * @param array<array-key, int> $since instant before which a timer does not fire, by its id; those that are not named have no such bound
     *
     * @return array<string, RuleTimer> by id, in the order of the rules
     */
    public static function ofRules(Rulebook $rulebook, array $since = []): array
    {
        $timers = [];
        foreach ($rulebook->rules as $rule) {
            foreach ($rule->active ? $rule->events : [] as $event) {
                if ($event instanceof DateReached || $event instanceof Schedule) {
                    $timer = RuleTimer::of($rule, $event, $rulebook->fields, $since);
                    $timers[$timer->id] = $timer;
                }
            }
        }

        return $timers;
    }

    public function named(string $id): ?RuleTimer
    {
        return $this->all[$id] ?? null;
    }

    /** @return list<RuleTimer> those that go by the calendar */
    public function schedules(): array
    {
        return array_values(array_filter($this->all, static fn(RuleTimer $timer): bool => $timer->event instanceof Schedule));
    }

    /**
     * When each timer on a date would fire for a task as it is now, and when it
     * comes back from waiting; past moments among them. Rules that ask for
     * another kind of task hang nothing on it.
     *
     * @return list<Occurrence>
     */
    public function hangingOn(Subject $subject): array
    {
        $occurrences = $subject->status === TaskStatus::Waiting && $subject->wakesAt !== null
            ? [new Occurrence(hash('sha256', "wakes\n{$subject->id}\n{$subject->wakesAt}"), null, $subject->id, $subject->wakesAt)]
            : [];
        foreach ($this->all as $timer) {
            $event = $timer->event;
            $at = $event instanceof DateReached && $timer->mayConcern($subject) ? $this->moment($event, $subject) : null;
            if ($event instanceof DateReached && $at !== null && $at >= $timer->since && $at > $subject->createdAt) {
                $occurrences[] = new Occurrence(self::key($timer, $subject->id, self::hangsOn($event->field, $subject)), $timer, $subject->id, $at);
            }
        }

        return $occurrences;
    }

    /**
     * The first moment of a schedule after an instant.
     *
     * @return int|null null: there is none
     */
    public function next(RuleTimer $timer, int $after): ?int
    {
        return $timer->event instanceof Schedule ? $timer->event->moments()->next(max($after, $timer->since - 1), $this->house->zone()) : null;
    }

    /** That a schedule fires for a task; null: not for one that is closed, or was not there before, so that what it makes never begins it again. */
    public function onSchedule(RuleTimer $timer, Subject $subject, int $at): ?Occurrence
    {
        return $subject->status->isOpen() && $subject->createdAt < $at && $timer->mayConcern($subject) ? new Occurrence(self::key($timer, $subject->id, (string) $at), $timer, $subject->id, $at) : null;
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
        foreach ($this->schedules() as $timer) {
            for ($at = $this->next($timer, $since); $at !== null && $at <= $until; $at = $this->next($timer, $at)) {
                $moments[] = [$timer, $at];
            }
        }
        $occurrences = [];
        foreach ($subjects as $subject) {
            foreach ($this->hangingOn($subject) as $occurrence) {
                if ($since < $occurrence->at && $occurrence->at <= $until) {
                    $occurrences[] = $occurrence;
                }
            }
            foreach ($moments as [$timer, $at]) {
                $occurrence = $this->onSchedule($timer, $subject, $at);
                if ($occurrence !== null) {
                    $occurrences[] = $occurrence;
                }
            }
        }
        $place = array_flip(array_keys($this->all));
        $placeOf = static fn(Occurrence $one): int => $one->timer === null ? -1 : $place[$one->timer->id];
        usort($occurrences, static fn(Occurrence $a, Occurrence $b): int => $a->at <=> $b->at ?: $placeOf($a) <=> $placeOf($b) ?: $a->taskId <=> $b->taskId);

        return $occurrences;
    }

    private function moment(DateReached $event, Subject $subject): ?int
    {
        // A due date is overdue on open tasks only; what is dropped is done with.
        if ($subject->status === TaskStatus::Dropped || ($event->field === 'task.due' && ! $subject->status->isOpen())) {
            return null;
        }
        try {
            $exact = StateFields::moment($event->field, $subject);
            if ($exact !== null && ($event->time === null || $event->offset->unit->isOfClock())) {
                return $event->offset->fromInstant($exact, $this->house);
            }
            $date = Follow::date($event->field, $subject, $this->house);
            if ($date === null) {
                return null;
            }
            $minute = $event->time->minute ?? 0;

            return $event->offset->unit->isOfClock()
                ? $event->offset->fromInstant($this->house->zone()->instant($date, $minute), $this->house)
                : $this->house->zone()->instant($event->offset->fromDate($date, $this->house), $minute);
        } catch (NoWorkingTime) {
            return null;
        }
    }

    private static function hangsOn(string $path, Subject $subject): string
    {
        $value = StateFields::moment($path, $subject) ?? $subject->fields[$path] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    private static function key(RuleTimer $timer, string $taskId, string $hangsOn): string
    {
        return hash('sha256', "{$timer->id}\n{$taskId}\n{$hangsOn}");
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Timer\RuleTimer;
use OpenBaton\Core\Timer\Timers;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * How often timers that were not yet there would have fired lately. Nobody has
 * recorded it, so that it is estimated: by the dates and values that tasks
 * have now, those since closed as if they were still being worked on.
 */
final readonly class MomentReplay
{
    /** @var list<array{RuleTimer, int}> moments of schedules */
    private array $scheduled;

    /**
     * @param Timers                $timers of the rulebook, without any bound
     * @param array<array-key, int> $since instant from which on what a timer does is recorded, by its id; that of the
     *     others is not
     * @param int                   $from   instant from which on work is recent
     */
    public function __construct(
        private Timers $timers,
        private CompiledRulebook $rulebook,
        private ChangeFacts $facts,
        private array $since,
        private int $from,
        private int $now,
    ) {
        $scheduled = [];
        foreach ($timers->rules->schedules as $timer) {
            for (
                $at = $timers->nextMoment($timer, $from - 1);
                $at !== null && $this->isMissing($timer, $at);
                $at = $timers->nextMoment($timer, $at)
            ) {
                $scheduled[] = [$timer, $at];
            }
        }
        $this->scheduled = $scheduled;
    }

    /** Whether there is anything to estimate. */
    public function isNeeded(): bool
    {
        return $this->until() > $this->from;
    }

    /** @return int instant from which on all is recorded: tasks that came later need not be looked at */
    public function until(): int
    {
        $since = array_map(
            fn(RuleTimer $timer): int => $this->since[$timer->id] ?? $this->now,
            $this->timers->rules->all,
        );

        return $since === [] ? $this->from : max($since);
    }

    /**
     * @param int|null $closedAt instant
     *
     * @return list<array{int, int}> positions of rules that would have acted, each with the instant
     */
    public function of(TaskSubject $subject, ?int $closedAt): array
    {
        $open =
            $closedAt === null || $subject->status === TaskStatus::Dropped
                ? $subject
                : $subject->with(['status' => TaskStatus::Working]);
        $until = min($closedAt ?? $this->now, $this->now);
        $acted = [];
        foreach ($this->timers->due($open, $this->from - 1, $until) as $one) {
            if (
                $one->timer !== null &&
                $this->isMissing($one->timer, $one->at) &&
                $this->holds($one->timer, $open, $one->at)
            ) {
                $acted[] = [$one->timer->position, $one->at];
            }
        }
        foreach ($this->scheduled as [$timer, $at]) {
            if (
                $at <= $until &&
                $this->timers->onSchedule($timer, $open, $at) !== null &&
                $this->holds($timer, $open, $at)
            ) {
                $acted[] = [$timer->position, $at];
            }
        }

        return $acted;
    }

    private function isMissing(RuleTimer $timer, int $at): bool
    {
        return $at < ($this->since[$timer->id] ?? $this->now);
    }

    private function holds(RuleTimer $timer, TaskSubject $subject, int $at): bool
    {
        $rule = $this->rulebook->rulebook->rules[$timer->position];

        return $rule->isValidAt($at) &&
            $this->rulebook->criteria($timer->position)->holds($this->facts->of($subject, $subject, $at));
    }
}

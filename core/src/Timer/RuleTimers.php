<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Subject;

/** The timers of a rulebook, put in order once so that a task looks only at those near it. */
final readonly class RuleTimers
{
    private const KIND = 'task.kind';

    /**
     * @param array<string, RuleTimer>                  $all    by id, in the order of the rules
     * @param array<string, int>                        $places of them in that order, by id
     * @param list<RuleTimer>                           $schedules those that go by the calendar
     * @param list<DateTimers>                          $ofAny  on dates, of tasks of whatever kind
     * @param array<array-key, list<DateTimers>> $ofKind on dates, by the kind of task that their rules ask for
     */
    private function __construct(
        public array $all = [],
        public array $places = [],
        public array $schedules = [],
        private array $ofAny = [],
        private array $ofKind = [],
    ) {}

    public static function none(): self
    {
        return new self();
    }

    /**
     * @param array<array-key, int> $since instant before which a timer does not fire, by its id; those that are not
     *     named have no such bound
     */
    public static function of(Rulebook $rulebook, array $since = []): self
    {
        $all = $ofAny = $ofKind = [];
        foreach ($rulebook->rules as $position => $rule) {
            foreach ($rule->active ? $rule->events : [] as $event) {
                if ($event instanceof DateReached || $event instanceof Schedule) {
                    $timer = RuleTimer::of($rule, $position, $event, $rulebook->fields, $since);
                    $all[$timer->id] = $timer;
                }
            }
        }
        foreach ($all as $timer) {
            $kinds = $timer->asked[self::KIND] ?? null;
            if ($kinds === null) {
                $ofAny[] = $timer;
            }
            foreach ($kinds ?? [] as $kind => $asked) {
                $ofKind[$kind][] = $timer;
            }
        }

        return new self(
            $all,
            array_flip(array_keys($all)),
            array_values(array_filter($all, static fn(RuleTimer $timer): bool => $timer->event instanceof Schedule)),
            DateTimers::grouped($ofAny),
            array_map(DateTimers::grouped(...), $ofKind),
        );
    }

    /** @return list<DateTimers> those on dates that may concern a task or a case */
    public function onDates(Subject $subject): array
    {
        return [
            ...$this->ofAny,
            ...$this->ofKind[Plain::key($subject->fields[self::KIND] ?? null, FieldType::OneOf)] ?? [],
        ];
    }
}

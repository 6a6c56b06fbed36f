<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\StatusBecomes;
use OpenBaton\Core\Subject\Transitions;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Nothing raises any of the events of a rule: no transition leads from the one status to the other (a world document
 * may put a task into any). Of all other events people, forms, other systems or the clock can bring them about, and it
 * says nothing.
 */
final class NeverHappens implements Check
{
    public static function code(): string
    {
        return 'never_happens';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->rules as $rule) {
            $never = array_filter($rule->events, self::neverHappens(...));
            if ($never !== []) {
                yield new Finding(
                    self::code(),
                    // Where another of its events happens the rule acts all the same.
                    count($never) === count($rule->events) ? Certainty::Certain : Certainty::Likely,
                    $rule->id,
                    [],
                    array_map(static fn(int $place): string => "/when/{$place}", array_keys($never)),
                );
            }
        }
    }

    private static function neverHappens(EventKind $event): bool
    {
        if (!($event instanceof StatusBecomes) || $event->from === null) {
            return false;
        }
        foreach ($event->from as $from) {
            foreach ($event->statuses as $to) {
                if ($from !== $to && (Transitions::leads($from, $to) || self::wakes($from, $to))) {
                    return false;
                }
            }
        }

        return true;
    }

    /** What waits comes back by itself as what it was. */
    private static function wakes(TaskStatus $from, TaskStatus $to): bool
    {
        return $from === TaskStatus::Waiting && in_array($to, [TaskStatus::New, TaskStatus::Working], true);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

/** That a timer fires for a task, or that the task no longer waits. */
final readonly class Occurrence
{
    /**
     * @param string $key unique for rule, task, and the date that it hangs on with its distance, or the moment of a
     *     schedule
     * @param RuleTimer|null $timer null: the task comes back from waiting
     * @param int            $at    instant
     */
    public function __construct(public string $key, public ?RuleTimer $timer, public string $taskId, public int $at) {}
}

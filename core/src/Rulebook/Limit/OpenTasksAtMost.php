<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\LoadView;

/** At most so many open tasks, the new one among them. */
final readonly class OpenTasksAtMost implements Limit
{
    use NothingToCheck;

    public function __construct(public int $tasks) {}

    public static function kind(): string
    {
        return 'open_tasks_at_most';
    }

    public static function read(Node $node): static
    {
        $tasks = $node->get('tasks');

        return new self($tasks->int() >= 1 && $tasks->int() <= 1000 ? $tasks->int() : throw $tasks->fail('A number of tasks from 1 to 1000 belongs here.'));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'tasks' => $this->tasks];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $open = $load->of($person->id)->openTasks;

        return $open < $this->tasks ? null : ['open_tasks' => $open, 'at_most' => $this->tasks];
    }

    public function looksAtWork(): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** With how many people the open tasks of each customer lie. */
final class Continuity
{
    /** @var array<array-key, array<array-key, int>> how many open tasks, by customer and person */
    private array $with = [];

    private int $breaks = 0;

    /** @param list<Movable> $tasks */
    public function __construct(private readonly array $tasks)
    {
        foreach ($tasks as $task) {
            if ($task->customerId !== null) {
                $known = $this->with[$task->customerId][$task->holderId] ?? 0;
                $this->breaks += $known === 0 && isset($this->with[$task->customerId]) ? 1 : 0;
                $this->with[$task->customerId][$task->holderId] = $known + 1;
            }
        }
    }

    /** How many people more than one, of all customers. */
    public function breaks(): int
    {
        return $this->breaks;
    }

    /** @return list<array{string, list<string>}> customers whose tasks lie with more than one, and these */
    public function broken(): array
    {
        $broken = [];
        foreach ($this->with as $customer => $people) {
            if (count($people) > 1) {
                $broken[] = [(string) $customer, array_map(strval(...), array_keys($people))];
            }
        }

        return $broken;
    }

    /**
     * @param array<int, string> $to      person by place of the task
     * @param array<int, string> $holders as it is, likewise
     */
    public function breaksWith(array $to, array $holders): int
    {
        $breaks = $this->breaks;
        foreach ($this->after($to, $holders) as $customer => $people) {
            $breaks += count($people) - count($this->with[$customer]);
        }

        return $breaks;
    }

    /**
     * @param array<int, string> $to      person by place of the task
     * @param array<int, string> $holders as it is, likewise
     */
    public function take(array $to, array $holders): void
    {
        $this->breaks = $this->breaksWith($to, $holders);
        $this->with = $this->after($to, $holders) + $this->with;
    }

    /**
     * @param array<int, string> $to
     * @param array<int, string> $holders
     *
     * @return array<array-key, array<array-key, int>> of the customers whom it touches
     */
    private function after(array $to, array $holders): array
    {
        $with = [];
        foreach ($to as $place => $person) {
            $customer = $this->tasks[$place]->customerId;
            if ($customer === null) {
                continue;
            }
            $with[$customer] ??= $this->with[$customer];
            $from = $holders[$place];
            if (--$with[$customer][$from] === 0) {
                unset($with[$customer][$from]);
            }
            $with[$customer][$person] = ($with[$customer][$person] ?? 0) + 1;
        }

        return $with;
    }
}

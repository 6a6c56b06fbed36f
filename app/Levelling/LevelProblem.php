<?php

declare(strict_types=1);

namespace App\Levelling;

use OpenBaton\Core\Levelling\Movable;
use OpenBaton\Core\Levelling\Reach;
use OpenBaton\Core\People\Roster;

/** What there is to level: tasks, whose they are, and what time people have. */
final readonly class LevelProblem
{
    /**
     * @param list<Movable> $tasks  in the order of the load plan
     * @param list<string>  $people slugs
     * @param int           $at     instant
     */
    public function __construct(public array $tasks, public array $people, public int $at) {}

    /** @return array<array-key, Reach> by person; those who have left since have none */
    public function reach(Roster $roster): array
    {
        $reach = [];
        foreach ($this->people as $slug) {
            if (isset($roster->people[$slug])) {
                $reach[$slug] = new Reach($roster->people[$slug], $roster->presenceOf($slug), $this->at);
            }
        }

        return $reach;
    }

    /**
     * Without who else may have what, which nobody asks for again.
     *
     * @return array<string, mixed>
     */
    public function write(): array
    {
        return [
            'at' => $this->at,
            'people' => $this->people,
            'tasks' => array_map(
                static fn(Movable $one): array => [
                    $one->id,
                    $one->work,
                    $one->holderId,
                    $one->startAt,
                    $one->dueAt,
                    $one->customerId,
                ],
                $this->tasks,
            ),
        ];
    }

    /** @param array<string, mixed> $kept as it was written */
    public static function read(array $kept): self
    {
        $tasks = [];
        foreach (is_array($kept['tasks'] ?? null) ? $kept['tasks'] : [] as $one) {
            [$id, $work, $holder, $start, $due, $customer] =
                (is_array($one) ? array_values($one) : []) + array_fill(0, 6, null);
            if (is_string($id) && is_int($work) && is_string($holder)) {
                $tasks[] = new Movable(
                    $id,
                    $work,
                    $holder,
                    [$holder],
                    is_int($start) ? $start : null,
                    is_int($due) ? $due : null,
                    is_string($customer) ? $customer : null,
                );
            }
        }
        $people = is_array($kept['people'] ?? null) ? $kept['people'] : [];

        return new self(
            $tasks,
            array_values(array_filter($people, is_string(...))),
            is_int($kept['at'] ?? null) ? $kept['at'] : 0,
        );
    }
}

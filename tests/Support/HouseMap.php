<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Bridge\Houses;
use App\Map\WorkOutMap;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;

/** The map of the small house of the tests. */
final class HouseMap
{
    /** As the background does. */
    public static function workOut(): void
    {
        app()->forgetScopedInstances();
        (new WorkOutMap())->handle(app(Houses::class));
    }

    /** @return array<string, mixed> props of the page */
    public static function page(mixed $test, string $query = ''): array
    {
        return $test
            ->actingAs(House::user('hanneke'))
            ->get("/map?{$query}")
            ->assertOk()
            ->viewData('page')['props'];
    }

    /**
     * @param array<string, mixed> $props
     *
     * @return array<string, array{int, int|null}> number and half of the waits, by "does from > to"
     */
    public static function arrows(array $props): array
    {
        $said = [];
        foreach ($props['arrows'] as $arrow) {
            $said["{$arrow['kind']} {$arrow['from']} > {$arrow['to']}"] = [$arrow['number'], $arrow['median']];
        }

        return $said;
    }

    /** A task of somebody that arrived on Monday at nine, and was begun so many hours later. */
    public static function begunAfter(int $hours, string $who): Task
    {
        $task = House::arrive();
        Task::query()
            ->whereKey($task->id)
            ->update([
                'assignee_id' => House::person($who)->id,
                'status' => TaskStatus::Working,
                'arrived_at' => '2026-03-09 09:00:00',
                'started_at' => sprintf('2026-03-09 %02d:00:00', 9 + $hours),
            ]);
        Decision::query()
            ->where('task_id', $task->id)
            ->update(['at' => '2026-03-09 09:00:00']);

        return $task;
    }
}

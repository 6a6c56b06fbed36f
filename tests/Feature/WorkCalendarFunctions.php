<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Tasks\HandOnTask;
use Tests\Support\House;

/** @return array<string, mixed> props of the calendar as somebody sees it */
function calendarOf(mixed $test, string $who, string $query): array
{
    return $test
        ->actingAs(House::user($who))
        ->get("/calendar?{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

/** @return array<string, array<string, mixed>> cells of a month by date */
function cellsOf(mixed $test, string $who, string $query): array
{
    return array_column(array_merge(...calendarOf($test, $who, "by=month&{$query}")['weeks']), null, 'date');
}

/** A task of somebody, due at a moment. */
function dueTask(string $title, string $who, string $due, int $minutes = 60): Task
{
    $task = House::arrive(title: $title);
    app(HandOnTask::class)($task, House::person($who), 'Knows it', House::user('hanneke'));
    Task::query()
        ->whereKey($task->id)
        ->update(['due_at' => $due, 'estimate_minutes' => $minutes]);

    return $task->refresh();
}

<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Events\Notice;
use App\Models\Tasks\Task;
use App\Reminders\Remind;
use App\Reminders\TellDue;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Subject\TaskSubject;
use Tests\Support\Clock;
use Tests\Support\House;

/** @param array<string, mixed> $more */
function setsReminder(string $who, array $more = []): TestResponse
{
    return test()
        ->actingAs(House::user($who))
        ->post('/reminders', $more + ['field' => 'task.due', 'offset' => '-2 hours']);
}

/** @param array<string, mixed> $more */
function kindReminds(array $more = []): void
{
    setsReminder('hanneke', $more + ['kind' => 'bench-repair', 'audience' => 'holder'])->assertSessionHasNoErrors();
}

/** A task that somebody holds, due on Tuesday, 3 March 2026, at three; nobody is told of that. */
function heldTask(string $by = 'ayumi', string $due = '2026-03-03T15:00:00Z'): Task
{
    $task = House::arrive(customer: 'holms-school');
    test()
        ->actingAs(House::user('hanneke'))
        ->post("/tasks/{$task->id}/hand-on", ['to' => $by, 'reason' => 'Yours.']);
    dueAt($task, $due);
    Notice::query()->delete();

    return $task->refresh();
}

function dueAt(Task $task, string $due): void
{
    $set = static fn(TaskSubject $subject): TaskSubject => $subject->with(['dueAt' => strtotime($due)]);
    app(EditTask::class)($task->id, null, new Edit('edited', $set), Actor::system('test'));
    handedOut();
}

/** As the clock does. */
function remindedAt(string $at): void
{
    Clock::set($at);
    app(TellDue::class)(CarbonImmutable::now());
    app(Remind::class)(CarbonImmutable::now());
}

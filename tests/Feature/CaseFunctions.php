<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\TaskInCase;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Tests\Support\House;

/** @return array<string, mixed> a rule about cases */
function ofCases(string $id, array $when, array $then, array $more = []): array
{
    return ['id' => $id, 'name' => $id, 'when' => [$when], 'then' => $then] + $more;
}

/** A task in the case, needed for its stage. */
function neededIn(CustomerCase $case, string $holder): Task
{
    $task = House::arrive('quote');
    $task->update(['assignee_id' => House::person($holder)->id]);

    return app(TaskInCase::class)->put($task->refresh(), $case, true, Actor::user(House::user('hanneke')));
}

function deed(User $by, CustomerCase $case, string $deed, array $data = []): mixed
{
    app()->forgetScopedInstances();

    return test()
        ->actingAs($by)
        ->postJson("/cases/{$case->id}/{$deed}", ['revision' => $case->refresh()->revision] + $data);
}

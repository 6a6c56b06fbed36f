<?php

declare(strict_types=1);

use App\Models\Sweeps\NamedSweep;
use App\Models\Sweeps\SweepRun;
use App\Models\Tasks\Task;
use Inertia\Testing\AssertableInertia;
use Tests\Support\Clock;
use Tests\Support\House;

/** @return list<Task> four repairs in Tobias's hands, which a rule in force would give to the brass bench */
function sweptHouse(): array
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(givesByName('tobias'));
    $tasks = array_map(static fn(int $n): Task => House::arrive(title: "Horn {$n}"), range(1, 4));
    House::publish(House::roundRule(), answers());

    return $tasks;
}

/** @return array<string, mixed> */
function givesByName(string $person): array
{
    return House::rule(
        'by-name',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
        [
            'pool' => ['kind' => 'people', 'people' => [$person]],
            'method' => ['kind' => 'in_order'],
            'limits' => [],
            'otherwise' => ['kind' => 'next_rule'],
        ],
    );
}

/** @return array<string, mixed> a rule that tags what goes to somebody else */
function answers(): array
{
    return [
        'id' => 'answers',
        'name' => 'Rule answers',
        'when' => [['kind' => 'holder_changes']],
        'if' => ['all' => []],
        'then' => [['kind' => 'tag', 'tag' => 'new hands']],
    ];
}

/** Has it looked at by Hanneke. */
function looked(mixed $test, array $order): SweepRun
{
    $answer = $test->actingAs(House::user('hanneke'))->postJson('/rulebook/sweep-runs', $order)->assertCreated();

    return SweepRun::query()->findOrFail($answer->json('id'));
}

/** @return array<string, mixed> what its page says */
function sweepPage(mixed $test, SweepRun $run, string $query = ''): array
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->get("/rulebook/sweep-runs/{$run->id}{$query}")
        ->assertOk();

    return AssertableInertia::fromTestResponse($answer)->toArray()['props'];
}

/** @return list<array{int, string|null, string|null, string}> place, from whom, to whom, state */
function sweptRows(mixed $test, SweepRun $run): array
{
    return array_map(
        static fn(array $row): array => [
            $row['place'],
            $row['from']['slug'] ?? null,
            $row['to']['slug'] ?? null,
            $row['state'],
        ],
        sweepPage($test, $run)['rows'],
    );
}

/** @return list<string|null> */
function whoHolds(mixed $test): array
{
    return array_map(static fn(Task $task): ?string => $task->fresh()?->assignee?->slug, $test->tasks);
}

function steer(mixed $test, SweepRun $run, string $what, int $status = 302): void
{
    $test
        ->actingAs(House::user('hanneke'))
        ->post(
            "/rulebook/sweep-runs/{$run->id}/{$what}",
            [],
            ['Accept' => $status === 302 ? '*/*' : 'application/json'],
        )
        ->assertStatus($status);
}

/** @return array<string, mixed> */
function sweepOf(array $document, string $name = 'Urgent brass'): array
{
    return ['name' => $name, 'document' => $document];
}

function saveSweep(mixed $test, array $document, string $name = 'Urgent brass'): NamedSweep
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->postJson('/rulebook/sweeps', sweepOf($document, $name))
        ->assertOk();

    return NamedSweep::query()->findOrFail($answer->json('id'));
}

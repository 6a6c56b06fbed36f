<?php

declare(strict_types=1);

use App\Models\Levelling\Levelling;
use App\Models\Tasks\Task;
use Inertia\Testing\AssertableInertia;
use Tests\Support\Clock;
use Tests\Support\House;

/**
 * On Monday at ten Ayumi has four hours of work four times over, due in the evening, of which each of the brass bench
 * can do five hours and 36 minutes until then.
 *
 * @return list<Task>
 */
function benchInNeed(int $tasks = 4): array
{
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $made = array_map(static fn(int $n): Task => House::arrive(title: "Horn {$n}"), range(1, $tasks));
    Task::query()->update([
        'assignee_id' => House::person('ayumi')->id,
        'due_at' => '2026-03-02 17:00:00',
        'estimate_minutes' => 240,
    ]);

    return array_map(static fn(Task $one): Task => $one->refresh(), $made);
}

/** @param array<string, mixed> $terms */
function levelled(mixed $test, array $terms = []): Levelling
{
    $test->actingAs(House::user('hanneke'))->post('/levellings', $terms)->assertRedirect();

    return Levelling::query()->latest('id')->firstOrFail();
}

/** @return array<string, mixed> what its page says */
function levelPage(mixed $test, Levelling $levelling): array
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->get("/levellings/{$levelling->id}")
        ->assertOk();

    return AssertableInertia::fromTestResponse($answer)->toArray()['props'];
}

function level(mixed $test, Levelling $levelling, string $what, int $status = 302): void
{
    $test
        ->actingAs(House::user('hanneke'))
        ->post("/levellings/{$levelling->id}/{$what}", [], ['Accept' => $status === 302 ? '*/*' : 'application/json'])
        ->assertStatus($status);
}

function leaveGroup(mixed $test, Levelling $levelling, int $group, bool $left = true, int $status = 204): void
{
    $test
        ->actingAs(House::user('hanneke'))
        ->putJson("/levellings/{$levelling->id}/moves", ['group' => $group, 'left' => $left])
        ->assertStatus($status);
}

/** @return list<string|null> who has which of the tasks */
function holdersNow(mixed $test): array
{
    return array_map(static fn(Task $one): ?string => $one->refresh()->assignee?->slug, $test->tasks);
}

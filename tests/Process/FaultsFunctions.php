<?php

declare(strict_types=1);

use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;

/**
 * Sends tasks, each with a key of its own, eight at a time.
 *
 * @param list<string> $keys
 *
 * @return array<string, Response|null> null: no answer came
 */
function sendTasks(mixed $test, array $keys, int $letters = 10): array
{
    $answers = [];
    foreach (array_chunk($keys, 8) as $chunk) {
        $got = Http::pool(
            static fn(Pool $pool): array => array_map(
                static fn(string $key) => $pool
                    ->as($key)
                    ->timeout(20)
                    ->withToken($test->servers->token)
                    ->withHeaders(['Idempotency-Key' => $key])
                    ->post("http://127.0.0.1:{$test->servers->webPort}/api/v1/tasks", [
                        'title' => "Trumpet {$key}",
                        'kind' => 'bench-repair',
                        'description' => str_repeat('x', $letters),
                    ]),
                $chunk,
            ),
        );
        foreach ($got as $key => $answer) {
            $answers[$key] = $answer instanceof ConnectionException || !($answer instanceof Response) ? null : $answer;
        }
    }

    return $answers;
}

/**
 * @return int the id of a process that does something beside this one, and leaves nothing behind of what it was forked
 *     with
 */
function meanwhile(Closure $what): int
{
    $id = pcntl_fork();
    if ($id === 0) {
        try {
            $what();
        } finally {
            posix_kill(getmypid() ?: 0, SIGKILL);
        }
    }

    return $id;
}

/** @return list<string> */
function keysFor(string $name, int $count): array
{
    return array_map(static fn(int $number): string => "{$name}-key-{$number}", range(1, $count));
}

/**
 * What was answered is what is there: each key has one task with one decision and one handoff, or nothing at all.
 *
 * @param list<string> $keys
 */
function isWhole(array $keys): void
{
    $tasks = Task::query()
        ->whereIn('key', $keys)
        ->get(['id', 'key', 'assignee_id']);
    $ids = $tasks->modelKeys();
    expect($tasks->pluck('key')->unique()->count())->toBe($tasks->count());
    expect($tasks->whereNull('assignee_id')->count())->toBe(0);
    expect(Decision::query()->whereIn('task_id', $ids)->count())->toBe($tasks->count());
    expect(Handoff::query()->whereIn('task_id', $ids)->count())->toBe($tasks->count());
    expect(
        Decision::query()
            ->whereNotIn('task_id', Task::query()->select('id'))
            ->count(),
    )->toBe(0);
}

/** @param array<string, Response|null> $answers */
function saysSo(array $answers): void
{
    foreach ($answers as $answer) {
        if ($answer !== null && $answer->status() !== 201 && $answer->status() !== 200) {
            expect($answer->status())->toBe(503, (string) $answer->body());
            expect($answer->json('type'))->toBe('https://openbaton.example/problems/closed');
            expect($answer->json('detail'))->toContain('Nothing was changed.');
            expect($answer->header('Retry-After'))->toBe('5');
        }
    }
}

<?php

declare(strict_types=1);

use App\Access\Speaker;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Tasks\CommentOn;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Pool;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Tests\Support\House;
use Tests\Support\OwnServers;

// What goes wrong around the application, with servers of the tests' own: once for all of them.

beforeEach(function (): void {
    $this->servers = OwnServers::running();
});

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

function awaitFile(string $name): void
{
    for ($try = 0; $try < 500 && !file_exists($name); ++$try) {
        usleep(10_000);
        clearstatcache();
    }
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
    expect($tasks->pluck('key')->unique()->count())
        ->toBe($tasks->count())
        ->and($tasks->whereNull('assignee_id')->count())
        ->toBe(0)
        ->and(Decision::query()->whereIn('task_id', $ids)->count())
        ->toBe($tasks->count())
        ->and(Handoff::query()->whereIn('task_id', $ids)->count())
        ->toBe($tasks->count())
        ->and(
            Decision::query()
                ->whereNotIn('task_id', Task::query()->select('id'))
                ->count(),
        )
        ->toBe(0);
}

/** @param array<string, Response|null> $answers */
function saysSo(array $answers): void
{
    foreach ($answers as $answer) {
        if ($answer !== null && $answer->status() !== 201 && $answer->status() !== 200) {
            expect($answer->status())
                ->toBe(503, (string) $answer->body())
                ->and($answer->json('type'))
                ->toBe('https://openbaton.example/problems/closed')
                ->and($answer->json('detail'))
                ->toContain('Nothing was changed.')
                ->and($answer->header('Retry-After'))
                ->toBe('5');
        }
    }
}

it(
    'loses nothing and does nothing twice where the database is killed under load, and goes on once it is back',
    function (): void {
        $keys = keysFor('killed', 96);
        $all = [];
        foreach (array_chunk($keys, 32) as $round => $some) {
            $killer = meanwhile(function () use ($round): void {
                usleep(60_000 + 40_000 * $round);
                $this->servers->killDatabase();
            });
            $answers = sendTasks($this, $some);
            pcntl_waitpid($killer, $_);
            saysSo($answers);
            $all += $answers;
            $this->servers->startDatabaseAgain();
            isWhole($keys);
        }
        $confirmed = array_keys(
            array_filter($all, static fn(?Response $answer): bool => $answer?->successful() === true),
        );
        expect(count($confirmed))
            ->toBeLessThan(96)
            ->and(array_diff($confirmed, Task::query()->whereIn('key', $keys)->pluck('key')->all()))
            ->toBe([]);
        // Whoever got no answer sends it again: once is enough.
        foreach (sendTasks($this, $keys) as $key => $answer) {
            expect($answer?->successful())->toBeTrue("{$key}: " . $answer?->body());
        }
        isWhole($keys);
        expect(Task::query()->whereIn('key', $keys)->count())->toBe(96);
    },
);

it('does nothing by halves where connections are cut in the middle, and says so', function (): void {
    $keys = keysFor('cut', 160);
    $cutter = meanwhile(function (): void {
        $end = microtime(true) + 3.0;
        while (microtime(true) < $end) {
            $this->servers->cutConnections();
            usleep(random_int(1_000, 15_000));
        }
    });
    $answers = sendTasks($this, $keys);
    pcntl_waitpid($cutter, $_);
    DB::purge();
    saysSo($answers);
    isWhole($keys);
    expect(
        count(array_filter($answers, static fn(?Response $answer): bool => $answer?->status() === 503)),
    )->toBeGreaterThan(0);
    sendTasks($this, $keys);
    isWhole($keys);
    expect(Task::query()->whereIn('key', $keys)->count())->toBe(160);
});

it('waits for a lock that somebody else holds no longer than it has to, and says so', function (): void {
    $other = $this->servers->pdo();
    $other->exec('USE openbaton_faults');
    $other->exec('BEGIN');
    $other->query('SELECT id FROM houses FOR UPDATE');
    $answers = sendTasks($this, keysFor('locked', 2));
    saysSo($answers);
    expect(array_map(static fn(?Response $answer): ?int => $answer?->status(), array_values($answers)))->toBe([
        503,
        503,
    ]);
    $other->exec('ROLLBACK');
    expect(
        array_map(
            static fn(?Response $answer): ?int => $answer?->status(),
            array_values(sendTasks($this, keysFor('locked', 2))),
        ),
    )->toBe([201, 201]);
    isWhole(keysFor('locked', 2));
});

it('does once what a deadlock has broken off', function (): void {
    $task = House::arrive();
    $marks = sys_get_temp_dir() . '/baton-' . bin2hex(random_bytes(4));
    $other = meanwhile(function () use ($task, $marks): void {
        $pdo = $this->servers->pdo();
        $pdo->exec('USE openbaton_faults');
        $pdo->exec('BEGIN');
        // It has changed more than the application has when the two meet: the application is the one that gives way.
        $pdo->exec("UPDATE places SET name = CONCAT(name, '!')");
        $pdo->exec("UPDATE customers SET name = CONCAT(name, '!')");
        $pdo->query("SELECT id FROM tasks WHERE id = '{$task->id}' FOR UPDATE");
        touch("{$marks}-has-the-task");
        awaitFile("{$marks}-has-the-house");
        $pdo->query('SELECT id FROM houses FOR UPDATE');
        $pdo->exec('COMMIT');
    });
    awaitFile("{$marks}-has-the-task");
    DB::connection()->beforeExecuting(static function (string $query) use ($marks): void {
        if (
            !file_exists("{$marks}-has-the-house") &&
            str_contains($query, 'for update') &&
            str_contains($query, '`tasks`')
        ) {
            touch("{$marks}-has-the-house");
            usleep(300_000);
        }
    });
    $deadlocks = fn(): int => (int) $this->servers
        ->pdo()
        ->query("SHOW GLOBAL STATUS LIKE 'Innodb_deadlocks'")
        ->fetchColumn(1);
    $before = $deadlocks();
    app(CommentOn::class)($task, 'Look at the valve.', [], Speaker::user(House::user('hanneke')));
    pcntl_waitpid($other, $_);
    expect($deadlocks() - $before)
        ->toBe(1)
        ->and(Comment::query()->where('task_id', $task->id)->count())
        ->toBe(1);
});

it('takes nothing in by halves where the disk is full, says so, and goes on once there is room', function (): void {
    $this->servers->limitTo($this->servers->size() + 3);
    $keys = $answers = $taken = [];
    // How much is free within what its tables take up already is not known: until it is full.
    for ($batch = 1; $batch <= 12 && count($taken) === count($keys); ++$batch) {
        $more = keysFor("full-{$batch}", 120);
        $keys = [...$keys, ...$more];
        $answers += sendTasks($this, $more, 20_000);
        $taken = array_keys(array_filter($answers, static fn(?Response $answer): bool => $answer?->status() === 201));
    }
    saysSo($answers);
    isWhole($keys);
    expect(count($taken))
        ->toBeGreaterThan(0)
        ->toBeLessThan(count($keys))
        ->and(Task::query()->whereIn('key', $keys)->count())
        ->toBe(count($taken));
    $this->servers->limitTo(512);
    foreach (sendTasks($this, $keys, 20_000) as $answer) {
        expect($answer?->status())->toBeIn([200, 201]);
    }
    isWhole($keys);
    expect(Task::query()->whereIn('key', $keys)->count())->toBe(count($keys));
});

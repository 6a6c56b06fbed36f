<?php

declare(strict_types=1);

use App\Access\Speaker;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Task;
use App\Tasks\CommentOn;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;
use Tests\Support\OwnServers;

require_once __DIR__ . '/FaultsFunctions.php';

// What goes wrong around the application, with servers of the tests' own: once for all of them.

beforeEach(function (): void {
    $this->servers = OwnServers::running();
});

function awaitFile(string $name): void
{
    for ($try = 0; $try < 500 && !file_exists($name); ++$try) {
        usleep(10_000);
        clearstatcache();
    }
}

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
    expect($deadlocks() - $before)->toBe(1);
    expect(Comment::query()->where('task_id', $task->id)->count())->toBe(1);
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
    expect(count($taken))->toBeGreaterThan(0)->toBeLessThan(count($keys));
    expect(Task::query()->whereIn('key', $keys)->count())->toBe(count($taken));
    $this->servers->limitTo(512);
    foreach (sendTasks($this, $keys, 20_000) as $answer) {
        expect($answer?->status())->toBeIn([200, 201]);
    }
    isWhole($keys);
    expect(Task::query()->whereIn('key', $keys)->count())->toBe(count($keys));
});

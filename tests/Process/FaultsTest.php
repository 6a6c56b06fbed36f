<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\DB;
use Tests\Support\OwnServers;

require_once __DIR__ . '/FaultsFunctions.php';

// What goes wrong around the application, with servers of the tests' own: once for all of them.

beforeEach(function (): void {
    $this->servers = OwnServers::running();
});

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
        expect(count($confirmed))->toBeLessThan(96);
        expect(array_diff($confirmed, Task::query()->whereIn('key', $keys)->pluck('key')->all()))->toBe([]);
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

<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Models\Tasks\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** Tries every task again that nobody could be found for, the most urgent and oldest first. */
final class RetryUnplaced implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const KEY = 'unplaced.go-on-at';

    /** Of one run: others wait for the queue as well. */
    private const SECONDS = 20;

    public int $tries = 3;

    public int $uniqueFor = 120;

    public function __construct()
    {
        $this->afterCommit();
    }

    public function uniqueVia(): Repository
    {
        return Cache::store('database');
    }

    public function handle(RetryTask $retry): void
    {
        $store = Cache::store('database');
        $ids = Task::query()
            ->unplaced()
            ->mostUrgentFirst()
            ->orderBy('id')
            ->get(['id'])
            ->map(static fn(Task $task): string => $task->id);
        // Where the time was over the last time it goes on, so that the last are come to as well.
        $from = $store->pull(self::KEY);
        $from = is_int($from) && $from < $ids->count() ? $from : 0;
        $end = microtime(true) + self::SECONDS;
        foreach ($ids->slice($from) as $place => $id) {
            if (microtime(true) > $end) {
                $store->forever(self::KEY, $place);
                self::dispatch();

                return;
            }
            try {
                $retry($id);
            } catch (Throwable $error) {
                // One that fails does not stop the others; it is tried again with them.
                report($error);
            }
        }
    }
}

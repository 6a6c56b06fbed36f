<?php

declare(strict_types=1);

namespace App\Messages;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Sends what is due; what is left when its time is over the next run sends. */
final class SendMessages implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** Others wait for the queue as well. */
    private const SECONDS = 20;

    public int $tries = 1;

    public function __construct()
    {
        $this->afterCommit();
    }

    public function handle(SendNext $send, TellRules $tell): void
    {
        $tell();
        $until = microtime(true) + self::SECONDS;
        while ($send()) {
            if (microtime(true) > $until) {
                self::dispatch();

                return;
            }
        }
        $tell();
    }
}

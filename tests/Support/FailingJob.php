<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use RuntimeException;

/** Work in the background that never succeeds. */
final class FailingJob implements ShouldQueue
{
    use Queueable;

    public function handle(): never
    {
        throw new RuntimeException('It can\'t be done.');
    }
}

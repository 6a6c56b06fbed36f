<?php

declare(strict_types=1);

namespace App\Tasks;

/** Whenever rules are published, tasks that nobody could be found for are tried again in the background. */
final class RetryUnplacedTasks
{
    public function handle(): void
    {
        RetryUnplaced::dispatch();
    }
}

<?php

declare(strict_types=1);

namespace App\Listeners;

use App\Events\RulebookPublished;
use App\Jobs\HangTimers;

/** Whenever rules are published, their timers are hung on the tasks that are there, in the background. */
final class HangTimersOfRules
{
    public function handle(RulebookPublished $event): void
    {
        HangTimers::dispatch($event->versionId);
    }
}

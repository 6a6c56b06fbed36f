<?php

declare(strict_types=1);

use App\Models\Access\Invitation;
use App\Models\Access\SentKey;
use App\Models\Access\SignInAttempt;
use App\Models\Events\Notice;
use App\Models\Levelling\Levelling;
use App\Models\Reminders\ReminderMoment;
use App\Models\Sweeps\SweepRun;
use App\Models\Tasks\TaskUndo;
use App\Models\Tasks\Timer;
use Illuminate\Support\Facades\Schedule;

// One at a time over all nodes: the lock stands in the database.
Schedule::useCache('database');
Schedule::command('baton:tick')->everyMinute()->withoutOverlapping(10);
Schedule::command('baton:poll-calendar')->everyFiveMinutes()->withoutOverlapping(10);
Schedule::command('model:prune', [
    '--model' => [
        SentKey::class,
        Notice::class,
        Timer::class,
        SweepRun::class,
        Levelling::class,
        TaskUndo::class,
        ReminderMoment::class,
    ],
])->daily();
Schedule::command('model:prune', ['--model' => [SignInAttempt::class, Invitation::class]])->hourly();
Schedule::command('baton:prune-events')->daily()->withoutOverlapping(60);
Schedule::command('baton:sweep-files')->daily()->withoutOverlapping(60);
Schedule::command('queue:prune-failed', ['--hours' => 24 * 28])->daily();

<?php

declare(strict_types=1);

namespace App\Listeners;

use App\Logging\WithoutValues;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Notifications\BackgroundWorkFailed;
use Illuminate\Queue\Events\JobFailed;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;

/** Whoever runs the application hears of what the background could not do. */
final class TellAdministrators
{
    public function handle(JobFailed $event): void
    {
        $notification = new BackgroundWorkFailed(
            class_basename($event->job->resolveName()),
            Str::limit(WithoutValues::said($event->exception), 300),
        );
        // A mail server that does not answer must not be the next failure.
        rescue(
            static fn() => Notification::send(User::query()->role(Role::Administrator->value)->get(), $notification),
        );
    }
}

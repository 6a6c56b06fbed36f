<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** Tells administrators that work in the background was given up after its last attempt. */
final class BackgroundWorkFailed extends Notification
{
    public function __construct(public readonly string $job, public readonly string $reason) {}

    /** @return list<string> */
    public function via(): array
    {
        return ['mail'];
    }

    public function toMail(): MailMessage
    {
        return (new MailMessage())
            ->error()
            ->subject('Open Baton: work in the background has failed')
            ->line("{$this->job} was given up after its last attempt: {$this->reason}")
            ->line('"php artisan queue:failed" lists it, "php artisan queue:retry all" tries it again.');
    }
}

<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Messages\Addresses;
use App\Messages\HoldForCustomers;
use App\Messages\KeepMessage;
use App\Messages\SendMessages;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMoment;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** Reminds the customer of a task by messages; they go at once unless the house looks at all that goes to customers. */
final readonly class RemindCustomer
{
    public function __construct(private Addresses $addresses, private KeepMessage $keep) {}

    public function __invoke(Reminder $reminder, ReminderMoment $moment, Task $task, string $says): void
    {
        if ($task->customer_id === null) {
            return;
        }
        $recipient = new Recipient(RecipientKind::Customer, $task->customer_id);
        foreach ($reminder->by() as $channel) {
            $to = $channel->takes($recipient->kind) ? $this->addresses->of($recipient, $channel, $task->contact) : null;
            if ($to !== null) {
                ($this->keep)(
                    "reminder {$moment->id}",
                    $recipient,
                    $to,
                    $channel,
                    $moment->at,
                    HoldForCustomers::all(),
                    [
                        'task_id' => $task->id,
                        'reminder_id' => $reminder->id,
                        'hangs_on' => $moment->hangs_on,
                        'subject' => $channel->hasSubject() ? HarmlessText::line($task->title, TextLimits::NAME) : null,
                        'text' => HarmlessText::prose($says, $channel->most()),
                        'due_at' => $task->due_at,
                    ],
                );
            }
        }
        SendMessages::dispatch();
    }
}

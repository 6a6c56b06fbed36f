<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Access\User;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use App\Refusals\MessageMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\RecipientKind;

/** Somebody writes a message about a task; sent twice under one key it is one. */
final readonly class WriteMessage
{
    public function __construct(private Addresses $addresses, private KeepMessage $keep) {}

    /** @throws MessageMovedOn where nothing is known of how to reach them */
    public function __invoke(Task $task, WrittenMessage $written, User $by): Message
    {
        $channel = $written->channel;
        $to = $this->addresses->of($written->to, $channel, $task->id);
        if ($to?->address === null) {
            throw MessageMovedOn::withoutAddress();
        }
        // What goes to customers is looked at by a lead where the house wants that; what a lead writes has been.
        $held = $written->to->kind === RecipientKind::Customer && HoldForCustomers::all() && !$by->leads();
        $message = DB::transaction(
            fn(): Message => ($this->keep)(
                "hand {$by->id} {$written->key}",
                $written->to,
                $to,
                $channel,
                CarbonImmutable::now(),
                $held,
                [
                    'task_id' => $task->id,
                    'subject' => $channel->hasSubject()
                        ? HarmlessText::line($written->subject ?? $task->title, TextLimits::NAME)
                        : null,
                    'text' => HarmlessText::prose($written->text, $channel->most()),
                    'files' => $written->files && $channel->takesFiles() ? MessageFiles::of($task->id) : null,
                    'due_at' => $task->due_at,
                    'not_before' => $written->notBefore,
                ],
                $by,
            ),
            attempts: 3,
        );
        SendMessages::dispatch();

        return $message;
    }
}

<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Access\User;
use App\Models\Messages\Message;
use App\Refusals\MessageMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\RecipientKind;

/** Somebody writes a message about a task or a case; sent twice under one key it is one. */
final readonly class WriteMessage
{
    public function __construct(private Addresses $addresses, private KeepMessage $keep) {}

    /** @throws MessageMovedOn where nothing is known of how to reach them */
    public function __invoke(WhatAbout $about, WrittenMessage $written, User $by): Message
    {
        $channel = $written->channel;
        $to = $this->addresses->of($written->to, $channel, $about->contact);
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
                    ...$about->columns(),
                    'subject' => $channel->hasSubject()
                        ? HarmlessText::line($written->subject ?? $about->title, TextLimits::NAME)
                        : null,
                    'text' => HarmlessText::prose($written->text, $channel->most()),
                    'files' => $written->files && $channel->takesFiles() ? MessageFiles::of($about) : null,
                    'due_at' => $about->due,
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

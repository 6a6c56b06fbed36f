<?php

declare(strict_types=1);

namespace App\Http\Controllers\Messages;

use App\Http\Pages\Moment;
use App\Models\Messages\Behaviour;
use App\Models\Messages\Message;
use App\Models\Messages\StandInChannel;
use App\Models\Messages\StandInPost;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Plain;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Message\Channel;

/** What the stand-ins of the channels have taken, and the faults that they are told to have. */
final class StandInController
{
    private const MOST = 100;

    public function show(Channel $channel): Response
    {
        Gate::authorize('viewStandIns', Message::class);

        return Inertia::render('Outbox/StandIn', [
            'channel' => $channel->value,
            'behaviour' => StandInChannel::behaviourOf($channel)->value,
            'behaviours' => array_column(Behaviour::cases(), 'value'),
            'posts' => array_values(
                StandInPost::query()
                    ->where('channel', $channel)
                    ->orderByDesc('id')
                    ->limit(self::MOST)
                    ->get(['id', 'address', 'subject', 'text', 'at'])
                    ->map(
                        static fn(StandInPost $one): array => [
                            'id' => $one->id,
                            'address' => $one->address,
                            'subject' => $one->subject,
                            'text' => $one->text,
                            'at' => Moment::of($one->at),
                        ],
                    )
                    ->all(),
            ),
        ]);
    }

    public function behave(Channel $channel, Request $request): RedirectResponse
    {
        Gate::authorize('viewStandIns', Message::class);
        $request->validate(['behaviour' => ['required', Rule::enum(Behaviour::class)]]);
        StandInChannel::query()->updateOrCreate(
            ['channel' => $channel->value],
            ['behaviour' => $request->string('behaviour')->toString()],
        );

        return back();
    }

    /** A mail as it is, as a file. */
    public function mail(StandInPost $post): Plain
    {
        Gate::authorize('viewStandIns', Message::class);
        abort_if($post->raw === null, 404);

        return new Plain($post->raw, 200, [
            'Content-Type' => 'message/rfc822',
            'Content-Disposition' => "attachment; filename=\"mail-{$post->id}.eml\"",
        ]);
    }
}

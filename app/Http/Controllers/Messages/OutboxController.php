<?php

declare(strict_types=1);

namespace App\Http\Controllers\Messages;

use App\Access\Actor;
use App\Http\EachByItself;
use App\Http\Pages\Messages\OutboxPage;
use App\Http\Requests\Messages\EditMessageRequest;
use App\Http\Requests\Messages\MessageListRequest;
use App\Http\Requests\Messages\SteerRequest;
use App\Http\Requests\Messages\WriteAboutCaseRequest;
use App\Http\Requests\Messages\WriteMessageRequest;
use App\Http\Viewer;
use App\Messages\EditedMessage;
use App\Messages\HoldForCustomers;
use App\Messages\MessagesInSight;
use App\Messages\SteerMessage;
use App\Messages\WhatAbout;
use App\Messages\WriteMessage;
use App\Models\Cases\CustomerCase;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use LogicException;

/** The messages that leave the house, and what people do with them before they have. */
final class OutboxController
{
    public function index(
        MessageListRequest $request,
        Viewer $viewer,
        OutboxPage $page,
        MessagesInSight $sight,
    ): Response {
        $open = $request->filled('message')
            ? $sight->of($viewer->user())->findOrFail($request->integer('message'))
            : null;

        return Inertia::render(
            'Outbox/Outbox',
            $page->props($request->only(['state', 'channel', 'q']), $request->integer('page', 1), $open),
        );
    }

    /** Whether all that goes to customers is looked at. */
    public function hold(Request $request, Viewer $viewer, HoldForCustomers $hold): RedirectResponse
    {
        Gate::authorize('settle', Message::class);
        $request->validate(['holds' => ['required', 'boolean']]);
        $hold($request->boolean('holds'), Actor::user($viewer->user()));

        return back();
    }

    public function steer(SteerRequest $request, Viewer $viewer, SteerMessage $steer, EachByItself $each): JsonResponse
    {
        $user = $viewer->user();
        $messages = Message::query()->findMany($request->ids());
        foreach ($messages as $message) {
            Gate::authorize('steer', $message);
        }

        return $each->answer(
            $messages,
            static fn(Message $one) => match ($request->act()) {
                SteerRequest::RELEASE => $steer->release($one, $user),
                SteerRequest::DROP => $steer->drop($one, $user),
                SteerRequest::HOLD => $steer->hold($one, $user),
                SteerRequest::POSTPONE => $steer->postpone($one, $request->at(), $user),
                default => throw new LogicException('Nothing is done so with messages.'),
            },
            static fn(Message $one): array => ['to' => $one->recipient_name],
        );
    }

    /** Somebody writes one themselves. */
    public function write(
        Task $task,
        WriteMessageRequest $request,
        Viewer $viewer,
        WriteMessage $write,
    ): RedirectResponse {
        $write(WhatAbout::task($task), $request->written(), $viewer->user());

        return back();
    }

    public function writeAboutCase(
        CustomerCase $case,
        WriteAboutCaseRequest $request,
        Viewer $viewer,
        WriteMessage $write,
    ): RedirectResponse {
        $write(WhatAbout::case($case), $request->written(), $viewer->user());

        return back();
    }

    public function update(
        Message $message,
        EditMessageRequest $request,
        Viewer $viewer,
        SteerMessage $steer,
    ): RedirectResponse {
        $steer->edit(
            $message,
            new EditedMessage(
                $request->string('address')->toString(),
                $request->subject(),
                $request->said(),
                $request->files(),
            ),
            $request->boolean('send'),
            $viewer->user(),
        );

        return back();
    }
}

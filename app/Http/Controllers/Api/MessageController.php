<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Messages\EditMessageRequest;
use App\Http\Viewer;
use App\Messages\EditedMessage;
use App\Messages\MessagesInSight;
use App\Messages\SteerMessage;
use App\Models\Access\User;
use App\Models\Messages\Message;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Message\MessageState;

/** Messages that the owner of a token sees, and what is done with them before they go. */
final readonly class MessageController
{
    public function __construct(private Viewer $viewer, private MessagesInSight $sight, private SteerMessage $steer) {}

    public function index(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', Message::class);
        $request->validate([
            'state' => ['nullable', Rule::enum(MessageState::class)],
            'task' => ['nullable', 'string', 'ulid'],
            'case' => ['nullable', 'string', 'ulid'],
        ]);
        $page = Latest::page(
            $request,
            $this->sight
                ->of($this->viewer->user())
                ->when(
                    $request->filled('state'),
                    static fn(Builder $all) => $all->where('state', $request->string('state')->toString()),
                )
                ->when(
                    $request->filled('task'),
                    static fn(Builder $all) => $all->where('task_id', $request->string('task')->lower()->toString()),
                )
                ->when(
                    $request->filled('case'),
                    static fn(Builder $all) => $all->where('case_id', $request->string('case')->lower()->toString()),
                ),
        );

        return new JsonResponse([
            'messages' => array_map(self::document(...), $page->rows),
            'before' => $page->before,
        ]);
    }

    public function show(Message $message): JsonResponse
    {
        return $this->answer($message);
    }

    /** For this once. */
    public function update(Message $message, EditMessageRequest $request): JsonResponse
    {
        $as = new EditedMessage(
            $request->string('address')->toString(),
            $request->subject(),
            $request->said(),
            $request->has('files') ? $request->files() : $message->fileIds(),
        );

        return $this->steered(
            $message,
            $request,
            fn(User $by) => $this->steer->edit($message, $as, $request->boolean('send'), $by),
        );
    }

    public function release(Message $message, Request $request): JsonResponse
    {
        return $this->steered($message, $request, fn(User $by) => $this->steer->release($message, $by));
    }

    public function drop(Message $message, Request $request): JsonResponse
    {
        return $this->steered($message, $request, fn(User $by) => $this->steer->drop($message, $by));
    }

    /** @param Closure(User): void $do */
    private function steered(Message $message, Request $request, Closure $do): JsonResponse
    {
        Gate::authorize('steer', $message);
        $by = $this->viewer->user();

        return $this->answer($message, Once::asked($request, $by, static fn() => $do($by)));
    }

    private function answer(Message $message, bool $replayed = false): JsonResponse
    {
        Gate::authorize('steer', $message);

        return new JsonResponse(
            self::document(Message::query()->findOrFail($message->id)),
            200,
            Once::headers($replayed),
        );
    }

    /** @return array<string, mixed> */
    private static function document(Message $message): array
    {
        return [
            'id' => $message->id,
            'task' => $message->task_id,
            'case' => $message->case_id,
            'to' => $message->recipient_name,
            'address' => $message->address,
            'channel' => $message->channel->value,
            'subject' => $message->subject,
            'text' => $message->text,
            'said' => $message->said,
            'state' => $message->state->value,
            'at' => Instant::format($message->at->getTimestamp()),
            'not_before' => Instant::orNull($message->not_before?->getTimestamp()),
            'sent' => Instant::orNull($message->sent_at?->getTimestamp()),
            'problem' => $message->problem,
        ];
    }
}

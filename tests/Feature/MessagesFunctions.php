<?php

declare(strict_types=1);

use App\DomainEvents\HandOut;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStep;
use Tests\Support\House;

/**
 * A rule that prepares a message when a task is started.
 *
 * @param array<string, mixed> $more
 * @param array<string, mixed> $if
 */
function preparing(array $more = [], array $if = []): void
{
    House::publish(House::roundRule(), [
        'id' => 'says',
        'name' => 'Says that it is begun',
        'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
        ...$if === [] ? [] : ['if' => $if],
        'then' => [
            array_filter(
                $more + [
                    'kind' => 'message',
                    'addressee' => 'customer',
                    'channel' => 'mail',
                    'subject' => 'Your ~task.title~',
                    'text' => 'We have begun.',
                ],
                static fn(mixed $value): bool => $value !== null,
            ),
        ],
    ]);
}

/** What is prepared of a task that the lead begins. */
function begunMessage(string $contact = 'office@holms.example'): Message
{
    $task = House::arrive(customer: 'holms-school');
    $task->update(['contact' => $contact]);
    test()
        ->actingAs(House::user('hanneke'))
        ->post("/tasks/{$task->id}/start");
    handedOut();

    return Message::query()->orderByDesc('id')->firstOrFail();
}

function handedOut(): void
{
    app(HandOut::class)();
}

/** @return list<string> what became of a message, step by step */
function becameOf(Message $message): array
{
    return $message
        ->steps()
        ->orderBy('id')
        ->get()
        ->map(static fn(MessageStep $one): string => $one->step->value)
        ->all();
}

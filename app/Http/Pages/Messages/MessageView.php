<?php

declare(strict_types=1);

namespace App\Http\Pages\Messages;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Messages\MessageFiles;
use App\Messages\MessagesInSight;
use App\Messages\ReasonGone;
use App\Models\Cases\CustomerCase;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStep;
use App\Models\Tasks\Task;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;

/** A message as a line, and with all that there is to it. Its types are in OutboxPage.ts. */
final readonly class MessageView
{
    /** Of one task. */
    private const WAITING = 20;
    private const OVER = 5;

    /** How wide the heading of a message is that has no subject. */
    private const HEADING = 80;

    public function __construct(private Viewer $viewer, private MessagesInSight $sight, private ReasonGone $reasons) {}

    /**
     * @param Task|CustomerCase $of with what it takes to be a subject
     *
     * @return list<array<string, mixed>> those about it that whoever looks may see: what still waits, then the latest
     */
    public function of(Task|CustomerCase $of): array
    {
        $all = $this->sight
            ->of($this->viewer->user())
            ->where($of instanceof Task ? 'task_id' : 'case_id', $of->id)
            ->with(['steps.user', 'reminder']);
        $messages = [
            ...$all->clone()->whereNotIn('state', MessageState::OVER)->orderBy('id')->limit(self::WAITING)->get(),
            ...$all->whereIn('state', MessageState::OVER)->orderByDesc('id')->limit(self::OVER)->get(),
        ];
        $files = MessageFiles::names($messages);

        return array_map(
            fn(Message $one): array => $this->with(
                $one->setRelations(
                    [
                        'task' => $of instanceof Task ? $of : null,
                        'case' => $of instanceof Task ? null : $of,
                    ] + $one->getRelations(),
                ),
                $files,
            ),
            $messages,
        );
    }

    /**
     * @param bool $may whoever looks may write about it
     *
     * @return list<array{channel: string, most: int, toCustomers: bool}> by which they write; none: they may not
     */
    public static function ways(bool $may): array
    {
        return array_map(
            static fn(Channel $one): array => [
                'channel' => $one->value,
                'most' => $one->most(),
                'toCustomers' => $one->takes(RecipientKind::Customer),
            ],
            $may ? Channel::cases() : [],
        );
    }

    /** The beginning of the first line of a text. */
    public static function heading(string $text): string
    {
        return mb_strimwidth(explode("\n", trim($text))[0], 0, self::HEADING, '…');
    }

    /** @return array<string, mixed> */
    public function line(Message $message): array
    {
        return [
            'id' => $message->id,
            'to' => $message->recipient_name,
            'channel' => $message->channel->value,
            'subject' => $message->subject ?? self::heading($message->text),
            'state' => $message->state->value,
            'task' => self::named($message->task),
            'case' => self::named($message->case),
            'at' => Moment::of($message->at),
            'notBefore' => Moment::orNull($message->not_before),
            'sentAt' => Moment::orNull($message->sent_at),
            'nextTryAt' => Moment::orNull($message->next_try_at),
            'problem' => $message->problem,
        ];
    }

    /** @return array{id: string, number: int, title: string}|null */
    private static function named(Task|CustomerCase|null $of): ?array
    {
        return $of === null ? null : ['id' => $of->id, 'number' => (int) $of->number, 'title' => $of->title];
    }

    /** @return array<string, mixed> */
    public function whole(Message $message): array
    {
        $message->loadMissing([...ReasonGone::relations(), 'steps.user']);

        return $this->with($message, MessageFiles::names([$message]));
    }

    /**
     * @param array<array-key, string> $files names by id
     *
     * @return array<string, mixed>
     */
    private function with(Message $message, array $files): array
    {
        $waits =
            $message->state === MessageState::Held ||
            ($message->state === MessageState::ToBeSent && $message->not_before !== null);

        return $this->line($message) + [
            'address' => $message->address,
            'text' => $message->text,
            'mailSubject' => $message->subject,
            'said' => $message->said,
            'hasSubject' => $message->channel->hasSubject(),
            'most' => $message->channel->most(),
            'rule' => $message->rule === null ? null : $this->viewer->ruleNames()[$message->rule] ?? $message->rule,
            'files' => array_values(
                array_map(
                    static fn(string $id): array => ['id' => $id, 'name' => $files[$id]],
                    array_filter($message->fileIds(), static fn(string $id): bool => isset($files[$id])),
                ),
            ),
            'reasonGone' => $waits ? $this->reasons->of($message, $this->viewer->house()) : null,
            'may' => [
                'release' => $message->state->leadsTo(MessageState::ToBeSent) && $message->address !== null,
                'hold' => $message->state->leadsTo(MessageState::Held),
                'drop' => $message->state->leadsTo(MessageState::Dropped),
                'edit' => $message->state->isOpen(),
            ],
            'steps' => array_values(
                $message->steps
                    ->map(
                        static fn(MessageStep $one): array => [
                            'id' => $one->id,
                            'at' => Moment::of($one->at),
                            'step' => $one->step->value,
                            'by' => $one->user?->name,
                            'note' => $one->note,
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}

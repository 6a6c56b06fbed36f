<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** A rule has prepared a message, for one or several; people and teams go by their id in the tables. */
final readonly class MessagePrepared implements DomainEvent
{
    /**
     * @param list<Recipient> $recipients
     * @param int|null        $notBefore  instant
     * @param bool            $files      with the files of the task
     * @param int|null        $due        instant by which the task was to be done
     */
    public function __construct(
        public array $recipients,
        public Channel $channel,
        public string $subject,
        public string $text,
        public bool $held,
        public ?int $notBefore,
        public bool $files,
        public ?int $due,
        public string $ruleId,
        public ?string $versionId,
    ) {}

    public static function code(): string
    {
        return 'message_prepared';
    }

    public static function read(Node $node): self
    {
        return new self(
            array_map(
                static fn(Node $one): Recipient => new Recipient(
                    $one->get('kind')->case(RecipientKind::class),
                    $one->get('id')->text(),
                ),
                $node->itemsOf('to'),
            ),
            $node->get('channel')->case(Channel::class),
            $node->find('subject')?->text() ?? '',
            $node->get('text')->text(),
            $node->get('held')->bool(),
            $node->find('not_before')?->int(),
            $node->find('files')?->bool() ?? false,
            $node->find('due')?->int(),
            $node->get('rule')->text(),
            $node->find('version')?->text(),
        );
    }

    public function write(): array
    {
        return [
            'to' => array_map(
                static fn(Recipient $one): array => ['kind' => $one->kind->value, 'id' => $one->id],
                $this->recipients,
            ),
            'channel' => $this->channel->value,
            'subject' => $this->subject === '' ? null : $this->subject,
            'text' => $this->text,
            'held' => $this->held,
            'not_before' => $this->notBefore,
            'files' => $this->files ? true : null,
            'due' => $this->due,
            'rule' => $this->ruleId,
            'version' => $this->versionId,
        ];
    }
}

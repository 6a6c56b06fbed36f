<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Draft;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;

/** A rule has prepared a message, for one or several; people and teams go by their id in the tables. */
final readonly class MessagePrepared implements DomainEvent
{
    /** @param string|null $versionId of the rulebook by which it was prepared */
    public function __construct(public Draft $draft, public ?string $versionId) {}

    public static function code(): string
    {
        return 'message_prepared';
    }

    public static function read(Node $node): self
    {
        return new self(
            new Draft(
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
            ),
            $node->find('version')?->text(),
        );
    }

    public function write(): array
    {
        return [
            'to' => array_map(
                static fn(Recipient $one): array => ['kind' => $one->kind->value, 'id' => $one->id],
                $this->draft->recipients,
            ),
            'channel' => $this->draft->channel->value,
            'subject' => $this->draft->subject === '' ? null : $this->draft->subject,
            'text' => $this->draft->text,
            'held' => $this->draft->held,
            'not_before' => $this->draft->notBefore,
            'files' => $this->draft->files ? true : null,
            'due' => $this->draft->due,
            'rule' => $this->draft->ruleId,
            'version' => $this->versionId,
        ];
    }
}

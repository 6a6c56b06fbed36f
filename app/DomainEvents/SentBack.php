<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** Whoever reviews a task has sent it back to whoever did it. */
final readonly class SentBack implements DomainEvent
{
    /**
     * @param list<string> $peopleIds who hold it
     * @param string|null  $why       as the reviewer said
     */
    public function __construct(public array $peopleIds, public ?string $why) {}

    public static function code(): string
    {
        return 'sent_back';
    }

    public static function read(Node $node): self
    {
        return new self($node->textsOf('people'), $node->find('why')?->text());
    }

    public function write(): array
    {
        return ['people' => $this->peopleIds] + ($this->why === null ? [] : ['why' => $this->why]);
    }
}

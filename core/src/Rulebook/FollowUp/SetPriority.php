<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\PrioritySet;
use OpenBaton\Core\Workload\Priority;

final readonly class SetPriority implements FollowUp
{
    use NothingToCheck;

    public function __construct(public Priority $priority) {}

    public static function kind(): string
    {
        return 'priority';
    }

    public static function read(Node $node): static
    {
        return new self($node->get('priority')->case(Priority::class));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'priority' => $this->priority->value];
    }

    public function effect(Event $event, Roster $roster, ?string $assigneeId): Effect
    {
        return new PrioritySet($this->priority);
    }
}

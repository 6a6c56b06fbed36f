<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Routing\TagAdded;

final readonly class AddTag implements FollowUp
{
    use NothingToCheck;

    public function __construct(public string $tag) {}

    public static function kind(): string
    {
        return 'tag';
    }

    public static function read(Node $node): static
    {
        $tag = $node->get('tag');

        return new self(mb_strlen($tag->text()) <= 60 ? trim($tag->text()) : throw $tag->fail('A tag has at most 60 characters.'));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'tag' => $this->tag];
    }

    public function effect(Event $event, Roster $roster, ?string $assigneeId): Effect
    {
        return new TagAdded($this->tag);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Happened;

/** A message about it could not be delivered, and is not tried any more. */
final readonly class MessageGivenUp implements EventKind, TaskOnly, Happened
{
    use Occurs;

    /** @param Channel|null $channel null: whichever it is */
    public function __construct(public ?Channel $channel = null) {}

    public static function kind(): string
    {
        return 'message_given_up';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('channel', new Choice(Channel::class), null)];
    }

    private function takes(self $happened): bool
    {
        return $this->channel === null || $this->channel === $happened->channel;
    }
}

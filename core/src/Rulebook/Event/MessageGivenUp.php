<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\SubjectKind;

/** A message about it could not be delivered, and is not tried any more. */
final readonly class MessageGivenUp implements OfSeveral, Happened
{
    use Occurs;
    use OnSeveral;

    /** @param Channel|null $channel null: whichever it is */
    public function __construct(public ?Channel $channel = null, public ?SubjectKind $of = null) {}

    public static function kind(): string
    {
        return 'message_given_up';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('channel', new Choice(Channel::class), null), self::of()];
    }

    private function takes(self $happened): bool
    {
        return $this->channel === null || $this->channel === $happened->channel;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Message\Draft;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Subject\Subject;

/** A message about the task or the case is prepared, one for each recipient. */
final readonly class MessagePrepared implements ReachesOutside
{
    public function __construct(public Draft $draft) {}

    public static function code(): string
    {
        return 'message_prepared';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return array_filter(
            [
                'to' => array_map(static fn(Recipient $one): string => $one->key(), $this->draft->recipients),
                'channel' => $this->draft->channel->value,
                'subject' => $this->draft->subject === '' ? null : $this->draft->subject,
                'text' => $this->draft->text,
                'held' => $this->draft->held,
                'not_before' => Instant::orNull($this->draft->notBefore),
                'files' => $this->draft->files ? true : null,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Subject\Subject;

/** A message about the task is prepared, one for each recipient. */
final readonly class MessagePrepared implements ReachesOutside
{
    /**
     * @param non-empty-list<Recipient> $recipients
     * @param string                    $subject    of a mail; empty: it has none
     * @param bool                      $held       somebody looks at it before it goes
     * @param int|null                  $notBefore  instant
     * @param bool                      $files      with the files of the task
     * @param int|null                  $due        instant by which the task is to be done as it is prepared
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
    ) {}

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
                'to' => array_map(static fn(Recipient $one): string => $one->key(), $this->recipients),
                'channel' => $this->channel->value,
                'subject' => $this->subject === '' ? null : $this->subject,
                'text' => $this->text,
                'held' => $this->held,
                'not_before' => Instant::orNull($this->notBefore),
                'files' => $this->files ? true : null,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }
}

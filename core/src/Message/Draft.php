<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** What a rule has prepared, before it is a message for each of its recipients. */
final readonly class Draft
{
    /**
     * @param list<Recipient> $recipients
     * @param string                    $subject    of a mail; empty: it has none
     * @param bool                      $held       somebody looks at it before it goes
     * @param int|null                  $notBefore  instant
     * @param bool                      $files      with the files of what it is about
     * @param int|null                  $due        instant by which a task is to be done as it is prepared
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

    /** @param list<Recipient> $recipients the same ones by other ids */
    public function for(array $recipients): self
    {
        return new self(
            $recipients,
            $this->channel,
            $this->subject,
            $this->text,
            $this->held,
            $this->notBefore,
            $this->files,
            $this->due,
            $this->ruleId,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Messages;

use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Recipient;

/** What somebody has written by hand, and for whom. */
final readonly class WrittenMessage
{
    /**
     * @param string      $key     by which it is told from what was sent before
     * @param string|null $subject of a mail; null: the title of the task
     * @param bool        $files   with the files of the task
     */
    public function __construct(
        public string $key,
        public Recipient $to,
        public Channel $channel,
        public ?string $subject,
        public string $text,
        public bool $files,
        public ?CarbonImmutable $notBefore,
    ) {}
}

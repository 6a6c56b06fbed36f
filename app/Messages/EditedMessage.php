<?php

declare(strict_types=1);

namespace App\Messages;

/** What a message says, and where it goes, after somebody has changed it for this once. */
final readonly class EditedMessage
{
    /**
     * @param string|null  $subject of a mail
     * @param list<string> $files   ids of those that go with it
     */
    public function __construct(
        public string $address,
        public ?string $subject,
        public string $text,
        public array $files = [],
    ) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use OpenBaton\Core\Refusal;

/** A reading of the clock, such as 09:30. */
final readonly class TimeOfDay
{
    public const PATTERN = '^([01]\d|2[0-3]):[0-5]\d$';

    /** @param int $minute since midnight */
    private function __construct(public int $minute) {}

    /** @throws Refusal */
    public static function parse(string $text): self
    {
        return preg_match('/' . self::PATTERN . '/D', $text) === 1
            ? new self((int) substr($text, 0, 2) * 60 + (int) substr($text, 3))
            : throw new Refusal('"{text}" is not a time of day such as 09:30.', text: $text);
    }

    public function format(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }
}

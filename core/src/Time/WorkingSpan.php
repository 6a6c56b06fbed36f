<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Refusal;

/** A length of working time: so many minutes, or so many whole working days. */
final readonly class WorkingSpan
{
    public const MOST_MINUTES = 120_000;

    public const MOST_DAYS = 260;

    /** P3D is three working days, PT4H30M four and a half working hours. */
    public const PATTERN = '^(P\d{1,3}D|PT(?=\d)(\d{1,4}H)?(\d{1,6}M)?)$';

    /** Exactly one of the two is given. */
    private function __construct(public ?int $minutes, public ?int $days) {}

    /** @param int $minutes 1 to MOST_MINUTES */
    public static function minutes(int $minutes): self
    {
        return $minutes >= 1 && $minutes <= self::MOST_MINUTES
            ? new self($minutes, null)
            : throw new InvalidArgumentException('A length of working time from PT1M to PT2000H belongs here.');
    }

    /** @param int $days 0 to MOST_DAYS; 0 is today */
    public static function days(int $days): self
    {
        return $days >= 0 && $days <= self::MOST_DAYS
            ? new self(null, $days)
            : throw new InvalidArgumentException('A number of working days from P0D to P260D belongs here.');
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): self
    {
        if (preg_match('/^P(\d{1,3})D$/D', $text, $parts) === 1) {
            return self::days((int) $parts[1]);
        }
        if (preg_match('/^PT(?=\d)(?:(\d{1,4})H)?(?:(\d{1,6})M)?$/D', $text, $parts) === 1) {
            return self::minutes((int) ($parts[1] ?? 0) * 60 + (int) ($parts[2] ?? 0));
        }

        throw new Refusal('"{text}" is not a length of working time such as P3D or PT4H30M.', text: $text);
    }

    /** ISO 8601. */
    public function format(): string
    {
        return $this->minutes === null ? "P{$this->days}D" : Duration::format($this->minutes);
    }

    /**
     * The instant at which so much has gone by since $from; of days, the end of work on the last.
     *
     * @throws NoWorkingTime where it does not come
     */
    public function after(int $from, WorkingTime $time): int
    {
        return $this->minutes === null ? $time->endOfDay($from, $this->days ?? 0) : $time->add($from, $this->minutes);
    }
}

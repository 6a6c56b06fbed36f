<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use DateTimeImmutable;
use DateTimeZone;
use OpenBaton\Core\Refusal;

/**
 * An IANA time zone: local clock readings to instants and back.
 *
 * A reading that the clocks skip in spring stands for the instant as long
 * after the change as it was meant to be; a reading that comes twice in
 * autumn stands for its first coming.
 */
final class Zone
{
    private readonly DateTimeZone $zone;

    /** @var array<string, true>|null the names of the list, older ones such as EST5EDT among them */
    private static ?array $names = null;

    /** A window is 2^23 seconds, about 97 days, in which most zones change their offset once at most. */
    private const WINDOW_BITS = 23;

    /**
     * @var array<int, list<array{int, int}>> since when which offset in seconds, earliest first, by window since the
     *     epoch
     */
    private array $windows = [];

    public function __construct(public readonly string $name)
    {
        self::$names ??= array_fill_keys(DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true);
        if (!isset(self::$names[$name])) {
            throw new Refusal('"{name}" is not a time zone of the IANA list, such as Europe/Dublin.', name: $name);
        }
        $this->zone = new DateTimeZone($name);
    }

    /** Seconds to add to UTC for local time. */
    public function offsetAt(int $instant): int
    {
        $window = $instant >> self::WINDOW_BITS;
        $offset = 0;
        foreach ($this->windows[$window] ??= $this->window($window) as [$since, $held]) {
            if ($since > $instant) {
                break;
            }
            $offset = $held;
        }

        return $offset;
    }

    /** @return list<array{int, int}> */
    private function window(int $window): array
    {
        $from = $window << self::WINDOW_BITS;
        $changes = $this->zone->getTransitions($from, $from + (1 << self::WINDOW_BITS) - 1) ?: [];

        return array_map(static fn(array $change): array => [$change['ts'], $change['offset']], $changes);
    }

    public function dateAt(int $instant): LocalDate
    {
        return new LocalDate((int) floor(($instant + $this->offsetAt($instant)) / 86400));
    }

    /** @param int $minute minutes of the clock since midnight of $date; 1440 and more reach into later days */
    public function instant(LocalDate $date, int $minute): int
    {
        $reading = $date->day * 86400 + $minute * 60;
        $before = $this->offsetAt($reading - 86400);
        $after = $this->offsetAt($reading + 86400);
        if (
            $before !== $after &&
            $this->offsetAt($reading - $before) !== $before &&
            $this->offsetAt($reading - $after) === $after
        ) {
            return $reading - $after;
        }

        return $reading - $before;
    }

    /** The instant as local time in RFC 3339, with its offset. */
    public function format(int $instant): string
    {
        return (new DateTimeImmutable('@' . $instant))->setTimezone($this->zone)->format(DATE_RFC3339);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use Random\Randomizer;

/** Recurrence rules of RFC 5545, those that never come among them. */
final class RandomRecurrence
{
    private const DAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];

    public static function of(Randomizer $random): string
    {
        $chance = static fn(int $percent): bool => $random->getInt(1, 100) <= $percent;
        $list = static function (int $low, int $high) use ($random): string {
            return implode(
                ',',
                array_map(static fn(): int => $random->getInt($low, $high) ?: 1, range(1, $random->getInt(1, 3))),
            );
        };
        $days = static fn(bool $nth): string => implode(
            ',',
            array_map(
                static fn(): string => ($nth ? (string) ($random->getInt(-5, 5) ?: 1) : '') .
                    self::DAYS[$random->getInt(0, 6)],
                range(1, $random->getInt(1, 3)),
            ),
        );
        $counted = $chance(15);
        $frequency = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'][$random->getInt(0, 3)];

        return implode(
            ';',
            array_filter(
                [
                    "FREQ={$frequency}",
                    $chance(50) ? 'INTERVAL=' . $random->getInt(1, $chance(20) ? 400 : 14) : '',
                    $chance(45)
                        ? 'BYDAY=' .
                            $days(in_array($frequency, ['MONTHLY', 'YEARLY'], true) && !$counted && $chance(60))
                        : '',
                    $chance(25) ? 'BYMONTHDAY=' . $list(-31, 31) : '',
                    $chance(35) ? 'BYMONTH=' . $list(1, 12) : '',
                    $counted && $chance(50) ? 'BYWEEKNO=' . $list(-53, 53) : '',
                    $counted && $chance(50) ? 'BYYEARDAY=' . $list(-366, 366) : '',
                    $chance(12) ? 'BYSETPOS=' . $list(-4, 4) : '',
                    $chance(15) ? 'COUNT=' . $random->getInt(1, 40) : '',
                    $chance(15) ? 'UNTIL=20' . $random->getInt(26, 40) . '0101T000000Z' : '',
                ],
                static fn(string $part): bool => $part !== '',
            ),
        );
    }
}

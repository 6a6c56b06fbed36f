<?php

declare(strict_types=1);

namespace App\Http\Pages\Levelling;

use App\Models\Levelling\Levelling;
use OpenBaton\Core\Levelling\Fraction;
use OpenBaton\Core\Levelling\Movable;

/** What was worked out, in figures that people read. */
final readonly class LevelResult
{
    /** @param array<array-key, mixed> $kept */
    private function __construct(private array $kept) {}

    public static function of(Levelling $levelling): ?self
    {
        return $levelling->result === null ? null : new self($levelling->result);
    }

    /** @param 'before'|'after' $which */
    public function minutes(string $which): int
    {
        $cost = $this->kept[$which] ?? null;

        return self::inMinutes(is_array($cost) && is_int($cost['late'] ?? null) ? $cost['late'] : 0);
    }

    public function moves(): int
    {
        $cost = $this->kept['after'] ?? null;

        return is_array($cost) && is_int($cost['moves'] ?? null) ? $cost['moves'] : 0;
    }

    public function bound(): int
    {
        return self::inMinutes(is_int($this->kept['bound'] ?? null) ? $this->kept['bound'] : 0);
    }

    /** Upwards: what is late by a second is not said to be in time. */
    public static function inMinutes(int $units): int
    {
        return $units >= 0
            ? intdiv($units + Movable::UNITS_A_MINUTE - 1, Movable::UNITS_A_MINUTE)
            : -intdiv(-$units, Movable::UNITS_A_MINUTE);
    }

    /** @return int|null in whole percent, upwards; null: without end */
    public static function percent(Fraction $peak): ?int
    {
        if ($peak->isInfinite()) {
            return null;
        }

        return $peak->time === 0 ? 0 : (int) ceil((100 * $peak->work) / $peak->time);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** When a message that could not be sent is tried again. */
final class Tries
{
    /** Minutes after each failure, in order; after the last it is given up. */
    private const PAUSES = [1, 5, 15, 60, 240, 720];

    /**
     * @param int $failed how many tries have failed
     * @param int $at     instant of the last
     *
     * @return int|null instant of the next; null: it is given up
     */
    public static function next(int $failed, int $at): ?int
    {
        $pause = self::PAUSES[$failed - 1] ?? null;

        return $pause === null ? null : $at + $pause * 60;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Foresight;

/** A day ahead with what is left undone at its end; all in minutes of effort. */
final readonly class ForecastDay
{
    /**
     * @param int|null $inflow that usually comes in and is due on it; null: too little is known
     * @param int      $backlog left undone, with what usually comes in
     * @param int      $may    left undone where more comes in than nine of ten times
     */
    public function __construct(public Ahead $ahead, public ?int $inflow, public int $backlog, public int $may) {}
}

<?php

declare(strict_types=1);

namespace App\Bridge;

/** The house under its lock, until the transaction ends: changes of tasks are carried out one after another. */
final readonly class LockedHouse
{
    public function __construct(public HouseAt $house, public RotationStore $rotations) {}
}

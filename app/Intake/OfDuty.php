<?php

declare(strict_types=1);

namespace App\Intake;

/** That a task is one of a standing duty. */
final readonly class OfDuty
{
    public function __construct(public string $id, public string $slug) {}
}

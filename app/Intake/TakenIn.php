<?php

declare(strict_types=1);

namespace App\Intake;

use App\Formats\TaskDocument;

final readonly class TakenIn
{
    /** @param bool $again it had been taken in under the same key before */
    public function __construct(public TaskDocument $task, public bool $again) {}
}

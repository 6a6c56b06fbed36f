<?php

declare(strict_types=1);

namespace App\Intake;

use App\Models\Tasks\Task;

final readonly class TakenIn
{
    public Task $task;

    /** @param bool $again it had been taken in under the same key before */
    public function __construct(public TaskDocument $document, public bool $again)
    {
        $this->task = $document->task;
    }
}

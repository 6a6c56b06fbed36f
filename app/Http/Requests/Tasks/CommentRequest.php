<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\SpeakRequest;
use App\Models\Tasks\Task;
use LogicException;

/** What somebody says on a task, and to whom. */
final class CommentRequest extends SpeakRequest
{
    protected function on(): Task
    {
        $task = $this->route('task');

        return $task instanceof Task ? $task : throw new LogicException('The route has no task.');
    }

    protected function unseen(): string
    {
        return '{person} does not see this task. Whoever has it, or a lead, can speak to them.';
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Intake;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Http\Revision;
use App\Models\Tasks\Task;
use LogicException;

/** Something that is done with a task as it was at a revision. */
abstract class TaskRequest extends InputRequest
{
    abstract public function authorize(): bool;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['revision' => ['nullable', new Whole(0)]];
    }

    public function task(): Task
    {
        $task = $this->route('task');

        return $task instanceof Task ? $task : throw new LogicException('The route has no task.');
    }

    /** The revision that the person looked at. */
    public function seen(): ?int
    {
        return $this->filled('revision') ? $this->integer('revision') : Revision::wanted($this);
    }

    /** The page the person was on; on their own list the next task comes up. */
    public function back(): string
    {
        return $this->input('from') === 'in-hand' ? '/in-hand' : url()->previous('/');
    }
}

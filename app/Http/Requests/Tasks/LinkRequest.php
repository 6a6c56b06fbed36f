<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\Intake\TaskRequest;
use App\Models\Tasks\Task;

/** That another task goes with a task, or no longer does. */
final class LinkRequest extends TaskRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('edit', $this->task()) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'other' => ['bail', 'required', 'string', new SeesTask($this->user()), "not_in:{$this->task()->id}"],
            'on' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'other.not_in' => 'A task goes with another one, not with itself.',
            'other.*' => 'Choose a task that is there.',
        ];
    }

    public function other(): Task
    {
        return Task::query()->findOrFail($this->string('other')->toString());
    }

    public function on(): bool
    {
        return $this->boolean('on');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Rules;

use App\Bridge\TaskSubjects;
use App\Http\Requests\InputRequest;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\TextLimits;

/** What somebody asks why of: a task, a rule, a person, or any of them. */
final class WhyRequest extends InputRequest
{
    /** Characters of the document of a task that is made up: it stands in an address. */
    private const MADE_UP = 4_000;

    public function authorize(): bool
    {
        return $this->user()?->can('write', RulebookVersion::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $id = ['nullable', 'string', 'max:' . TextLimits::ID];

        return [
            'task' => $id,
            'rule' => $id,
            'person' => $id,
            'made' => ['nullable', 'string', 'max:' . self::MADE_UP],
        ];
    }

    /** One that is no longer there is none. */
    public function task(): ?Task
    {
        return $this->filled('task')
            ? Task::query()
                ->with(TaskSubjects::RELATIONS)
                ->with('kind')
                ->find($this->string('task')->toString())
            : null;
    }

    public function chosen(string $what): ?string
    {
        return $this->filled($what) ? $this->string($what)->toString() : null;
    }
}

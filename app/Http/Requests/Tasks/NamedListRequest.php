<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use App\Models\Tasks\Task;
use App\Tasks\TaskFilter;
use OpenBaton\Core\Document\TextLimits;

/** A name for a list of tasks. */
final class NamedListRequest extends InputRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'shared' => ['required', 'boolean'],
            'query' => ['present', 'array', 'max:20'],
            'query.*' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }

    public function shared(): bool
    {
        return $this->boolean('shared');
    }

    public function filter(): TaskFilter
    {
        $query = [];
        foreach ((array) $this->validated('query') as $member => $value) {
            if (is_string($value)) {
                $query[(string) $member] = $value;
            }
        }

        return new TaskFilter($query);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Http\Requests\InputRequest;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;

/** Which lanes are asked what they would become, and with which tasks. */
final class GivePreviewRequest extends InputRequest
{
    private const MOST_LANES = 100;

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tasks' => ['required', 'array', 'max:' . GiveRequest::MOST],
            'tasks.*' => ['required', 'string', 'ulid', 'distinct'],
            'people' => ['required', 'array', 'max:' . self::MOST_LANES],
            'people.*' => ['required', 'string', 'max:100', 'distinct'],
        ];
    }

    /** @return Collection<int, Task> */
    public function tasks(): Collection
    {
        return Task::query()->whereKey(array_filter((array) $this->validated('tasks'), is_string(...)))->open()->get();
    }

    /** @return list<string> slugs */
    public function people(): array
    {
        return array_values(array_filter((array) $this->validated('people'), is_string(...)));
    }
}

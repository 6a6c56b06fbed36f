<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\TextLimits;

/** Tasks that go from the lanes they are in to somebody's, each as it was seen. */
final class GiveRequest extends InputRequest
{
    public const MOST = 50;

    public function authorize(): bool
    {
        return $this->user()?->can('viewFloor', House::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tasks' => ['required', 'array', 'max:' . self::MOST],
            'tasks.*' => ['required', 'string', 'ulid', 'distinct'],
            'revisions' => ['required', 'array', 'max:' . self::MOST],
            'revisions.*' => [new Whole(0)],
            'to' => ['required', 'string', 'exists:people,slug'],
            'reason' => ['required', 'string', 'max:' . TextLimits::REASON],
        ];
    }

    /** @return Collection<int, Task> */
    public function tasks(): Collection
    {
        return Task::query()
            ->with('assignee')
            ->whereKey(array_filter((array) $this->validated('tasks'), is_string(...)))
            ->orderBy('number')
            ->get();
    }

    /** @return int|null the revision at which a task was seen */
    public function revision(Task $task): ?int
    {
        $place = array_search($task->id, (array) $this->validated('tasks'), true);
        $seen = ((array) $this->validated('revisions'))[$place] ?? null;

        return is_numeric($seen) ? (int) $seen : null;
    }

    public function to(): Person
    {
        return Person::query()
            ->where('slug', $this->string('to')->toString())
            ->firstOrFail();
    }
}

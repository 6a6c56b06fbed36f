<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\CursorPage;
use App\Http\Requests\InputRequest;
use App\Models\Tasks\Task;
use App\Tasks\TaskFilter;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\Builder;

/** A list of tasks that a program asks for. */
final class ApiTaskListRequest extends InputRequest
{
    use CursorPage;

    /** Columns by what they are sorted by; "-" before it: the other way round. */
    private const SORTS = ['number' => 'number', 'arrived' => 'arrived_at', 'due' => 'due_at'];

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_diff_key(TaskListRequest::members(), ['sort' => 1, 'down' => 1, 'group' => 1, 'cols' => 1]) +
            self::paged(array_keys(self::SORTS));
    }

    /** @param string|null $me whoever asks, by slug */
    public function filter(?string $me): TaskFilter
    {
        return new TaskFilter($this->asked('holder', $me));
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return CursorPaginator<int, Task>
     */
    public function page(Builder $tasks): CursorPaginator
    {
        $column = self::SORTS[$this->sortedBy('-number')];
        if ($column === 'due_at') {
            // What has none has no place among the others.
            $tasks->whereNotNull($column);
        }

        return $this->cursored($tasks, $column);
    }
}

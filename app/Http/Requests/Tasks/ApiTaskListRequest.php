<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Tasks\Task;
use App\Tasks\TaskFilter;
use Illuminate\Contracts\Pagination\CursorPaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Pagination\Cursor;
use Illuminate\Validation\Rule;

/** A list of tasks that a program asks for. */
final class ApiTaskListRequest extends InputRequest
{
    private const USUAL = 50;
    private const MOST = 200;
    private const ME = 'me';

    /** Columns by what they are sorted by; "-" before it: the other way round. */
    private const SORTS = ['number' => 'number', 'arrived' => 'arrived_at', 'due' => 'due_at'];

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $sorts = array_keys(self::SORTS);

        return array_diff_key(TaskListRequest::members(), ['sort' => 1, 'down' => 1, 'group' => 1, 'cols' => 1]) + [
            'sort' => [
                'nullable',
                Rule::in([...$sorts, ...array_map(static fn(string $one): string => "-{$one}", $sorts)]),
            ],
            'limit' => ['nullable', new Whole(1, self::MOST)],
            'cursor' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @param string|null $me whoever asks, by slug */
    public function filter(?string $me): TaskFilter
    {
        $given = array_filter($this->validated(), is_string(...));
        if (($given['holder'] ?? null) === self::ME) {
            $given['holder'] = $me ?? self::ME;
        }

        return new TaskFilter($given);
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return CursorPaginator<int, Task>
     */
    public function page(Builder $tasks): CursorPaginator
    {
        $sort = $this->filled('sort') ? $this->string('sort')->toString() : '-number';
        $column = self::SORTS[ltrim($sort, '-')];
        if ($column === 'due_at') {
            // What has none has no place among the others.
            $tasks->whereNotNull($column);
        }
        $way = str_starts_with($sort, '-') ? 'desc' : 'asc';
        $tasks->orderBy($column, $way)->orderBy('id', $way);

        return $tasks->cursorPaginate($this->integer('limit', self::USUAL), ['*'], 'cursor', $this->cursor($column));
    }

    private function cursor(string $column): ?Cursor
    {
        if (!$this->filled('cursor')) {
            return null;
        }
        $read = json_decode((string) base64_decode(strtr($this->string('cursor')->toString(), '-_', '+/'), true), true);
        $known = is_array($read) && is_string($read['id'] ?? null) && is_scalar($read[$column] ?? null);

        return $known
            ? new Cursor(
                [$column => (string) $read[$column], 'id' => $read['id']],
                ($read['_pointsToNextItems'] ?? true) !== false,
            )
            : throw Invalid::at('cursor', 'This is no place in this list.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests\Tasks;

use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Tasks\Task;
use App\Tasks\TaskFilter;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** A list of tasks as its address has it. */
final class TaskListRequest extends InputRequest
{
    private const FARTHEST = 100_000;

    public function authorize(): bool
    {
        return $this->user()?->can('find', Task::class) === true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::members() + ['page' => ['nullable', new Whole(1, self::FARTHEST)]];
    }

    /** @return array<string, list<mixed>> of an address, but for the page */
    public static function members(): array
    {
        $id = ['nullable', 'string', 'max:' . TextLimits::ID];

        return [
            'q' => ['nullable', 'string', 'max:' . TextLimits::NAME],
            'status' => [
                'nullable',
                Rule::in([
                    TaskFilter::OPEN,
                    TaskFilter::ALL,
                    TaskFilter::TO_HAND_ON,
                    ...array_column(TaskStatus::cases(), 'value'),
                ]),
            ],
            'kind' => $id,
            'holder' => $id,
            'team' => $id,
            'customer' => $id,
            'priority' => ['nullable', Rule::enum(Priority::class)],
            'due' => ['nullable', Rule::in(TaskFilter::DUE)],
            'dates' => ['nullable', Rule::in(array_keys(TaskFilter::DATES))],
            'from' => ['nullable', 'date_format:Y-m-d'],
            'to' => ['nullable', 'date_format:Y-m-d'],
            'tag' => ['nullable', 'string', 'max:' . TextLimits::TAG],
            'sort' => ['nullable', Rule::in(TaskFilter::SORTS)],
            'down' => ['nullable', Rule::in(['0', '1'])],
            'group' => ['nullable', Rule::in(TaskFilter::GROUPS)],
            'cols' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function filter(): TaskFilter
    {
        return new TaskFilter(array_filter($this->validated(), is_string(...)));
    }
}

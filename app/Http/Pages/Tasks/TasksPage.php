<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Fields\Choices;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Runsheets\RunsheetChoices;
use App\Http\Viewer;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskList;
use App\Tasks\ListedTasks;
use App\Tasks\TaskFilter;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Subject\SubjectKind;

/** A list of tasks by pages, with what it can be narrowed by. Its type is TasksPage.ts. */
final readonly class TasksPage
{
    private const PAGE = 100;

    public function __construct(private Viewer $viewer, private ListedTasks $listed, private ListWords $words) {}

    /** @return array<string, mixed> */
    public function props(TaskFilter $filter, int $page): array
    {
        $tasks = $this->listed->of($filter, $this->viewer->user());
        $total = $tasks->clone()->count();
        $pages = max(1, (int) ceil($total / self::PAGE));
        $page = min($page, $pages);
        $rows = $this->listed
            ->inOrder($tasks->clone(), $filter)
            ->with(['kind', 'customer', 'assignee', 'holdsWith'])
            ->forPage($page, self::PAGE)
            ->get();

        $options = $this->words->options();

        return [
            'filter' => (object) $filter->params(),
            'said' => $this->words->said($filter, $options),
            'rows' => array_values($rows->map(fn(Task $one): array => $this->row($one, $filter))->all()),
            'total' => $total,
            'page' => $page,
            'pages' => $pages,
            'groups' => $filter->group === '' ? [] : $this->groups($tasks->clone(), $filter->group),
            'options' => $options,
            'columns' => Choices::of($this->columns()),
            'sheets' => $this->viewer->user()->can('viewAny', Run::class)
                ? RunsheetChoices::about(SubjectKind::Task)
                : [],
            'lists' => NamedListLines::of(TaskList::TASKS, $this->viewer->user()),
        ];
    }

    /** @return array<string, string> labels of the fields of the house that a list may show, by path */
    public function columns(): array
    {
        $house = $this->viewer->snapshot();

        return array_map(
            static fn(Field $field): string => $field->label,
            array_filter(
                $house->catalogue->fields,
                static fn(Field $field): bool => in_array($field->path, $house->customFields, true) &&
                    str_starts_with($field->path, 'task.') &&
                    !$field->retired,
            ),
        );
    }

    /** @return array<string, mixed> */
    private function row(Task $task, TaskFilter $filter): array
    {
        $facts = [];
        foreach (array_intersect_key((array) $task->facts, array_flip($filter->columns)) as $path => $value) {
            $facts[$path] = $this->viewer->words()->value((string) $path, $value);
        }

        return TaskLine::of($task) + [
            'holder' => PersonRef::orNull($task->assignee),
            'heldWith' => array_values($task->holdsWith->map(PersonRef::of(...))->all()),
            'tags' => $task->tagList(),
            'facts' => (object) $facts,
            'group' => $filter->group === '' ? null : self::groupOf($task, $filter->group),
        ];
    }

    private static function groupOf(Task $task, string $group): string
    {
        return match ($group) {
            'holder' => (string) $task->assignee_id,
            'kind' => (string) $task->task_kind_id,
            'status' => $task->status->value,
            default => $task->priority->value,
        };
    }

    /**
     * @param Builder<Task> $tasks
     *
     * @return list<array{key: string, label: string, count: int}>
     */
    private function groups($tasks, string $group): array
    {
        $column = ['holder' => 'assignee_id', 'kind' => 'task_kind_id'][$group] ?? $group;
        $house = $this->viewer->snapshot();
        $groups = [];
        // The query builder has no count by groups; there is nothing in it from outside.
        foreach (
            $tasks
                ->groupBy($column)
                ->selectRaw("{$column} AS `key`, COUNT(*) AS number")
                ->toBase()
                ->get()
            as $row
        ) {
            $row = (array) $row;
            $key = is_scalar($row['key'] ?? null) ? (string) $row['key'] : '';
            $groups[] = [
                'key' => $key,
                'label' => match ($group) {
                    'holder' => $house->roster->people[$house->personSlugs[$key] ?? '']->name ??
                        $this->viewer->words()->words->say('task_list.nobody'),
                    'kind' => $house->kinds[$key]->name ?? '',
                    default => $this->viewer->words()->words->say("{$group}.{$key}"),
                },
                'count' => is_numeric($row['number'] ?? null) ? (int) $row['number'] : 0,
            ];
        }

        return $groups;
    }
}

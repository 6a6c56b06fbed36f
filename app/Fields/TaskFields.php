<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\Duties\Duty;
use App\Models\House\House;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** What every task has. */
final readonly class TaskFields implements FieldProvider
{
    /** Where the words of their values stand, by path. */
    public const VALUES = ['task.status' => 'status', 'task.priority' => 'priority', 'task.source' => 'source'];

    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        /** @var array<string, string> $kinds */
        $kinds = TaskKind::query()->orderBy('position')->pluck('name', 'slug')->all();

        /** @var array<string, string> $duties */
        $duties = Duty::withTrashed()->orderBy('name')->pluck('name', 'slug')->all();
        $state = [];
        foreach (StateFields::TYPES as $path => $type) {
            $state[] = $this->field(
                $path,
                $type,
                match ($path) {
                    'task.status' => $this->labels('status', TaskStatus::cases()),
                    'task.priority' => $this->labels('priority', Priority::cases()),
                    default => [],
                },
            );
        }

        return [
            ...$kinds === [] ? [] : [$this->field('task.kind', FieldType::OneOf, $kinds)],
            $this->field('task.title', FieldType::Text),
            ...$state,
            $this->field('task.source', FieldType::OneOf, $this->labels('source', TaskSource::cases())),
            ...$duties === [] ? [] : [$this->field(DutyFields::OF_TASK, FieldType::OneOf, $duties)],
        ];
    }

    /** Those of its state follow from that. */
    public function values(TaskContent $task, FieldContext $context): array
    {
        return [
            'task.kind' => $task->kind?->slug,
            'task.title' => $task->title,
            'task.source' => $task->source->value,
            DutyFields::OF_TASK => $task->duty,
        ];
    }

    /** @param array<string, string> $options */
    private function field(string $path, FieldType $type, array $options = []): Field
    {
        return new Field($path, $this->words->say("field.{$path}"), $type, $options);
    }

    /**
     * @param list<Priority|TaskStatus|TaskSource> $cases
     *
     * @return array<string, string>
     */
    private function labels(string $of, array $cases): array
    {
        $labels = [];
        foreach ($cases as $case) {
            $labels[$case->value] = $this->words->say("{$of}.{$case->value}");
        }

        return $labels;
    }
}

<?php

declare(strict_types=1);

namespace App\Fields;

use App\Intake\IncomingTask;
use App\Intake\TaskSource;
use App\Models\House;
use App\Models\TaskKind;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Priority;

/** What every task has. */
final readonly class TaskFields implements FieldProvider
{
    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        /** @var array<string, string> $kinds */
        $kinds = TaskKind::query()->orderBy('position')->pluck('name', 'slug')->all();

        return [
            ...($kinds === [] ? [] : [$this->field('task.kind', FieldType::OneOf, $kinds)]),
            $this->field('task.title', FieldType::Text),
            $this->field('task.priority', FieldType::OneOf, $this->labels('priority', Priority::cases())),
            $this->field('task.estimate', FieldType::Duration),
            $this->field('task.due', FieldType::Date),
            $this->field('task.tags', FieldType::Tags),
            $this->field('task.source', FieldType::OneOf, $this->labels('source', TaskSource::cases())),
        ];
    }

    public function values(IncomingTask $task, Subject $subject, FieldContext $context): array
    {
        return [
            'task.kind' => $task->kind->slug,
            'task.title' => $task->title,
            'task.priority' => $subject->priority->value,
            'task.estimate' => $subject->effort->estimate,
            'task.due' => $subject->dueAt === null ? null : $context->zone->dateAt($subject->dueAt)->format(),
            'task.tags' => $subject->tags,
            'task.source' => $task->source->value,
        ];
    }

    /** @param array<string, string> $options */
    private function field(string $path, FieldType $type, array $options = []): Field
    {
        return new Field($path, $this->words->say("field.{$path}"), $type, $options);
    }

    /**
     * @param list<Priority|TaskSource> $cases
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

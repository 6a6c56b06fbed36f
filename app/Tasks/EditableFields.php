<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Snapshot;
use App\Fields\Choices;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;

/**
 * What of a task people change by hand: what every task has, and the fields of the house. Values are as documents have
 * them.
 */
final readonly class EditableFields
{
    /** The type of the entry of each that every task has. */
    private const OWN = [
        'task.title' => 'line',
        CreateTask::DETAILS_FIELD => 'long_text',
        'task.priority' => 'one_of',
        'task.due' => 'moment',
        'task.start' => 'moment',
        'task.estimate' => 'duration',
        'task.tags' => 'tags',
    ];

    public function __construct(private Snapshot $house, private Words $words) {}

    /**
     * @return list<array{path: string, label: string, type: string, options: list<array{value: string,
     *     label: string}>}> in their order
     */
    public function all(): array
    {
        $fields = [];
        foreach (self::OWN as $path => $type) {
            $fields[] = [
                'path' => $path,
                'label' => $this->label($path),
                'type' => $type,
                'options' => Choices::of($this->house->catalogue->find($path)->options ?? []),
            ];
        }

        return [
            ...$fields,
            ...Choices::entries(
                array_filter(
                    $this->house->catalogue->fields,
                    static fn(Field $field): bool => Assignment::isSettable($field->path) && !$field->retired,
                ),
            ),
        ];
    }

    public function label(string $path): string
    {
        return $path === CreateTask::DETAILS_FIELD
            ? $this->words->say('field.task.details')
            : $this->house->catalogue->find($path)->label ?? $path;
    }

    public function value(Subject $subject, string $path): mixed
    {
        $field = $this->house->catalogue->find($path);
        $value = $subject->fields[$path] ?? null;

        return match ($path) {
            'task.priority' => $subject->priority->value,
            'task.due' => Instant::orNull($subject->dueAt),
            'task.start' => Instant::orNull($subject->startAt),
            'task.estimate' => $subject->effort->estimate === null
                ? null
                : Duration::format($subject->effort->estimate),
            'task.tags' => $subject->tags === [] ? null : $subject->tags,
            default => $value === null || $field === null ? $value : ValueCodec::write($value, $field->type),
        };
    }

    /**
     * @param Node $node a value; null empties
     *
     * @throws DocumentError
     */
    public function set(Subject $subject, string $path, Node $node): Subject
    {
        $empty = ValueCodec::isBlank($node);
        if (!isset(self::OWN[$path])) {
            $field = $this->house->catalogue->find($path);
            if ($field === null || !Assignment::isSettable($path)) {
                throw $node->fail('There is no field "{path}" that is changed by hand.', path: $path);
            }

            return $subject->withField($path, $empty ? null : ValueCodec::read($node, $field, $this->house->roster));
        }
        if ($empty && in_array($path, ['task.title', 'task.priority'], true)) {
            throw $node->unfinished('This is needed.');
        }

        return match ($path) {
            'task.title' => $subject->withField($path, $node->line(TextLimits::TITLE)),
            CreateTask::DETAILS_FIELD => $subject->withField($path, $empty ? null : $node->prose(TextLimits::DETAILS)),
            'task.priority' => $subject->prioritised($node->case(Priority::class)),
            // Set by hand, it follows nothing any more.
            'task.due' => $subject->dueAt($empty ? null : $node->instant()),
            'task.start' => $subject->with(['startAt' => $empty ? null : $node->instant()]),
            'task.estimate' => $subject->with([
                'effort' => new Effort(
                    $subject->effort->default,
                    $empty ? null : $node->minutes(),
                    $subject->effort->spent,
                    $subject->effort->remaining,
                ),
            ]),
            default => $subject->with([
                'tags' => $empty
                    ? []
                    : array_values(
                        array_unique(
                            array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $node->items()),
                        ),
                    ),
            ]),
        };
    }
}

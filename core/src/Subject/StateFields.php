<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Time\Zone;

/** Fields whose values follow from the state of a task rather than being kept as such. */
final class StateFields
{
    public const PREFIX = 'task.';

    public const TITLE = 'task.title';

    /** @var array<string, FieldType> by path */
    public const TYPES = [
        'task.status' => FieldType::OneOf,
        'task.priority' => FieldType::OneOf,
        'task.estimate' => FieldType::Duration,
        'task.due' => FieldType::Date,
        'task.start' => FieldType::Date,
        'task.wakes' => FieldType::Date,
        'task.arrived' => FieldType::Date,
        'task.tags' => FieldType::Tags,
        'task.assignee' => FieldType::Person,
        'task.holders' => FieldType::Number,
        'task.previous_assignee' => FieldType::Person,
        'task.reviewer' => FieldType::Person,
        'task.last_reviewer' => FieldType::Person,
        'task.creator' => FieldType::Person,
        'task.to_hand_on' => FieldType::YesNo,
        'task.open_items' => FieldType::Number,
        'task.comments' => FieldType::Number,
        'task.files' => FieldType::Number,
    ];

    /**
     * All that criteria and merged texts see of a task: what follows from its state, and the fields that it keeps.
     *
     * @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there
     */
    public static function seen(TaskSubject $subject, Zone $zone): array
    {
        return array_replace($subject->fields, self::values($subject, $zone));
    }

    /** @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there */
    private static function values(TaskSubject $subject, Zone $zone): array
    {
        $day = static fn(?int $instant): ?string => $instant === null ? null : $zone->dateAt($instant)->format();

        return array_filter(
            [
                'task.status' => $subject->status->value,
                'task.priority' => $subject->priority->value,
                'task.estimate' => $subject->effort->estimate,
                'task.due' => $day($subject->dueAt),
                'task.start' => $day($subject->startAt),
                'task.wakes' => $day($subject->wakesAt),
                'task.arrived' => $day($subject->createdAt),
                'task.tags' => $subject->tags,
                'task.assignee' => $subject->holderId,
                'task.holders' => $subject->sharing === null ? null : count($subject->holderIds()),
                'task.previous_assignee' => $subject->previousHolderId,
                'task.reviewer' => $subject->reviewerId,
                'task.last_reviewer' => $subject->lastReviewerId,
                'task.creator' => $subject->creatorId,
                'task.to_hand_on' => $subject->toHandOn,
                'task.open_items' => $subject->openItems(),
                'task.comments' => $subject->comments,
                'task.files' => $subject->files,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** Of date fields that are known to the second, the instant. */
    public static function moment(string $path, TaskSubject $subject): ?int
    {
        return match ($path) {
            'task.due' => $subject->dueAt,
            'task.start' => $subject->startAt,
            'task.wakes' => $subject->wakesAt,
            'task.arrived' => $subject->createdAt,
            default => null,
        };
    }
}

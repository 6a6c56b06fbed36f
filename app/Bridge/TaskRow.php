<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\TaskFormat;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/** Puts the state of a task into its row. */
final class TaskRow
{
    /** @param int $at instant of the change */
    public static function put(TaskSubject $subject, Task $row, Snapshot $house, int $at): void
    {
        $moment = static fn(?int $instant): ?CarbonImmutable => $instant === null
            ? null
            : CarbonImmutable::createFromTimestampUTC($instant);
        $kind = $subject->fields['task.kind'] ?? null;
        $title = $subject->fields['task.title'] ?? null;
        $row->fill([
            'title' => is_string($title) ? $title : (string) $row->title,
            'task_kind_id' => is_string($kind)
                ? $house->kindNamed($kind)->id ?? $row->task_kind_id
                : $row->task_kind_id,
            'status' => $subject->status,
            'priority' => $subject->priority,
            'customer_id' => $subject->customerId,
            'facts' => self::facts($subject, (array) $row->facts, $house),
            'tags' => $subject->tags,
            'estimate_minutes' => $subject->effort->estimate,
            'spent_minutes' => $subject->effort->spent,
            'assignee_id' => $house->idOf($subject->holderId),
            'do_together' => $subject->sharing?->doTogether,
            'reviewer_id' => $house->idOf($subject->reviewerId),
            'last_reviewer_id' => $house->idOf($subject->lastReviewerId),
            'previous_assignee_id' => $house->idOf($subject->previousHolderId),
            'creator_id' => $house->idOf($subject->creatorId),
            'made_by_rule' => $subject->madeByRule,
            'runs' => $subject->runs,
            'starts_at' => $moment($subject->startAt),
            'to_hand_on' => $subject->toHandOn,
            'case_id' => $subject->caseId,
            'case_stage' => $subject->stage,
            'needed' => $subject->needed,
            'answers' => $subject->answers,
            'due_at' => $moment($subject->dueAt),
            'due_follows' => $subject->dueFollows === null ? null : TaskFormat::writeFollow($subject->dueFollows),
            'text_follows' => $subject->textFollows?->write(),
            'waiting_for' => $subject->waitingFor,
            'wakes_at' => $moment($subject->wakesAt),
            'resumes_as' => $subject->resumesAs,
            'checklist' => array_map(get_object_vars(...), $subject->checklist),
            'comments_count' => $subject->comments,
            'files_count' => $subject->files,
        ]);
        if (!$row->exists) {
            // What is made for a case belongs to it, what is made for a customer is theirs.
            $row->setAttribute(
                match ($subject->madeById) {
                    $subject->caseId => 'made_by_case_id',
                    $subject->customerId, HouseSubject::ID => 'made_by_other',
                    default => 'made_by_id',
                },
                $subject->madeById,
            );
        }
        if (array_key_exists(CreateTask::DETAILS_FIELD, $subject->fields) || $row->exists) {
            $details = $subject->fields[CreateTask::DETAILS_FIELD] ?? null;
            $row->description = is_string($details) ? $details : null;
        }
        if ($subject->status === TaskStatus::Working) {
            $row->started_at ??= $moment($at);
        }
        if ($subject->status->isOpen()) {
            $row->completed_at = null;
        } elseif ($row->completed_at === null) {
            $row->started_at ??= $moment($at);
            $row->completed_at = $moment($at);
        }
    }

    /**
     * The house's own fields as documents have them; what no field knows any more stays.
     *
     * @param array<array-key, mixed> $known
     *
     * @return array<array-key, mixed>
     */
    private static function facts(TaskSubject $subject, array $known, Snapshot $house): array
    {
        foreach ($house->catalogue->fields as $path => $field) {
            if (Assignment::isSettable($path)) {
                unset($known[$path]);
                $value = $subject->fields[$path] ?? null;
                if ($value !== null) {
                    $known[$path] = ValueCodec::write($value, $field->type);
                }
            }
        }

        return $known;
    }
}

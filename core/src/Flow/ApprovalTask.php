<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;

/** The task of somebody whose answer an approval wants: it is done by the answer. */
final class ApprovalTask
{
    /** The kind of task that it is. */
    public const KIND = 'approval';

    /**
     * @param Subject     $of      what is to be approved
     * @param array<string, string|int|float|bool|list<string>> $carried what it has of that from the beginning, by path
     * @param string      $name    of the approval
     * @param string|null $details what is said to those who are asked
     * @param int         $minutes that such a task takes
     */
    public static function of(
        Subject $of,
        array $carried,
        string $name,
        ?string $details,
        ApprovalPlace $place,
        Approval $approval,
        int $at,
        int $minutes,
        ?string $ruleId = null,
    ): TaskSubject {
        $fields = array_filter(
            $carried,
            static fn(string $path): bool => !str_starts_with($path, 'task.'),
            ARRAY_FILTER_USE_KEY,
        );
        $fields['task.kind'] = self::KIND;
        $fields[CreateTask::SOURCE_FIELD] = CreateTask::SOURCE;
        $fields['task.title'] = mb_substr("{$name}: {$of->title()}", 0, TextLimits::NAME);
        if ($details !== null && $details !== '') {
            $fields[CreateTask::DETAILS_FIELD] = mb_substr($details, 0, TextLimits::DETAILS);
        }
        $case = $of instanceof CaseSubject ? $of->id : ($of instanceof TaskSubject ? $of->caseId : null);
        $task = new TaskSubject(
            '',
            $at,
            new Effort($minutes),
            holderId: $place->byId,
            dueAt: $approval->latest,
            fields: $fields,
            customerId: $of->customerId,
            madeById: $of->id,
            madeByRule: $ruleId,
            answers: $name,
        );

        return $task->inCase($case, $case === null ? null : $task->stageNow(), false);
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\CaseSubjects;
use App\Bridge\ChangeRunner;
use App\Bridge\HouseAt;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\SubjectRows;
use App\Fields\FieldProviders;
use App\Models\Tasks\HandoffCause;
use App\Refusals\CaseMovedOn;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;

/** Routes a task that arrives. */
final readonly class RouteTask
{
    public function __construct(
        private FieldProviders $fields,
        private ChangeRunner $runner,
        private CaseSubjects $cases,
        private CaseOfArrival $case,
    ) {}

    public function ready(Arrival $arrival, IncomingTask $task, HouseAt $house): ReadyToRoute
    {
        $subject = $this->subject($arrival, $task, $house, $task->caseId);

        return new ReadyToRoute($arrival, $task, self::change($subject, $task, $house), $subject, $house);
    }

    private function subject(Arrival $arrival, IncomingTask $task, HouseAt $house, ?string $caseId): TaskSubject
    {
        return $this->inCase(
            new TaskSubject(
                $arrival->taskId,
                $arrival->at,
                new Effort($task->kind->usualMinutes, $task->estimateMinutes),
                priority: $task->priority,
                holderId: $arrival->holder,
                startAt: $task->startsAt,
                dueAt: $task->dueAt,
                tags: $task->tags,
                fields: $this->fields->values($task->content(), $house->snapshot->fieldContext()),
                customerId: $task->customer?->id,
                creatorId: $arrival->byPerson,
                madeById: $task->own?->madeById,
                reviewerId: $task->own?->reviewer,
                checklist: array_map(
                    static fn(string $text): ChecklistItem => new ChecklistItem($text),
                    $task->own->items ?? [],
                ),
            ),
            $task->needed,
            $house,
            $caseId,
        );
    }

    /** @throws CaseMovedOn where its case is closed by now */
    private function inCase(TaskSubject $subject, bool $needed, HouseAt $house, ?string $caseId): TaskSubject
    {
        if ($caseId === null) {
            return $subject;
        }
        $case = SubjectRows::cases()->findOrFail($caseId);

        return $case->isOpen()
            ? $subject->inCase($case->id, $case->stage, $needed)->seeing($this->cases->seen($case, $house))
            : throw CaseMovedOn::since($case);
    }

    private static function change(TaskSubject $subject, IncomingTask $task, HouseAt $house): ChangeSet
    {
        return new ChangeSet(
            "arrival-{$subject->id}",
            $subject->createdAt,
            null,
            $subject,
            $house->router()->facts->of(null, $subject, $subject->createdAt),
            placed: $subject->holderId !== null,
            own: $task->own?->give,
        );
    }

    /** @param ReadyToRoute $ready with a house that decides like the locked one */
    public function __invoke(ReadyToRoute $ready, LockedHouse $locked): TaskDocument
    {
        $task = $ready->arrival->task($ready->task);
        // Its case opens now, or may have moved since it was made ready.
        $caseId = $ready->task->caseId ?? $this->case->open($ready, $locked);
        $again = $caseId !== null;
        $change = $again
            ? self::change(
                $this->subject($ready->arrival, $ready->task, $locked->house, $caseId),
                $ready->task,
                $locked->house,
            )
            : $ready->change;
        $occasion = new Occasion(
            $ready->change->at,
            Cause::Intake,
            TaskArrives::kind(),
            $ready->arrival->byUserId,
            handoff: HandoffCause::Given,
        );
        $chain = $this->runner->run(
            $locked,
            $occasion,
            [$change],
            [$ready->arrival->taskId => $task],
            $again ? null : $ready->needs,
        );

        return TaskDocument::arrived(
            $task,
            $ready->task,
            $chain->tasks()[$ready->arrival->taskId],
            $locked->house->snapshot,
        );
    }
}

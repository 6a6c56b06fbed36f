<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\FieldProviders;
use App\Fields\KnownCustomer;
use App\Fields\TaskContent;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Support\Collection;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TaskFormat;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Workload\Effort;

/** Tasks of the tables as subjects of the core. */
final readonly class TaskSubjects
{
    /** What a task has to come with. */
    public const RELATIONS = [
        'customer',
        'holdsWith',
        'claimants',
        'watchers',
        'waitsOn:id',
        'linked:id',
        'covers',
        'case.customer',
    ];

    public function __construct(
        private FieldProviders $fields,
        private CustomerSource $customers,
        private CaseSubjects $cases,
    ) {}

    /**
     * @param Collection<int, Task> $tasks with RELATIONS
     *
     * @return list<TaskSubject>
     */
    public function all(Collection $tasks, HouseAt $house): array
    {
        return array_values($tasks->map(fn(Task $task): TaskSubject => $this->of($task, $house))->all());
    }

    /** @param Task $task with RELATIONS */
    public function of(Task $task, HouseAt $at): TaskSubject
    {
        $customer = $task->customer === null ? null : $this->customers->named($task->customer->slug, $at);

        return $this->for($task, $customer, $at);
    }

    /** As it is where it is for a customer as given: another one, or the same with other values. */
    public function for(Task $task, ?KnownCustomer $customer, HouseAt $at): TaskSubject
    {
        $house = $at->snapshot;
        $kind = $house->kinds[$task->task_kind_id] ?? null;
        $person = static fn(?string $id): ?string => $id === null ? null : $house->personSlugs[$id] ?? null;
        $content = new TaskContent(
            $task->title,
            $kind,
            $task->source,
            $customer,
            (array) $task->facts,
            $house->dutySlugs[$task->duty_id ?? ''] ?? null,
        );
        $fields = $this->fields->values($content, $house->fieldContext());
        if ($task->description !== null && $task->description !== '') {
            $fields[CreateTask::DETAILS_FIELD] = $task->description;
        }

        if ($task->case !== null) {
            $fields += $this->cases->seen($task->case, $at);
        }

        return new TaskSubject(
            $task->id,
            $task->arrived_at->getTimestamp(),
            new Effort(
                $kind->usualMinutes ?? 0,
                $task->estimate_minutes,
                $task->spent_minutes,
                $task->remaining_minutes,
            ),
            $task->status,
            $task->priority,
            $person($task->assignee_id),
            $task->assignee_id === null ? Person::slugs($task->claimants) : [],
            $person($task->reviewer_id),
            $task->starts_at?->getTimestamp(),
            $task->due_at?->getTimestamp(),
            $task->tagList(),
            $fields,
            $person($task->last_reviewer_id),
            $task->wakes_at?->getTimestamp(),
            $task->waiting_for,
            $task->resumes_as,
            self::ids($task->waitsOn),
            $task->due_follows === null ? null : TaskFormat::follow(Node::root($task->due_follows), $house->catalogue),
            $task->items(),
            $task->comments_count,
            $task->files_count,
            Person::slugs($task->watchers),
            $customer?->id,
            $person($task->creator_id),
            $task->made_by_id ?? ($task->made_by_case_id ?? $task->made_by_other),
            self::ids($task->linked),
            TaskCovers::read($task, SeatName::Holder, $house),
            TaskCovers::read($task, SeatName::Reviewer, $house),
            $task->made_by_rule,
            $task->text_follows === null ? null : FollowingTexts::read($task->text_follows),
            $person($task->previous_assignee_id),
            self::sharing($task),
            $task->to_hand_on,
            $task->case_id,
            $task->case_stage,
            $task->needed,
            $task->answers,
            $task->runs,
        );
    }

    private static function sharing(Task $task): ?Sharing
    {
        $others = array_values($task->holdsWith->map(static fn(Person $one): string => $one->slug)->all());

        return $others === [] ? null : new Sharing($others, $task->do_together === true);
    }

    /**
     * @param Collection<int, Task> $tasks
     *
     * @return list<string> in order
     */
    private static function ids(Collection $tasks): array
    {
        return array_values($tasks->map(static fn(Task $other): string => $other->id)->sort()->all());
    }
}

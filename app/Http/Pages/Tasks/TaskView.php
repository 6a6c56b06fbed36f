<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\DecisionReader;
use App\Bridge\TaskSubjects;
use App\Explain\ReasonTrail;
use App\Http\Pages\Approvals\ApprovalLines;
use App\Http\Pages\FactLines;
use App\Http\Pages\Guides\TaskGuides;
use App\Http\Pages\Messages\MessageView;
use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Reminders\ReminderLines;
use App\Http\Pages\Runsheets\RunLine;
use App\Http\Pages\Runsheets\RunsheetChoices;
use App\Http\Viewer;
use App\Models\Absences\TaskCover;
use App\Models\Foresight\LearnedEffort;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Policies\TaskPolicy;
use App\Tasks\Completing;
use App\Tasks\GiveBackTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Subject\Completion;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\Transitions;

/** A task with all that is needed to do it and to understand how it came here. Its type is TaskView.ts. */
final readonly class TaskView
{
    private const HANDOFFS = 20;

    public function __construct(
        private Viewer $viewer,
        private ApprovalLines $approvals,
        private DecisionReader $decisions,
        private TaskHistory $history,
        private TaskNext $next,
        private TaskButtons $buttons,
        private TaskLinks $links,
        private TaskReasons $reasons,
        private TaskSubjects $subjects,
        private Completing $completing,
        private MessageView $messages,
        private TaskGuides $guides,
        private ReminderLines $reminders,
    ) {}

    /** @return array<string, mixed> */
    public function of(Task $task): array
    {
        $task->loadMissing([
            ...TaskSubjects::RELATIONS,
            'kind',
            'customer.place',
            'assignee',
            'reviewer',
            'covers.for',
            'duty',
        ]);
        // The latest, in order; its history has all of them.
        $task->setRelation(
            'handoffs',
            $task
                ->handoffs()
                ->with(['task', 'from', 'to', 'standsInFor', 'user'])
                ->orderByDesc('at')
                ->orderByDesc('id')
                ->limit(self::HANDOFFS)
                ->get()
                ->reverse()
                ->values(),
        );
        $words = $this->viewer->words();
        $may = $this->may($task);
        $comments = $this->viewer->user()->can('comment', $task);
        $history = $this->history->page($task);

        return TaskLine::of($task) + [
                'description' => $task->description,
                'kindSlug' => (string) $task->kind?->slug,
                'guides' => $this->guides->of($task),
                'contact' => $this->viewer->user()->can('viewContact', $task) ? $task->contact : null,
                'case' => TaskCase::of($task, $this->viewer),
                'asked' => $this->approvals->asked($task),
                'approvals' => $this->approvals->ofTask($task),
                'runs' => RunLine::ofSubject($task, $this->viewer),
                'sheets' => RunsheetChoices::of($task, $this->viewer),
                'place' => $task->customer?->place?->name,
                'source' => $words->value('task.source', $task->source->value),
                ...TaskOrigin::of($task, $this->viewer),
                'mayRepeat' => $this->viewer->user()->can('shape', House::class),
                'facts' => FactLines::of((array) $task->facts, $words),
                'tags' => $task->tags,
                'estimateMinutes' => $task->estimate_minutes ?? (int) $task->kind?->usual_minutes,
                'spentMinutes' => $task->spent_minutes,
                'isLong' => self::isLong($task),
                'countedSince' => $this->countedSince($task),
                'toHandOnNote' => $task->to_hand_on_note,
                'startedAt' => Moment::orNull($task->started_at),
                'outcomeNote' => $task->outcome_note,
                'assignee' => PersonRef::orNull($task->assignee),
                'heldWith' => array_values($task->holdsWith->map(PersonRef::of(...))->all()),
                'doTogether' => $task->do_together === true,
                'claimants' => $task->claimants->map(PersonRef::of(...))->all(),
                'revision' => $task->revision,
                'may' => $may,
                'handoffs' => array_values($task->handoffs->map(HandoffLine::of(...))->all()),
                'reviewer' => PersonRef::orNull($task->reviewer),
                'covers' => array_values($task->covers->map($this->cover(...))->all()),
                'links' => $this->links->of($task),
                'checklist' => array_map(get_object_vars(...), $task->items()),
                'files' => TaskFiles::page($task),
                'messages' => $this->messages->of($task),
                'writing' => MessageView::ways($this->viewer->user()->can('perform', [$task, TaskAction::ToHandOn])),
                'reminders' => $this->reminders->ofTask($task),
                'mayAttach' => $comments,
                'watchers' => array_values($task->watchers->map(PersonRef::of(...))->all()),
                'watching' => $comments ? $this->watching($task) : null,
                'reasons' => $this->reasons->of($task),
                'asksWhy' => $this->viewer->user()->can('write', RulebookVersion::class),
                'history' => $history['entries'],
                'earlier' => $history['earlier'],
                'next' => $this->next->of($task),
                'buttons' => $this->buttons->of($task),
            ] +
            $this->completion($task);
    }

    /** @return array<string, mixed> the reason trail of a decision */
    public function trail(Decision $decision): array
    {
        return (new ReasonTrail($this->viewer->words()))->of($this->decisions->document($decision));
    }

    /**
     * @return array{seat: string, for: array{slug: string, name: string}|null, until: string|null} in whose place it is
     *     held or reviewed
     */
    private function cover(TaskCover $cover): array
    {
        $until = $this->viewer
            ->snapshot()
            ->roster->awayUntil((string) $cover->for?->slug, CarbonImmutable::now()->getTimestamp());

        return [
            'seat' => $cover->seat->value,
            'for' => PersonRef::orNull($cover->for),
            'until' => Instant::orNull($until),
        ];
    }

    /** @return array<string, bool> by action, and for editing */
    private function may(Task $task): array
    {
        $user = $this->viewer->user();
        $standings = TaskPolicy::standings($user, $task);
        $may = ['edit' => $user->can('edit', $task)];
        foreach (Transitions::all() as $transition) {
            $may[$transition->action->value] =
                $transition->fits($task->status, $task->holders()) &&
                $transition->isFor($standings) &&
                ($task->approval_id === null || !$transition->ends()) &&
                self::isAsWanted($task, $transition->action);
        }

        return $may;
    }

    /** What an action wants of a task besides its status and its holder. */
    private static function isAsWanted(Task $task, TaskAction $action): bool
    {
        return match ($action) {
            TaskAction::TakeUp => $task->starts_at?->isFuture() === true,
            TaskAction::ToHandOn => !$task->to_hand_on,
            TaskAction::Keep => $task->to_hand_on,
            TaskAction::GiveBack => GiveBackTask::wasClaimed($task),
            default => true,
        };
    }

    /**
     * @return array{missing: list<string>, asksNote: bool} what its kind asks for before it is completed, and is not
     *     there; a word is said then
     */
    private function completion(Task $task): array
    {
        $house = $this->viewer->house();
        $completion = $house->snapshot->kinds[$task->task_kind_id]->completion ?? new Completion();
        $missing =
            $completion->asks() && $task->status->wantsHolder()
                ? $completion->missing($this->subjects->of($task, $house), Completion::NOTE)
                : [];

        return [
            'missing' => $this->completing->inWords($missing, $this->viewer->snapshot()),
            'asksNote' => $completion->note,
        ];
    }

    private function countedSince(Task $task): ?string
    {
        $running = $this->viewer->counting();

        return $running?->task_id === $task->id ? Moment::of($running->begun_at) : null;
    }

    /** Whether whoever looks watches it; null: they are nobody who could. */
    private function watching(Task $task): ?bool
    {
        $person = $this->viewer->person();

        return $person === null ? null : $task->watchers->contains('id', $person->id);
    }

    /** Whether an open task has taken longer than nine of ten of its kind. */
    private static function isLong(Task $task): bool
    {
        if (!$task->status->isOpen() || $task->spent_minutes === 0) {
            return false;
        }
        $from = LearnedEffort::longFrom($task->task_kind_id);

        return $from !== null && $task->spent_minutes > $from;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Bridge\CaseSubjects;
use App\Http\Pages\Cases\CaseGates;
use App\Http\Requests\Tasks\TaskActionRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\UndoEdit;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Subject\TaskAction;

/** What the table of transitions lets people do with a task. */
final class TaskActionController
{
    /** After these the task is no longer in the hands of whoever did it: their next one comes up. */
    private const LEAVES = [
        TaskAction::Complete,
        TaskAction::HandOn,
        TaskAction::TakeOff,
        TaskAction::GiveBack,
        TaskAction::Postpone,
        TaskAction::Approve,
        TaskAction::SendBack,
        TaskAction::HandReview,
        TaskAction::Drop,
    ];

    public function __invoke(Task $task, TaskActionRequest $request, Viewer $viewer, Words $words): RedirectResponse
    {
        $action = $request->action();
        TaskDeeds::perform($task, $request, $viewer);
        $said = $this->said($action, $task->refresh()->load(['assignee', 'reviewer']), $words, $viewer);
        $answer = match (true) {
            $action === TaskAction::Claim => redirect("/in-hand?task={$task->id}"),
            in_array($action, self::LEAVES, true) => redirect($request->back()),
            default => back(),
        };
        $undo = match (true) {
            UndoEdit::isOpen($task, $viewer->user()) => ['said.undo', 'undo'],
            // What somebody has been told of already can be taken up again at least.
            in_array($action, [TaskAction::Complete, TaskAction::Approve, TaskAction::Drop], true) => [
                'said.reopen_it',
                'reopen',
            ],
            default => null,
        };

        return $undo === null
            ? $answer->with('done', $said)
            : $answer
                ->with('done', $said)
                ->with('undo', ['label' => $words->say($undo[0]), 'url' => "/tasks/{$task->id}/{$undo[1]}"]);
    }

    /** Whoever did something takes it back at once; they are with the task again. */
    public function undo(Task $task, Viewer $viewer, UndoEdit $undo, Words $words): RedirectResponse
    {
        Gate::authorize('view', $task);
        $undo($task, $viewer->user());
        $before = url()->previous('/');

        return redirect(str_contains($before, '/in-hand') ? "/in-hand?task={$task->id}" : $before)->with(
            'done',
            $words->say('said.undone', ['number' => (string) $task->number]),
        );
    }

    /** What was done, and in whose hands it is now where that has changed. */
    private function said(TaskAction $action, Task $task, Words $words, Viewer $viewer): string
    {
        $person = match ($action) {
            TaskAction::HandOn, TaskAction::SendBack => $task->assignee,
            TaskAction::HandReview, TaskAction::AskReview => $task->reviewer,
            default => null,
        };

        $said = $words->say("said.{$action->value}", [
            'number' => (string) $task->number,
            'person' => $person->name ?? 'none',
        ]);

        return trim("{$said} {$this->saidOfCase($action, $task, $viewer)}");
    }

    /** Whoever does the last that is needed in a case hears that it may go on, or what else is missing. */
    private function saidOfCase(TaskAction $action, Task $task, Viewer $viewer): string
    {
        $ends = in_array($action, [TaskAction::Complete, TaskAction::Approve, TaskAction::Drop], true);
        $case = $ends && $task->needed && !$task->status->isOpen() ? $task->case : null;
        if ($case === null || !$case->isOpen() || $case->open_needed > 0 || $case->stage !== $task->case_stage) {
            return '';
        }
        $gates = CaseGates::of($case->load(CaseSubjects::RELATIONS), app(CaseSubjects::class), $viewer);
        $missing = $gates->beforeNext() ?? [];

        return $viewer->words()->words->say($missing === [] ? 'said.case_free' : 'said.case_waits', [
            'number' => (string) $case->number,
            'missing' => implode(', ', $missing),
        ]);
    }
}

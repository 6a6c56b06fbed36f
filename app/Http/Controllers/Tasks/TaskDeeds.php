<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Requests\Tasks\TaskActionRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\ApproveTask;
use App\Tasks\AskReview;
use App\Tasks\ClaimTask;
use App\Tasks\CompleteTask;
use App\Tasks\DropTask;
use App\Tasks\GiveBackTask;
use App\Tasks\HandOnTask;
use App\Tasks\HandReview;
use App\Tasks\MarkToHandOn;
use App\Tasks\PostponeTask;
use App\Tasks\ReopenTask;
use App\Tasks\SendBack;
use App\Tasks\StartTask;
use App\Tasks\TakeBackReview;
use App\Tasks\TakeOff;
use App\Tasks\WaitTask;
use OpenBaton\Core\Subject\TaskAction;

/** Does what a request asks for of the table of transitions, for people and for programs alike. */
final class TaskDeeds
{
    public static function perform(Task $task, TaskActionRequest $request, Viewer $viewer): void
    {
        $action = $request->action();
        $user = $viewer->user();
        $seen = $request->seen();
        match ($action) {
            TaskAction::Start => app(StartTask::class)($task, $user, $seen),
            TaskAction::Complete => app(CompleteTask::class)(
                $task,
                $user,
                $request->note(),
                $request->spent(),
                $seen,
                $request->anyway(),
            ),
            TaskAction::Reopen => app(ReopenTask::class)($task, $user, $seen),
            TaskAction::HandOn => app(HandOnTask::class)($task, $request->to(), $request->reason(), $user, $seen),
            TaskAction::Claim => app(ClaimTask::class)($task, $viewer->person() ?? abort(403), $user),
            TaskAction::TakeOff => app(TakeOff::class)($task, $viewer->person() ?? abort(403), $user, $seen),
            TaskAction::Wait => app(WaitTask::class)(
                $task,
                $request->reason(),
                $request->until(),
                $user,
                $seen,
                $request->on(),
            ),
            TaskAction::Postpone => app(PostponeTask::class)($task, $request->at(), $request->note(), $user, $seen),
            TaskAction::TakeUp => app(PostponeTask::class)->takeUp($task, $user, $seen),
            TaskAction::ToHandOn => app(MarkToHandOn::class)($task, $request->note(), $user, $seen),
            TaskAction::Keep => app(MarkToHandOn::class)->off($task, $user, $seen),
            TaskAction::GiveBack => app(GiveBackTask::class)($task, $user, $seen),
            TaskAction::AskReview => app(AskReview::class)($task, $request->note(), $user, $seen),
            TaskAction::TakeBack => app(TakeBackReview::class)($task, $user, $seen),
            TaskAction::SendBack => app(SendBack::class)($task, $request->reason(), $user, $seen),
            TaskAction::Approve => app(ApproveTask::class)($task, $request->note(), $user, $seen),
            TaskAction::HandReview => app(HandReview::class)($task, $request->to(), $request->reason(), $user, $seen),
            TaskAction::Drop => app(DropTask::class)($task, $request->reason(), $user, $seen),
        };
    }
}

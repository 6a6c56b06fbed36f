<?php

declare(strict_types=1);

use App\Approvals\AnswerApproval;
use App\Models\Approvals\Approval;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\TaskHeldByRun;
use App\Tasks\CompleteTask;
use App\Tasks\DropTask;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

require_once __DIR__ . '/RunFunctions.php';

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it('opens its steps as they are reached, each a task that arrives like any other', function (): void {
    $sheet = Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive(title: 'Tuba');
    $run = Runsheets::start($sheet, $task);
    expect(Runsheets::steps($run))->toBe('diagnosis open, approval open, insurer skipped');
    $diagnosis = Runsheets::taskOf($run, 'diagnosis');
    expect([$diagnosis->title, $diagnosis->source, $diagnosis->assignee?->slug])->toBe([
        'Diagnosis: Tuba',
        TaskSource::Run,
        'femi',
    ]);
    expect($task->refresh()->runs)->toBe(1);
});

function answeredStep(Run $run, Vote $vote, ?string $reason = null): void
{
    app()->forgetScopedInstances();
    $approval = Approval::query()->open()->where('name', 'Estimate')->sole();
    app(AnswerApproval::class)->vote($approval->tasks()->sole(), $vote, $reason, House::user('hanneke'));
    Runsheets::handOut();
}

it('goes on by what becomes of its work; the task is not completed before', function (): void {
    $task = House::arrive(title: 'Tuba');
    $run = Runsheets::start(Runsheets::publish(Runsheets::largeRepair()), $task);
    completedStep($run, 'diagnosis');
    expect(Runsheets::steps($run))->toBe('diagnosis done, approval open, insurer skipped');
    answeredStep($run, Vote::Yes);
    expect(Runsheets::steps($run))->toBe('diagnosis done, approval done, insurer skipped, bench open');
    $task->refresh();
    expect(fn() => app(CompleteTask::class)($task, House::user($task->assignee->slug), 'Done.'))->toThrow(
        TaskHeldByRun::class,
    );
    completedStep($run, 'bench');
    // What is not needed may be dropped, and is over by that.
    $check = Runsheets::taskOf($run, 'check');
    app(DropTask::class)($check, 'Not needed.', House::user('hanneke'));
    Runsheets::handOut();
    expect(Runsheets::steps($run))->toBe('diagnosis done, approval done, insurer skipped, bench done, check dropped');
    expect([$run->refresh()->state, $run->only, $task->refresh()->runs])->toBe([RunState::Finished, null, 0]);
    app(CompleteTask::class)($task, House::user($task->assignee->slug), 'Done.');
    expect($task->refresh()->status)->toBe(TaskStatus::Done);
});

it('goes back by a no, round two', function (): void {
    $run = Runsheets::start(Runsheets::publish(Runsheets::largeRepair()), House::arrive());
    completedStep($run, 'diagnosis');
    answeredStep($run, Vote::No, 'Too dear.');
    expect(Runsheets::steps($run))->toBe('diagnosis open#2, approval done, insurer skipped');
    expect(Task::query()->where('title', 'like', 'Diagnosis:%')->count())->toBe(2);
    completedStep($run, 'diagnosis');
    expect(Runsheets::steps($run))->toBe('diagnosis done#2, approval done, insurer skipped, bench open');
});

it('starts once on a task, whoever starts it again', function (): void {
    $sheet = Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive();
    $first = Runsheets::start($sheet, $task);
    expect(Runsheets::start($sheet, $task)->id)->toBe($first->id);
    expect([Run::query()->count(), $task->refresh()->runs])->toBe([1, 1]);
});

/** @return array<string, mixed> a rule that starts the runsheet on what a title says */
function startingRule(string $op): array
{
    return [
        'id' => 'starts',
        'name' => 'Starts',
        'active' => true,
        'when' => [['kind' => 'task_arrives']],
        'if' => ['all' => [['field' => 'task.title', 'op' => $op, 'value' => 'Tuba']]],
        'then' => [['kind' => 'start_runsheet', 'runsheet' => 'large-repair']],
    ];
}

it('is started by a rule, and tells rules that it is over', function (): void {
    Runsheets::publish(Runsheets::document([Runsheets::task('bench', [], false)]));
    House::publish(startingRule('is'), [
        'id' => 'over',
        'name' => 'Over',
        'active' => true,
        'when' => [['kind' => 'run_over', 'runsheet' => 'large-repair', 'how' => 'finished']],
        'then' => [['kind' => 'tag', 'tag' => 'gone through']],
    ]);
    $task = House::arrive(title: 'Tuba');
    $other = House::arrive(title: 'Horn');
    Runsheets::handOut();
    $run = Run::query()->sole();
    expect([$run->task_id, $run->rule, $task->refresh()->runs, $other->refresh()->runs])->toBe([
        $task->id,
        'starts',
        1,
        0,
    ]);
    app(DropTask::class)(Runsheets::taskOf($run, 'bench'), 'Not needed.', House::user('hanneke'));
    Runsheets::handOut();
    expect($run->refresh()->state)->toBe(RunState::Finished);
    expect($task->refresh()->tagList())->toBe(['gone through']);
});

it('goes no deeper than is bounded where a rule starts it on what it makes', function (): void {
    Runsheets::publish(Runsheets::document([Runsheets::task('bench')]));
    House::publish(startingRule('contains'));
    House::arrive(title: 'Tuba');
    foreach (range(1, 12) as $ignored) {
        Runsheets::handOut();
    }
    expect(Run::query()->count())->toBe(8);
    expect(Task::query()->count())->toBe(9);
});

it('acts on its task at once, waits, and says where it has stopped', function (): void {
    $sheet = Runsheets::publish(
        Runsheets::document([
            [
                'key' => 'mark',
                'name' => 'Mark',
                'does' => ['kind' => 'act', 'act' => ['kind' => 'tag', 'tag' => 'seen']],
            ],
            ['key' => 'dry', 'name' => 'Dry', 'does' => ['kind' => 'wait_for', 'span' => 'PT4H']],
            Runsheets::task('bench'),
        ]),
    );
    $task = House::arrive();
    $run = Runsheets::start($sheet, $task);
    expect($task->refresh()->tagList())->toBe(['seen']);
    expect(Runsheets::steps($run))->toBe('mark done, dry open');
    expect($run->wakes_at?->toIso8601ZuluString())->toBe('2026-03-02T14:00:00Z');
    Clock::tick('2026-03-02T13:59:00Z');
    expect(Runsheets::steps($run))->toBe('mark done, dry open');
    Clock::tick('2026-03-02T14:00:00Z');
    expect(Runsheets::steps($run))->toBe('mark done, dry done, bench open');
    app(DropTask::class)(Runsheets::taskOf($run, 'bench'), 'Not needed.', House::user('hanneke'));
    Runsheets::handOut();
    expect(Runsheets::steps($run))->toBe('mark done, dry done, bench stopped');
    expect($run->refresh()->state)->toBe(RunState::Running);
});

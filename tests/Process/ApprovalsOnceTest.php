<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskChange;
use OpenBaton\Core\Flow\ApprovalRule;
use Tests\Support\Cases;
use Tests\Support\House;

/** Asks Tobias and Femi, of whom one decides. */
function oneOfTwo(CustomerCase $case, string $name): Approval
{
    return app(
        AskForApproval::class,
    )($case, $name, ApprovalRule::oneOf(), ['tobias', 'femi'], null, null, Actor::user(House::user('hanneke')));
}

it('counts one of two answers at the same instant, and tells the other', function (): void {
    array_map(House::user(...), ['tobias', 'femi']);
    $case = Cases::open(['owner' => 'ayumi']);
    for ($round = 1; $round <= 5; ++$round) {
        $approval = oneOfTwo($case, "Estimate {$round}");
        $at = (string) (microtime(true) + 1.5);
        $workers = [];
        foreach ($approval->tasks()->with('assignee')->get() as $task) {
            $who = (string) $task->assignee?->slug;
            $workers[] = $this->launch(base_path('tests/Support/answer_worker.php'), $task->id, $who, $at);
        }
        $said = [];
        foreach ($workers as $worker) {
            $worker->wait();
            expect($worker->getErrorOutput())->toBe('');
            $said[] = $worker->getOutput();
        }
        sort($said);
        expect($said)->toBe(['too late', 'yes']);
        $statuses = $approval
            ->tasks()
            ->get()
            ->map(static fn($task): string => $task->status->value)
            ->sort()
            ->values()
            ->all();
        expect($statuses)->toBe(['done', 'dropped']);
    }
    expect(TaskChange::query()->where('case_id', $case->id)->where('occasion', 'answered_yes')->count())->toBe(5);
});

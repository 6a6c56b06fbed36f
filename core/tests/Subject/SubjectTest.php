<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Subject\Asked;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\DueSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\PrioritySet;
use OpenBaton\Core\Subject\Effect\TagAdded;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Transition;
use OpenBaton\Core\Subject\Transitions;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

require_once __DIR__ . '/SubjectFunctions.php';

it('changes one thing and keeps all else', function (Closure $change, array $expected): void {
    expect([...get_object_vars(whole()), ...$expected])->toEqual(get_object_vars($change(whole())));
})->with([
    'to somebody' => [fn(TaskSubject $s) => $s->heldBy('femi'), ['holderId' => 'femi', 'previousHolderId' => 'ayumi']],
    'to nobody, open to some' => [
        fn(TaskSubject $s) => $s->heldBy(null, ['femi', 'callum']),
        ['holderId' => null, 'openTo' => ['femi', 'callum'], 'previousHolderId' => 'ayumi'],
    ],
    'another status' => [fn(TaskSubject $s) => $s->inStatus(TaskStatus::Done), ['status' => TaskStatus::Done]],
    'another priority' => [fn(TaskSubject $s) => $s->prioritised(Priority::Low), ['priority' => Priority::Low]],
    'due at' => [fn(TaskSubject $s) => $s->dueAt(999), ['dueAt' => 999]],
    'due no more' => [fn(TaskSubject $s) => $s->dueAt(null), ['dueAt' => null]],
    'a tag' => [fn(TaskSubject $s) => $s->tagged('vip'), ['tags' => ['rush', 'vip']]],
    'another task' => [
        fn(TaskSubject $s) => $s->linkedTo('t2')->linkedTo('t3')->linkedTo('t2'),
        ['linkedTo' => ['t2', 't3']],
    ],
    'another task no more' => [
        fn(TaskSubject $s) => $s->linkedTo('t2')->linkedTo('t3')->unlinkedFrom('t2'),
        ['linkedTo' => ['t3']],
    ],
    'a tag that it has' => [fn(TaskSubject $s) => $s->tagged('rush'), []],
]);

it('lets effects apply themselves, and says what they did', function (
    Effect $effect,
    array $expected,
    array $document,
): void {
    expect(get_object_vars($effect->on(whole())))->toEqual([...get_object_vars(whole()), ...$expected]);
    expect(DecisionRecord::effect($effect))->toBe($document);
})->with([
    [new DueSet(1_772_442_000), ['dueAt' => 1_772_442_000], ['effect' => 'due_set', 'due' => '2026-03-02T09:00:00Z']],
    [new DueImpossible(), [], ['effect' => 'due_impossible']],
    [
        new PrioritySet(Priority::Urgent),
        ['priority' => Priority::Urgent],
        ['effect' => 'priority_set', 'priority' => 'urgent'],
    ],
    [new TagAdded('vip'), ['tags' => ['rush', 'vip']], ['effect' => 'tag_added', 'tag' => 'vip']],
]);

it('is the work of whoever it loads', function (): void {
    expect(whole()->asWork())->toEqual(
        new WorkItem(
            't1',
            'ayumi',
            TaskStatus::Working,
            Priority::High,
            new Effort(5, 60, 10, 40),
            100,
            200,
            300,
            'femi',
        ),
    );
});

it('has one table of what people may do', function (): void {
    $rows = array_map(
        static fn(Transition $row): array => [
            $row->action->value,
            implode(' ', array_column($row->from, 'value')),
            $row->to?->value,
            implode(' ', array_column($row->who, 'value')),
            $row->held,
            implode(' ', array_column($row->asks, 'value')),
        ],
        Transitions::all(),
    );
    expect($rows)->toBe([
        ['start', 'new waiting', 'working', 'holder lead', true, ''],
        ['wait', 'new working', 'waiting', 'holder lead', null, 'reason until on'],
        ['postpone', 'new working', null, 'holder lead', true, 'at note'],
        ['take_up', 'new working', null, 'holder lead', true, ''],
        ['to_hand_on', 'new working waiting', null, 'holder lead', true, 'note'],
        ['keep', 'new working waiting', null, 'holder lead', true, ''],
        ['give_back', 'new working waiting', null, 'holder lead', true, ''],
        ['ask_review', 'new working', 'in_review', 'holder lead', true, 'note'],
        ['take_back', 'in_review', 'working', 'holder lead', null, ''],
        ['send_back', 'in_review', 'working', 'reviewer lead', null, 'reason'],
        ['approve', 'in_review', 'done', 'reviewer lead', null, 'note'],
        ['complete', 'new working waiting', 'done', 'holder lead', true, 'note spent anyway'],
        ['reopen', 'done dropped', 'working', 'holder lead', null, ''],
        ['hand_on', 'new working waiting in_review', null, 'holder lead', null, 'to reason'],
        ['hand_review', 'in_review', null, 'reviewer lead', null, 'to reason'],
        ['claim', 'new working waiting', null, 'claimant', false, ''],
        ['take_off', 'new working waiting', null, 'holder', true, ''],
        ['drop', 'new working waiting in_review', 'dropped', 'holder creator lead', null, 'reason'],
    ]);
    foreach (TaskAction::cases() as $action) {
        expect(Transitions::of($action)->action)->toBe($action);
    }
});

it('fits a state, whoever acts', function (TaskAction $action, TaskStatus $status, int $holders, bool $expected): void {
    expect(Transitions::of($action)->fits($status, $holders))->toBe($expected);
})->with([
    [TaskAction::Start, TaskStatus::New, 1, true],
    [TaskAction::Start, TaskStatus::New, 0, false],
    [TaskAction::Start, TaskStatus::Working, 1, false],
    [TaskAction::Complete, TaskStatus::InReview, 1, false],
    [TaskAction::Approve, TaskStatus::InReview, 1, true],
    [TaskAction::Complete, TaskStatus::Dropped, 1, false],
    [TaskAction::Reopen, TaskStatus::Done, 0, true],
    [TaskAction::Reopen, TaskStatus::Dropped, 1, true],
    [TaskAction::Reopen, TaskStatus::Working, 1, false],
    [TaskAction::Claim, TaskStatus::Waiting, 0, true],
    [TaskAction::Claim, TaskStatus::Waiting, 1, false],
    [TaskAction::Claim, TaskStatus::InReview, 0, false],
    [TaskAction::HandOn, TaskStatus::Waiting, 0, true],
    [TaskAction::TakeOff, TaskStatus::New, 2, true],
    [TaskAction::TakeOff, TaskStatus::New, 1, false],
    [TaskAction::TakeOff, TaskStatus::InReview, 2, false],
    [TaskAction::Start, TaskStatus::New, 3, true],
]);

it('is for those who stand so to the task', function (): void {
    expect(Transitions::of(TaskAction::Start)->isFor([Standing::Lead]))->toBeTrue();
    expect(Transitions::of(TaskAction::Start)->isFor([Standing::Claimant, Standing::Holder]))->toBeTrue();
    expect(Transitions::of(TaskAction::Start)->isFor([Standing::Claimant]))->toBeFalse();
    expect(Transitions::of(TaskAction::Claim)->isFor([Standing::Lead, Standing::Holder]))->toBeFalse();
    expect(Transitions::of(TaskAction::HandOn)->isFor([]))->toBeFalse();
    expect(Transitions::of(TaskAction::HandOn)->asks)->toBe([Asked::To, Asked::Reason]);
});

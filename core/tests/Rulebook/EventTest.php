<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/EventFunctions.php';

$task = Story::task();

$new = $task->with(['status' => TaskStatus::New]);

$review = $task->inStatus(TaskStatus::InReview);

$ticked = static fn(bool ...$done): TaskSubject => Story::task()->with([
    'checklist' => array_map(
        static fn(bool $one, int $at): ChecklistItem => new ChecklistItem("Item {$at}", $one),
        $done,
        array_keys($done),
    ),
]);

it('raises each kind for what it says, and for nothing else', function (
    array $event,
    ?TaskSubject $before,
    TaskSubject $after,
    bool $expected,
): void {
    expect(hears($event, $before, $after))->toBe($expected);
})->with([
    'arrives' => [['kind' => 'task_arrives'], null, $new, true],
    'arrives: not a change' => [['kind' => 'task_arrives'], $new, $task, false],
    'status becomes' => [['kind' => 'status_becomes', 'statuses' => ['in_review', 'done']], $task, $review, true],
    'status becomes: another' => [['kind' => 'status_becomes', 'statuses' => ['done']], $task, $review, false],
    'status becomes: arriving in one counts' => [['kind' => 'status_becomes', 'statuses' => ['new']], null, $new, true],
    'status becomes: being in one does not' => [
        ['kind' => 'status_becomes', 'statuses' => ['working']],
        $task,
        $task->tagged('x'),
        false,
    ],
    'status becomes: from one of these' => [
        ['kind' => 'status_becomes', 'statuses' => ['working'], 'from' => ['in_review']],
        $review,
        $review->inStatus(TaskStatus::Working),
        true,
    ],
    'status becomes: from another' => [
        ['kind' => 'status_becomes', 'statuses' => ['working'], 'from' => ['in_review']],
        $new,
        $task,
        false,
    ],
    'status becomes: from nothing' => [
        ['kind' => 'status_becomes', 'statuses' => ['new'], 'from' => ['working']],
        null,
        $new,
        false,
    ],
    'status leaves' => [['kind' => 'status_leaves', 'statuses' => ['working']], $task, $review, true],
    'status leaves: another' => [['kind' => 'status_leaves', 'statuses' => ['new']], $task, $review, false],
    'status leaves: it arrives' => [['kind' => 'status_leaves', 'statuses' => ['new']], null, $new, false],
    'field changes' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.value']],
        $task,
        $task->withField('task.value', 40_000),
        true,
    ],
    'field changes: another' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.value']],
        $task,
        $task->withField('task.count', 2),
        false,
    ],
    'field changes: arriving with it' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title']],
        null,
        $task,
        true,
    ],
    'field changes: state, too' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.tags']],
        $task,
        $task->tagged('x'),
        true,
    ],
    'field is filled' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.value', 'how' => 'filled']],
        $task,
        $task->withField('task.value', 40_000),
        true,
    ],
    'field is filled: it was' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'filled']],
        $task,
        $task->withField('task.title', 'Tuba'),
        false,
    ],
    'field is emptied' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'emptied']],
        $task,
        $task->withField('task.title', null),
        true,
    ],
    'field is emptied: changed' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'emptied']],
        $task,
        $task->withField('task.title', 'Tuba'),
        false,
    ],
    'field goes from to' => [
        [
            'kind' => 'field_changes',
            'change' => ['field' => 'task.title', 'how' => 'values', 'from' => 'HORN', 'to' => 'tuba'],
        ],
        $task,
        $task->withField('task.title', 'Tuba'),
        true,
    ],
    'field goes to' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'values', 'to' => 'flute']],
        $task,
        $task->withField('task.title', 'Tuba'),
        false,
    ],
    'field goes from' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'values', 'from' => 'horn']],
        $task,
        $task->withField('task.title', null),
        true,
    ],
    'field goes from another' => [
        ['kind' => 'field_changes', 'change' => ['field' => 'task.title', 'how' => 'values', 'from' => 'flute']],
        $task,
        $task->withField('task.title', null),
        false,
    ],
    'holder changes' => [['kind' => 'holder_changes'], $task, $task->heldBy('ayumi'), true],
    'holder changes: to nobody' => [['kind' => 'holder_changes'], $task, $task->heldBy(null), true],
    'holder changes: nothing' => [['kind' => 'holder_changes'], $task, $review, false],
    'holder changes: from and to' => [
        ['kind' => 'holder_changes', 'from' => ['people' => ['femi']], 'to' => ['people' => ['ayumi', 'tobias']]],
        $task,
        $task->heldBy('ayumi'),
        true,
    ],
    'holder changes: from another' => [
        ['kind' => 'holder_changes', 'from' => ['people' => ['tobias']]],
        $task,
        $task->heldBy('ayumi'),
        false,
    ],
    'holder changes: to a team' => [
        ['kind' => 'holder_changes', 'to' => ['team' => 'brass']],
        $task,
        $task->heldBy('ayumi'),
        true,
    ],
    'holder changes: from a team to nobody' => [
        ['kind' => 'holder_changes', 'from' => ['team' => 'brass']],
        $task,
        $task->heldBy(null),
        true,
    ],
    'holder changes: to nobody is to no team' => [
        ['kind' => 'holder_changes', 'to' => ['team' => 'brass']],
        $task,
        $task->heldBy(null),
        false,
    ],
    'reviewer changes' => [['kind' => 'reviewer_changes'], $review, $review->reviewedBy('ayumi'), true],
    'reviewer changes: to another' => [
        ['kind' => 'reviewer_changes', 'to' => ['people' => ['tobias']]],
        $review,
        $review->reviewedBy('ayumi'),
        false,
    ],
    'reviewer changes: the holder is another matter' => [
        ['kind' => 'reviewer_changes'],
        $task,
        $task->heldBy('ayumi'),
        false,
    ],
    'tag on' => [['kind' => 'tag_on', 'tags' => ['rush', ' VIP']], $task, $task->tagged('vip'), true],
    'tag on: it had it' => [
        ['kind' => 'tag_on', 'tags' => ['vip']],
        $task->tagged('vip'),
        $task->tagged('vip')->tagged('x'),
        false,
    ],
    'tag on: arriving with it' => [['kind' => 'tag_on', 'tags' => ['vip']], null, $task->tagged('vip'), true],
    'tag off' => [['kind' => 'tag_off', 'tags' => ['vip']], $task->tagged('VIP'), $task, true],
    'tag off: another' => [['kind' => 'tag_off', 'tags' => ['vip']], $task->tagged('x'), $task, false],
    'tag off: put on' => [['kind' => 'tag_off', 'tags' => ['vip']], $task, $task->tagged('vip'), false],
    'checklist complete' => [['kind' => 'checklist_complete'], $ticked(true, false), $ticked(true, true), true],
    'checklist complete: not yet' => [
        ['kind' => 'checklist_complete'],
        $ticked(false, false),
        $ticked(true, false),
        false,
    ],
    'checklist complete: it was' => [
        ['kind' => 'checklist_complete'],
        $ticked(true),
        $ticked(true)->tagged('x'),
        false,
    ],
    'checklist complete: taken off' => [['kind' => 'checklist_complete'], $ticked(false), $task, false],
    'marked to hand on' => [['kind' => 'marked_to_hand_on'], $task, $task->with(['toHandOn' => true]), true],
    'marked to hand on: it was' => [
        ['kind' => 'marked_to_hand_on'],
        $task->with(['toHandOn' => true]),
        $task->with(['toHandOn' => true])->tagged('x'),
        false,
    ],
    'marked to hand on: no longer' => [
        ['kind' => 'marked_to_hand_on'],
        $task->with(['toHandOn' => true]),
        $task,
        false,
    ],
    'dropped' => [['kind' => 'dropped'], $task, $task->inStatus(TaskStatus::Dropped), true],
    'dropped: it was' => [
        ['kind' => 'dropped'],
        $task->inStatus(TaskStatus::Dropped),
        $task->inStatus(TaskStatus::Dropped)->tagged('x'),
        false,
    ],
    'dropped: done' => [['kind' => 'dropped'], $task, $task->inStatus(TaskStatus::Done), false],
]);

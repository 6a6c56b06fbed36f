<?php

declare(strict_types=1);

use OpenBaton\Core\Tests\Support\CaseStory;
use OpenBaton\Core\Workload\TaskStatus;

const WHEN_ONE_OPENS = [['kind' => 'case_opens']];

/** @return array<string, mixed> a follow-up that asks people of Enquiries */
function asksToApprove(array $more = []): array
{
    return $more + [
        'kind' => 'ask_approval',
        'approval' => 'Estimate',
        'people' => ['kind' => 'people', 'people' => ['oona-varga', 'ronan-breathnach', 'hanneke-de-wit']],
        'details' => '~case.title~ for 900',
    ];
}

/** @return list<string> who holds the tasks that the rule has made, with what they answer */
function approversIn(CaseStory $story): array
{
    $lines = [];
    foreach ($story->tasks() as $id) {
        $task = $story->task($id);
        if ($task->answers !== null) {
            $lines[] = "{$task->holderId} {$task->answers}";
        }
    }

    return $lines;
}

it('asks everybody of a pool at once, each by a task of theirs in the case, which they watch', function (): void {
    $story = new CaseStory([['when' => WHEN_ONE_OPENS, 'then' => [asksToApprove()]]], [CaseStory::opens()]);
    expect(approversIn($story))->toBe(['oona-varga Estimate', 'ronan-breathnach Estimate', 'hanneke-de-wit Estimate']);
    $task = $story->task($story->tasks()[0]);
    expect([$task->title(), $task->fields['task.kind'], $task->fields['task.details'], $task->caseId])->toBe([
        'Estimate: Forty clarinets',
        'approval',
        'Forty clarinets for 900',
        'c1',
    ]);
    expect($story->case()->watcherIds)->toBe(['oona-varga', 'ronan-breathnach', 'hanneke-de-wit']);
    expect($story->lines()[0])->toBe('c1 r0 nobody approval_asked');
});

it('asks one after another, the first at once', function (): void {
    $story = new CaseStory(
        [['when' => WHEN_ONE_OPENS, 'then' => [asksToApprove(['way' => 'in_order'])]]],
        [CaseStory::opens()],
    );
    expect(approversIn($story))->toBe(['oona-varga Estimate']);
});

it('never asks who owns the case or has done a task in it, but where it is said that they may', function (): void {
    $rules = static fn(bool $anybody): array => [
        [
            'when' => [['kind' => 'tag_on', 'tags' => ['quoted'], 'of' => 'case']],
            'then' => [asksToApprove(['anybody' => $anybody])],
        ],
    ];
    $events = [
        CaseStory::opens(['owner' => 'oona-varga']),
        [
            'kind' => 'task_arrives',
            'task' => [
                'id' => 't1',
                'case' => 'c1',
                'assignee' => 'ronan-breathnach',
                'facts' => ['task.kind' => 'fitting'],
            ],
        ],
        ['kind' => 'task_changes', 'task' => 't1', 'set' => ['status' => 'done']],
        ['kind' => 'case_changes', 'set' => ['tags_on' => ['quoted']]],
    ];
    expect(approversIn(new CaseStory($rules(false), $events)))->toBe(['hanneke-de-wit Estimate']);
    expect(approversIn(new CaseStory($rules(true), $events)))->toHaveCount(3);
});

it('asks nobody a second time while the first question of its name is open', function (): void {
    $story = new CaseStory(
        [['when' => [['kind' => 'tag_on', 'tags' => ['a', 'b'], 'of' => 'case']], 'then' => [asksToApprove()]]],
        [
            CaseStory::opens(),
            ['kind' => 'case_changes', 'set' => ['tags_on' => ['a']]],
            ['kind' => 'case_changes', 'set' => ['tags_on' => ['b']]],
        ],
    );
    expect(approversIn($story))->toHaveCount(3);
    expect(array_slice($story->lines(), -1))->toBe(['c1 r0 nobody task_open']);
});

it('lets no rule complete or drop what is done by an answer', function (string $status): void {
    $story = new CaseStory(
        [
            ['when' => WHEN_ONE_OPENS, 'then' => [asksToApprove()]],
            [
                'when' => [['kind' => 'task_arrives']],
                'if' => ['field' => 'task.title', 'op' => 'contains', 'value' => 'Estimate'],
                'then' => [['kind' => 'status', 'status' => $status]],
            ],
        ],
        [CaseStory::opens()],
    );
    foreach ($story->tasks() as $id) {
        expect($story->task($id)->status)->toBe(TaskStatus::New);
    }
    expect(array_slice($story->lines(), 1, 1))->toBe(['c1.1 r1 oona-varga status_impossible']);
})->with(['done', 'dropped', 'in_review']);

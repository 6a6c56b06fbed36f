<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TaskEditFormat;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** @param array<string, mixed> $document */
function editOf(array $document): TaskEditFormat
{
    return new TaskEditFormat(
        Node::root($document),
        Build::fields(),
        new Roster(Build::calendar(), [Build::person('ayumi'), Build::person('femi'), Build::person('callum')]),
    );
}

function openToSome(): TaskSubject
{
    return new TaskSubject(
        't1',
        100,
        new Effort(5, 60),
        TaskStatus::New,
        Priority::High,
        null,
        ['ayumi', 'femi'],
        null,
        200,
        300,
        ['rush'],
        ['task.count' => 2],
        checklist: [new ChecklistItem('Play it', false)],
    );
}

it('changes what it names and keeps all else', function (array $document, array $expected): void {
    $after = editOf($document)->on(openToSome());
    expect(get_object_vars($after))->toEqual([...get_object_vars(openToSome()), ...$expected]);
})->with([
    'nothing' => [[], []],
    'somebody gets it, and it is open to nobody' => [
        ['assignee' => 'callum'],
        ['holderId' => 'callum', 'openTo' => []],
    ],
    'nobody gets it: it stays open' => [['assignee' => null], []],
    'a reviewer' => [['reviewer' => 'femi'], ['reviewerId' => 'femi']],
    'another priority' => [['priority' => 'low'], ['priority' => Priority::Low]],
    'no priority is none' => [['priority' => null], []],
    'no start' => [['start' => null], ['startAt' => null]],
    'due' => [['due' => '1970-01-01T00:10:00Z'], ['dueAt' => 600]],
    'due no more' => [['due' => null], ['dueAt' => null]],
    'tags' => [['tags_on' => ['vip'], 'tags_off' => ['rush']], ['tags' => ['vip']]],
    'a field, and one emptied' => [
        ['facts' => ['task.title' => 'Horn', 'task.count' => null]],
        ['fields' => ['task.title' => 'Horn']],
    ],
    'an item, and one ticked' => [
        ['items' => ['Photograph it'], 'tick' => ['Play it']],
        ['checklist' => [new ChecklistItem('Play it', true), new ChecklistItem('Photograph it', false)]],
    ],
    'a comment' => [['comment' => 'holder'], ['comments' => 1]],
    'a file' => [['file' => 'customer'], ['files' => 1]],
    'all that happens' => [
        [
            'comment' => 'holder',
            'happened' => [
                ['kind' => 'comment_added', 'by' => 'customer'],
                ['kind' => 'file_added'],
                ['kind' => 'mentioned', 'whom' => 'femi'],
            ],
        ],
        ['comments' => 2, 'files' => 1],
    ],
]);

it('refuses whom the house does not know, what follows from the state, and what it does not name', function (
    array $document,
    string $pointer,
    string $reason,
): void {
    expect(static fn() => editOf($document))->toThrow(
        static fn(DocumentError $error) => expect([$error->faults[0]->pointer, $error->faults[0]->reason])->toBe([
            $pointer,
            $reason,
        ]),
    );
})->with([
    [['assignee' => 'nobody'], '/assignee', 'There is no person "nobody".'],
    [['happened' => [['kind' => 'mentioned', 'whom' => 'nobody']]], '/happened/0/whom', 'There is no person "nobody".'],
    [
        ['happened' => [['kind' => 'dropped']]],
        '/happened/0/kind',
        '"dropped" does not happen by itself: it follows from how a task changes. What happens is one of: ' .
        'comment_added, file_added, mentioned, message_given_up, approval_settled, run_over.',
    ],
    [
        ['facts' => ['task.status' => 'done']],
        '/facts/task.status',
        '"task.status" follows from the state of the task; set that.',
    ],
]);

it('refuses a member that it does not know', function (): void {
    expect(static fn(): TaskEditFormat => editOf(['colour' => 'red']))->toThrow(DocumentError::class, '/colour');
});

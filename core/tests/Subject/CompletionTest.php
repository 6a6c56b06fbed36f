<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Completion;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Story;

it('says what is missing, in the order in which one would see to it', function (
    Completion $completion,
    TaskSubject $task,
    ?string $note,
    array $missing,
): void {
    expect($completion->missing($task, $note))->toBe($missing);
    expect(Completion::read($completion->write()))->toEqual($completion);
})->with([
    'nothing is asked for' => [new Completion(), Story::task(), null, []],
    'all of it is missing' => [
        new Completion(true, true, true, ['task.value']),
        Story::task()->withItems(['Play it']),
        " \n",
        ['checklist', 'file', 'task.value', 'note'],
    ],
    'all of it is there' => [
        new Completion(true, true, true, ['task.value', 'task.ok', 'task.count']),
        Story::task()
            ->with(['checklist' => [new ChecklistItem('Play it', true)], 'files' => 1])
            ->withField('task.value', 12)
            ->withField('task.ok', false)
            ->withField('task.count', 0),
        'Done.',
        [],
    ],
    'no checklist has nothing open' => [new Completion(checklist: true), Story::task(), null, []],
    'an empty list is no value' => [
        new Completion(fields: ['task.parts']),
        Story::task()->withField('task.parts', []),
        null,
        ['task.parts'],
    ],
]);

it('asks for nothing where what was kept says nothing of the kind', function (): void {
    foreach ([null, 'x', [], ['file' => 1, 'fields' => 'x'], ['fields' => [1, null]]] as $kept) {
        expect(Completion::read($kept))->toEqual(new Completion());
    }
});

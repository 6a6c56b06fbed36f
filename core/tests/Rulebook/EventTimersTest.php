<?php

declare(strict_types=1);

use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/EventFunctions.php';

$task = Story::task();

it('raises comments and files by whoever added them', function (
    string $kind,
    ?string $by,
    ?Author $added,
    bool $expected,
): void {
    $task = Story::task();
    $document = ['kind' => $kind] + ($by === null ? [] : ['by' => $by]);
    $both = $added === null ? [] : ['comment_added' => new CommentAdded($added), 'file_added' => new FileAdded($added)];
    expect(hears($document, $task, $task, ...array_values(array_intersect_key($both, [$kind => true]))))->toBe(
        $expected,
    );
    expect(hears($document, $task, $task, ...array_values(array_diff_key($both, [$kind => true]))))->toBeFalse();

    // Among others that happen at the same time.
    expect(hears($document, $task, $task, new Mentioned(Author::Customer, 'femi'), ...array_values($both)))->toBe(
        $expected,
    );
})
    ->with(['comment_added', 'file_added'])
    ->with([
        'by anyone' => [null, Author::Anyone, true],
        'by the holder, for anyone' => ['anyone', Author::Holder, true],
        'by the holder' => ['holder', Author::Holder, true],
        'by the customer, not the holder' => ['holder', Author::Customer, false],
        'by the customer' => ['customer', Author::Customer, true],
        'by nobody' => [null, null, false],
    ]);

it('raises that somebody is mentioned, by whom and whom it waits for', function (
    array $event,
    Mentioned $happened,
    bool $expected,
): void {
    $task = Story::task();
    expect(hears(['kind' => 'mentioned'] + $event, $task, $task, new CommentAdded(Author::Holder), $happened))->toBe(
        $expected,
    );
})->with([
    'anybody, by anybody' => [[], new Mentioned(Author::Anyone, 'ayumi'), true],
    'her' => [['whom' => 'ayumi'], new Mentioned(Author::Holder, 'ayumi'), true],
    'somebody else' => [['whom' => 'ayumi'], new Mentioned(Author::Holder, 'femi'), false],
    'her, by the holder' => [['whom' => 'ayumi', 'by' => 'holder'], new Mentioned(Author::Holder, 'ayumi'), true],
    'her, not by the holder' => [['whom' => 'ayumi', 'by' => 'holder'], new Mentioned(Author::Anyone, 'ayumi'), false],
]);

it('is for the second of two who are mentioned as for the first', function (): void {
    $task = Story::task();
    foreach (['ayumi', 'femi'] as $whom) {
        expect(
            hears(
                ['kind' => 'mentioned', 'whom' => $whom],
                $task,
                $task,
                new Mentioned(Author::Holder, 'ayumi'),
                new Mentioned(Author::Holder, 'femi'),
            ),
        )->toBeTrue();
    }
});

it('is kept of a change, and read again when whom it names is gone', function (): void {
    $task = Story::task();
    $change = Story::change(
        $task,
        $task,
        happened: [
            new CommentAdded(Author::Customer),
            new Mentioned(Author::Holder, 'gone'),
            new Trigger('pressed', 'r', 5),
        ],
    );
    $document = ChangeFormat::write($change, Build::fields());
    expect($document['happened'])->toBe([
        ['kind' => 'comment_added', 'by' => 'customer'],
        ['kind' => 'mentioned', 'by' => 'holder', 'whom' => 'gone'],
    ]);
    $again = ChangeFormat::read(Node::root(json_decode((string) json_encode($document), true)), Build::fields());
    expect($again->happened)->toEqual([
        new Trigger('pressed', 'r', 5),
        new CommentAdded(Author::Customer),
        new Mentioned(Author::Holder, 'gone'),
    ]);
});

it('raises what the clock and a button bring about for the one rule that they are of', function (array $event): void {
    $task = Story::task();
    $at = Build::at(Story::NOW);
    expect(hears($event, $task, $task, new Trigger($event['kind'], 'r', $at)))->toBeTrue();
    expect(hears($event, $task, $task, new Trigger($event['kind'], 'other', $at)))->toBeFalse();
    expect(hears($event, $task, $task, new Trigger('other', 'r', $at)))->toBeFalse();
    expect(hears($event, $task, $task))->toBeFalse();
})->with([
    [['kind' => 'date_reached', 'field' => 'task.needed', 'offset' => '-20 days', 'time' => '09:00']],
    [['kind' => 'schedule', 'recurrence' => 'FREQ=WEEKLY;BYDAY=MO', 'from' => '2026-03-02', 'time' => '09:00']],
    [['kind' => 'pressed', 'label' => 'Ask for parts', 'by' => 'lead']],
]);

it('keeps a timer and a button from raising anything else', function (): void {
    $task = Story::task();
    $trigger = new Trigger('pressed', 'r', Build::at(Story::NOW));
    foreach (StandardKinds::BY_FAMILY['event'] as $kind) {
        expect([$kind, $kind::occasion(Story::change($task, $task, happened: [$trigger]))])->toBe([
            $kind,
            $kind::kind() === 'pressed',
        ]);
    }
});

it('listens to any of several kinds', function (): void {
    $task = Story::task();
    $rule = Build::rule(
        'r',
        null,
        then: [new AddTag('x')],
        when: [eventOf(['kind' => 'dropped']), eventOf(['kind' => 'tag_on', 'tags' => ['vip']])],
    );
    expect($rule->listensTo(Story::change($task, $task->tagged('vip'))))->toBeTrue();
    expect($rule->listensTo(Story::change($task, $task->inStatus(TaskStatus::Dropped))))->toBeTrue();
    expect($rule->listensTo(Story::change($task, $task->inStatus(TaskStatus::Done))))->toBeFalse();
});

it('says who may press a button', function (): void {
    $may = static fn(string $by, array $standings): bool => eventOf([
        'kind' => 'pressed',
        'label' => 'x',
        'by' => $by,
    ])->by->includes($standings);
    expect($may('anyone', []))->toBeTrue();
    expect($may('lead', [Standing::Holder]))->toBeFalse();
    expect($may('lead', [Standing::Lead]))->toBeTrue();
    expect($may('holder_or_lead', [Standing::Holder]))->toBeTrue();
    expect($may('holder_or_lead', [Standing::Lead]))->toBeTrue();
    expect($may('holder_or_lead', [Standing::Creator]))->toBeFalse();
});

<?php

declare(strict_types=1);

use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\FileAdded;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Standing;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

/** @param array<string, mixed> $document */
function eventOf(array $document): EventKind
{
    $event = PartFormat::read(Node::root($document), Family::Event, Build::context(Bench::house()));

    return $event instanceof EventKind ? $event : throw new LogicException('Not an event.');
}

/** Whether a rule that waits for it hears of the change. */
function hears(array $document, ?Subject $before, Subject $after, Happened ...$happened): bool
{
    $rule = Build::rule('r', null, then: [new AddTag('heard')], when: [eventOf($document)]);
    $change = Story::change($before, $after, [$rule], array_values($happened));
    $heard = $rule->listensTo($change);
    // What a rule hears there is occasion for, and the rulebook finds it.
    $compiled = CompiledRulebook::compile(new Rulebook(Build::fields(), [$rule]), 'v');
    expect(iterator_to_array($compiled->holding($change)) !== [])
        ->toBe($heard)
        ->and($compiled->isHeard($change))
        ->toBe($heard)
        ->and(!$heard || $rule->events[0]::occasion($change))
        ->toBeTrue();

    return $heard;
}

$task = Story::task();
$new = $task->with(['status' => TaskStatus::New]);
$review = $task->inStatus(TaskStatus::InReview);
$ticked = static fn(bool ...$done): Subject => Story::task()->with([
    'checklist' => array_map(
        static fn(bool $one, int $at): ChecklistItem => new ChecklistItem("Item {$at}", $one),
        $done,
        array_keys($done),
    ),
]);

it('raises each kind for what it says, and for nothing else', function (
    array $event,
    ?Subject $before,
    Subject $after,
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
    'dropped' => [['kind' => 'dropped'], $task, $task->inStatus(TaskStatus::Dropped), true],
    'dropped: it was' => [
        ['kind' => 'dropped'],
        $task->inStatus(TaskStatus::Dropped),
        $task->inStatus(TaskStatus::Dropped)->tagged('x'),
        false,
    ],
    'dropped: done' => [['kind' => 'dropped'], $task, $task->inStatus(TaskStatus::Done), false],
]);

it('raises comments and files by whoever added them', function (
    string $kind,
    ?string $by,
    ?Author $added,
    bool $expected,
): void {
    $task = Story::task();
    $document = ['kind' => $kind] + ($by === null ? [] : ['by' => $by]);
    $both = $added === null ? [] : ['comment_added' => new CommentAdded($added), 'file_added' => new FileAdded($added)];
    expect(hears($document, $task, $task, ...array_values(array_intersect_key($both, [$kind => true]))))
        ->toBe($expected)
        ->and(hears($document, $task, $task, ...array_values(array_diff_key($both, [$kind => true]))))
        ->toBeFalse()
        // Among others that happen at the same time.
        ->and(hears($document, $task, $task, new Mentioned(Author::Customer, 'femi'), ...array_values($both)))
        ->toBe($expected);
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
    expect(hears($event, $task, $task, new Trigger($event['kind'], 'r', $at)))
        ->toBeTrue()
        ->and(hears($event, $task, $task, new Trigger($event['kind'], 'other', $at)))
        ->toBeFalse()
        ->and(hears($event, $task, $task, new Trigger('other', 'r', $at)))
        ->toBeFalse()
        ->and(hears($event, $task, $task))
        ->toBeFalse();
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
    expect($rule->listensTo(Story::change($task, $task->tagged('vip'))))
        ->toBeTrue()
        ->and($rule->listensTo(Story::change($task, $task->inStatus(TaskStatus::Dropped))))
        ->toBeTrue()
        ->and($rule->listensTo(Story::change($task, $task->inStatus(TaskStatus::Done))))
        ->toBeFalse();
});

it('says who may press a button', function (): void {
    $may = static fn(string $by, array $standings): bool => eventOf([
        'kind' => 'pressed',
        'label' => 'x',
        'by' => $by,
    ])->by->includes($standings);
    expect($may('anyone', []))
        ->toBeTrue()
        ->and($may('lead', [Standing::Holder]))
        ->toBeFalse()
        ->and($may('lead', [Standing::Lead]))
        ->toBeTrue()
        ->and($may('holder_or_lead', [Standing::Holder]))
        ->toBeTrue()
        ->and($may('holder_or_lead', [Standing::Lead]))
        ->toBeTrue()
        ->and($may('holder_or_lead', [Standing::Creator]))
        ->toBeFalse();
});

<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\Situation;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\TaskMade;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** @param array<string, mixed> $document */
function followUp(array $document): FollowUp
{
    $part = PartFormat::read(
        Node::root($document),
        Family::FollowUp,
        new RuleContext(KindRegistry::standard(), Build::fields(), Bench::house(), Story::taskCatalogue()),
    );

    return $part instanceof FollowUp ? $part : throw new LogicException('Not a follow-up.');
}

/** The effect on a task; now is Monday 2 March 2026, ten o'clock, and the house works from nine to five. */
function effectOf(array $document, ?Subject $subject = null): ?Effect
{
    $subject ??= Story::task();

    return followUp($document)->effect(
        new Situation(Story::change($subject, $subject), $subject, Bench::house(), Story::taskCatalogue()),
    );
}

it('does what it says', function (array $document, Subject $subject, array $written, array $changed): void {
    $effect = effectOf($document, $subject);
    $after = $effect?->on($subject);
    expect($effect === null ? null : DecisionRecord::effect($effect))
        ->toBe($written)
        ->and(
            $after === null
                ? null
                : array_filter(
                    get_object_vars($after),
                    static fn(mixed $value, string $name): bool => $value !== $subject->{$name},
                    ARRAY_FILTER_USE_BOTH,
                ),
        )
        ->toEqual($changed);
})->with([
    'a field' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.value', 'value' => 400.5]],
        Story::task(),
        ['effect' => 'field_set', 'field' => 'task.value', 'value' => 400.5],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'task.value' => 40_050]],
    ],
    'a field with several values' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.parts', 'value' => ['valve', 'pad']]],
        Story::task(),
        ['effect' => 'field_set', 'field' => 'task.parts', 'value' => ['valve', 'pad']],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'task.parts' => ['valve', 'pad']]],
    ],
    'no field' => [
        ['kind' => 'clear_field', 'cleared' => 'task.rush'],
        Story::task()->withField('task.rush', true),
        ['effect' => 'field_cleared', 'field' => 'task.rush'],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn']],
    ],
    'due in working time' => [
        ['kind' => 'due_in', 'after' => 'PT9H'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-03T11:00:00Z'],
        ['dueAt' => Build::at('2026-03-03T11:00:00Z')],
    ],
    'due in working days' => [
        ['kind' => 'due_in', 'after' => 'P3D'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-05T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-05T17:00:00Z')],
    ],
    // 8 March is a Sunday: work ends on the Friday before.
    'due before a date' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 days'],
        Story::task()->withField('task.needed', '2026-03-10'),
        ['effect' => 'due_set', 'due' => '2026-03-06T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-06T17:00:00Z')],
    ],
    'due before a date, at a time' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 working_days', 'time' => '10:30'],
        Story::task()->withField('task.needed', '2026-03-10'),
        ['effect' => 'due_set', 'due' => '2026-03-06T10:30:00Z'],
        ['dueAt' => Build::at('2026-03-06T10:30:00Z')],
    ],
    'due after a moment' => [
        ['kind' => 'due_from', 'date_field' => 'task.arrived', 'offset' => '+36 hours'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-02T21:00:00Z'],
        ['dueAt' => Build::at('2026-03-02T21:00:00Z')],
    ],
    'due from nothing' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 days'],
        Story::task(),
        ['effect' => 'due_impossible'],
        [],
    ],
    'due today' => [
        ['kind' => 'due_end_of', 'period' => 'today'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-02T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-02T17:00:00Z')],
    ],
    'due this week' => [
        ['kind' => 'due_end_of', 'period' => 'week'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-06T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-06T17:00:00Z')],
    ],
    'due this month' => [
        ['kind' => 'due_end_of', 'period' => 'month'],
        Story::task(),
        ['effect' => 'due_set', 'due' => '2026-03-31T17:00:00Z'],
        ['dueAt' => Build::at('2026-03-31T17:00:00Z')],
    ],
    'a priority' => [
        ['kind' => 'priority', 'priority' => 'urgent'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'urgent'],
        ['priority' => Priority::Urgent],
    ],
    'a priority higher' => [
        ['kind' => 'priority_step', 'step' => 'up'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'high'],
        ['priority' => Priority::High],
    ],
    'a priority lower' => [
        ['kind' => 'priority_step', 'step' => 'down'],
        Story::task(),
        ['effect' => 'priority_set', 'priority' => 'low'],
        ['priority' => Priority::Low],
    ],
    'no higher than the highest' => [
        ['kind' => 'priority_step', 'step' => 'up'],
        Story::task()->prioritised(Priority::Urgent),
        ['effect' => 'priority_set', 'priority' => 'urgent'],
        [],
    ],
    'a status' => [
        ['kind' => 'status', 'status' => 'in_review'],
        Story::task(),
        ['effect' => 'status_set', 'status' => 'in_review'],
        ['status' => TaskStatus::InReview],
    ],
    'a status to which nothing leads' => [
        ['kind' => 'status', 'status' => 'in_review'],
        Story::task()->inStatus(TaskStatus::Done),
        ['effect' => 'status_impossible', 'status' => 'in_review'],
        [],
    ],
    'a tag' => [
        ['kind' => 'tag', 'tag' => 'vip'],
        Story::task(),
        ['effect' => 'tag_added', 'tag' => 'vip'],
        ['tags' => ['vip']],
    ],
    'no tag' => [
        ['kind' => 'tag_off', 'tag' => 'VIP'],
        Story::task()->tagged('vip'),
        ['effect' => 'tag_removed', 'tag' => 'VIP'],
        ['tags' => []],
    ],
    'people who watch' => [
        ['kind' => 'watch', 'watchers' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']]],
        Story::task()->watchedBy(['ayumi']),
        ['effect' => 'watched', 'people' => ['ayumi', 'tobias']],
        ['watcherIds' => ['ayumi', 'tobias']],
    ],
    'people who are told' => [
        [
            'kind' => 'tell',
            'people' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']],
            'text' => 'The ~task.title~ waits',
        ],
        Story::task(),
        ['effect' => 'told', 'people' => ['ayumi', 'tobias'], 'text' => 'The Horn waits'],
        [],
    ],
    'the owner of the customer' => [
        ['kind' => 'customer_owner'],
        Story::task(),
        ['effect' => 'owner_given', 'person' => 'femi'],
        ['fields' => ['task.kind' => 'repair', 'task.title' => 'Horn', 'customer.owner' => 'femi']],
    ],
]);

it('puts the items of a checklist on once', function (): void {
    $effect = effectOf(['kind' => 'checklist', 'checklist' => 'bench']);
    $once = $effect?->on(Story::task()) ?? Story::task();
    expect($effect === null ? null : DecisionRecord::effect($effect))
        ->toBe(['effect' => 'checklist_put', 'checklist' => 'Bench', 'items' => 2])
        ->and(array_column($once->checklist, 'text'))
        ->toBe(['Photograph it', 'Play it'])
        ->and($once->openItems())
        ->toBe(2)
        ->and($effect?->on($once))
        ->toEqual($once);
});

it('lets a due date follow another until it is set by hand', function (): void {
    $house = Bench::house()->house;
    $task = Story::task()->withField('task.needed', '2026-03-20');
    $effect = effectOf(
        ['kind' => 'due_follows', 'date_field' => 'task.needed', 'offset' => '-3 days', 'time' => '12:00'],
        $task,
    );
    $following = $effect?->on($task) ?? $task;
    $moved = $following->withField('task.needed', '2026-03-25')->settled($house, Story::taskCatalogue()->words);
    expect($effect === null ? null : DecisionRecord::effect($effect))
        ->toBe([
            'effect' => 'due_follows',
            'field' => 'task.needed',
            'offset' => '-3 days',
            'due' => '2026-03-17T12:00:00Z',
        ])
        ->and($moved->dueAt)
        ->toBe(Build::at('2026-03-22T12:00:00Z'))
        ->and($following->withField('task.needed', null)->settled($house, Story::taskCatalogue()->words)->dueAt)
        ->toBeNull()
        ->and(
            $moved->dueAt(5)->withField('task.needed', '2026-04-01')->settled($house, Story::taskCatalogue()->words)
                ->dueAt,
        )
        ->toBe(5);
});

it('has nothing to do where there is nobody, or nothing, to do it with', function (
    array $document,
    Subject $subject,
): void {
    expect(effectOf($document, $subject))->toBeNull();
})->with([
    'nobody to watch' => [
        ['kind' => 'watch', 'watchers' => ['kind' => 'field', 'field' => 'case.owner']],
        Story::task(),
    ],
    'no holder' => [['kind' => 'customer_owner'], Story::task()->heldBy(null)],
    'no customer' => [['kind' => 'customer_owner'], Story::task()->with(['customerId' => null])],
]);

it('makes a task with what is merged in, for the same customer', function (): void {
    $task = Story::task()->withField('customer.tier', 'school')->withField('task.value', 40_000);
    $effect = effectOf(
        [
            'kind' => 'create_task',
            'task_kind' => 'quote',
            'title' => 'Quote for ~task.title~ at ~task.value~, ~task.count|some~ of them',
            'details' => "~case.owner~\nasked",
            'estimate' => 'PT20M',
            'due' => ['kind' => 'due_in', 'after' => 'P1D'],
            'wait' => true,
        ],
        $task,
    );
    $made = $effect instanceof TaskMade ? $effect->made : null;
    expect($effect === null ? null : DecisionRecord::effect($effect))
        ->toBe(['effect' => 'task_made', 'title' => 'Quote for Horn at 400, some of them', 'waits' => true])
        ->and($effect instanceof TaskMade && $effect->placed)
        ->toBeFalse()
        ->and($made?->fields)
        ->toEqual([
            'customer.tier' => 'school',
            'task.count' => 1,
            'task.kind' => 'quote',
            'task.source' => 'rule',
            'task.title' => 'Quote for Horn at 400, some of them',
            'task.details' => "(Owner of the case not known)\nasked",
        ])
        ->and($made?->effort->left())
        ->toBe(20)
        ->and($made?->customerId)
        ->toBe('band')
        ->and($made?->madeById)
        ->toBe('t1')
        ->and($made?->status)
        ->toBe(TaskStatus::New)
        ->and($made?->dueAt)
        ->toBe(Build::at('2026-03-03T17:00:00Z'));
});

it('gives what it makes the same fields where it is to', function (bool $same, array $expected): void {
    $effect = effectOf(
        ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote', 'same_fields' => $same],
        Story::task()->withField('task.value', 500)->withField('task.details', 'Long'),
    );
    expect($effect instanceof TaskMade ? $effect->made->fields : null)->toEqual(
        $expected + ['task.count' => 1, 'task.kind' => 'quote', 'task.source' => 'rule', 'task.title' => 'Quote'],
    );
})->with([[true, ['task.value' => 500]], [false, []]]);

it('gives what it makes to whoever a pool names', function (array $for, ?string $holder, array $openTo): void {
    $effect = effectOf(['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote', 'for' => $for]);
    expect(
        $effect instanceof TaskMade ? [$effect->placed, $effect->made->holderId, $effect->made->openTo] : null,
    )->toBe([true, $holder, $openTo]);
})->with([
    'one' => [['kind' => 'people', 'people' => ['tobias']], 'tobias', []],
    'several' => [['kind' => 'people', 'people' => ['tobias', 'ayumi']], null, ['tobias', 'ayumi']],
    'nobody' => [['kind' => 'field', 'field' => 'case.owner'], null, []],
]);

it('has a test here for every follow-up', function (): void {
    $code = (string) file_get_contents(__FILE__);
    foreach (StandardKinds::BY_FAMILY['follow_up'] as $class) {
        expect($code)->toContain("'kind' => '{$class::kind()}'");
    }
});

it('refuses what can not be', function (array $document, string $pointer): void {
    try {
        followUp($document);
        $found = null;
    } catch (DocumentError $error) {
        $found = $error->faults[0]->pointer;
    }
    expect($found)->toBe($pointer);
})->with([
    'a field that follows from the state' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.tags', 'value' => ['x']]],
        '/set/field',
    ],
    'a field of the case' => [
        ['kind' => 'set_field', 'set' => ['field' => 'case.owner', 'value' => 'femi']],
        '/set/field',
    ],
    'the kind' => [['kind' => 'clear_field', 'cleared' => 'task.kind'], '/cleared'],
    'a value of another type' => [
        ['kind' => 'set_field', 'set' => ['field' => 'task.value', 'value' => 'much']],
        '/set/value',
    ],
    'a list that there is not' => [['kind' => 'checklist', 'checklist' => 'attic'], '/checklist'],
    'a kind that there is not' => [['kind' => 'create_task', 'task_kind' => 'concert', 'title' => 'x'], '/task_kind'],
    'a field that there is not' => [
        ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => '~task.colour~'],
        '/title',
    ],
    'a tilde alone' => [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'about ~ ten'], '/title'],
    'a due date that is none' => [
        ['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'x', 'due' => ['kind' => 'tag', 'tag' => 'x']],
        '/due/kind',
    ],
    'a distance without its unit' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2'],
        '/offset',
    ],
    'a time that there is not' => [
        ['kind' => 'due_from', 'date_field' => 'task.needed', 'offset' => '-2 days', 'time' => '24:00'],
        '/time',
    ],
    'no date' => [['kind' => 'due_follows', 'date_field' => 'task.title', 'offset' => '-2 days'], '/date_field'],
]);

it('makes no task while the one that the same rule made for the same task is open', function (): void {
    $make = static fn(bool $again): Rule => Build::rule(
        'call',
        null,
        then: [
            new CreateTask('quote', MergedText::parse('Call'), again: $again),
            new CreateTask('repair', MergedText::parse('Look'), again: $again),
        ],
        when: [new TagOn(['call'])],
    );
    $task = Story::task();
    $titles = static function (Rule $rule, Subject ...$others) use ($task): array {
        $chain = Story::run([$rule], Story::change($task, $task->tagged('call'), [$rule]), array_values($others));

        return array_map(
            static fn(Effect $effect): string => $effect::code() . " {$effect->write()['title']}",
            $chain->links[0]->decision->effects ?? [],
        );
    };
    $made = static fn(
        string $id,
        string $kind,
        TaskStatus $status,
        string $rule = 'call',
        string $by = 't1',
    ): Subject => new Subject(
        $id,
        0,
        new Effort(),
        $status,
        fields: ['task.kind' => $kind],
        madeById: $by,
        madeByRule: $rule,
    );
    $both = ['task_made Call', 'task_made Look'];
    expect($titles($make(false)))
        ->toBe($both)
        ->and($titles($make(false), $made('q', 'quote', TaskStatus::New)))
        ->toBe(['task_open Call', 'task_made Look'])
        ->and(
            $titles($make(false), $made('q', 'quote', TaskStatus::Waiting), $made('r', 'repair', TaskStatus::InReview)),
        )
        ->toBe(['task_open Call', 'task_open Look'])
        ->and($titles($make(true), $made('q', 'quote', TaskStatus::New)))
        ->toBe($both)
        ->and($titles($make(false), $made('q', 'quote', TaskStatus::Done)))
        ->toBe($both)
        ->and($titles($make(false), $made('q', 'quote', TaskStatus::New, 'other')))
        ->toBe($both)
        ->and($titles($make(false), $made('q', 'quote', TaskStatus::New, 'call', 't2')))
        ->toBe($both);
});

it(
    'lets the title and the details of what it makes follow the fields in them until somebody writes others',
    function (): void {
        $house = Bench::house()->house;
        $words = Story::taskCatalogue()->words;
        $make = new CreateTask(
            'quote',
            MergedText::parse('~task.title~ by ~customer.hire_ends|no day~ ~~'),
            MergedText::parse('For ~task.title~'),
        );
        $task = Story::task()->withField('task.title', 'Horn ~ 2')->withField('customer.hire_ends', '2026-12-19');
        $effect = $make->effect(
            new Situation(Story::change($task, $task), $task, Bench::house(), Story::taskCatalogue(), 'call'),
        );
        $made = $effect->made;
        expect($made->fields['task.title'])
            ->toBe('Horn ~ 2 by 2026-12-19 ~')
            // What this task says stays as it was said; what the customer says is followed.
            ->and($made->textFollows?->write())
            ->toBe(['title' => 'Horn ~~ 2 by ~customer.hire_ends|no day~ ~~']);
        $moved = $made->withField('customer.hire_ends', '2026-12-29')->settled($house, $words);
        expect($moved->fields['task.title'])
            ->toBe('Horn ~ 2 by 2026-12-29 ~')
            ->and($moved->withField('customer.hire_ends', null)->settled($house, $words)->fields['task.title'])
            ->toBe('Horn ~ 2 by no day ~');
        $written = $moved
            ->withField('task.title', 'My own')
            ->withField('customer.hire_ends', '2027-01-01')
            ->settled($house, $words);
        expect([$written->fields['task.title'], $written->textFollows])
            ->toBe(['My own', null])
            ->and(FollowingTexts::read($made->textFollows?->write() ?? [])?->write())
            ->toBe($made->textFollows?->write())
            ->and($moved->equals($written))
            ->toBeFalse();
    },
);

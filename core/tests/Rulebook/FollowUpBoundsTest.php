<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\Situation;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/FollowUpFunctions.php';

it('has a test here for every follow-up', function (): void {
    $code = implode(
        '',
        array_map(file_get_contents(...), [
            ...glob(__DIR__ . '/FollowUp*Test.php') ?: [],
            ...glob(__DIR__ . '/../Flow/Case*Test.php') ?: [],
        ]),
    );
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
    'a runsheet that there is not' => [['kind' => 'start_runsheet', 'runsheet' => ''], '/runsheet'],
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
    $titles = static function (Rule $rule, TaskSubject ...$others) use ($task): array {
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
    ): TaskSubject => new TaskSubject(
        $id,
        0,
        new Effort(),
        $status,
        fields: ['task.kind' => $kind],
        madeById: $by,
        madeByRule: $rule,
    );
    $both = ['task_made Call', 'task_made Look'];
    expect($titles($make(false)))->toBe($both);
    expect($titles($make(false), $made('q', 'quote', TaskStatus::New)))->toBe(['task_open Call', 'task_made Look']);
    expect(
        $titles($make(false), $made('q', 'quote', TaskStatus::Waiting), $made('r', 'repair', TaskStatus::InReview)),
    )->toBe(['task_open Call', 'task_open Look']);
    expect($titles($make(true), $made('q', 'quote', TaskStatus::New)))->toBe($both);
    expect($titles($make(false), $made('q', 'quote', TaskStatus::Done)))->toBe($both);
    expect($titles($make(false), $made('q', 'quote', TaskStatus::New, 'other')))->toBe($both);
    expect($titles($make(false), $made('q', 'quote', TaskStatus::New, 'call', 't2')))->toBe($both);
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
        expect($made->fields['task.title'])->toBe('Horn ~ 2 by 2026-12-19 ~');

        // What this task says stays as it was said; what the customer says is followed.
        expect($made->textFollows?->write())->toBe(['title' => 'Horn ~~ 2 by ~customer.hire_ends|no day~ ~~']);
        $moved = $made->withField('customer.hire_ends', '2026-12-29')->settled($house, $words);
        expect($moved->fields['task.title'])->toBe('Horn ~ 2 by 2026-12-29 ~');
        expect($moved->withField('customer.hire_ends', null)->settled($house, $words)->fields['task.title'])->toBe(
            'Horn ~ 2 by no day ~',
        );
        $written = $moved
            ->withField('task.title', 'My own')
            ->withField('customer.hire_ends', '2027-01-01')
            ->settled($house, $words);
        expect([$written->fields['task.title'], $written->textFollows])->toBe(['My own', null]);
        expect(FollowingTexts::read($made->textFollows?->write() ?? [])?->write())->toBe($made->textFollows?->write());
        expect($moved->equals($written))->toBeFalse();
    },
);

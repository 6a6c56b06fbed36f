<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/TimersFunctions.php';

it('knows when a date is reached', function (
    string $field,
    string $offset,
    ?string $time,
    TaskSubject $task,
    array $expected,
): void {
    expect(firings(timers([dated($field, $offset, $time)])->due($task, 0)))->toBe($expected);
})->with([
    'a day, when it begins' => [
        'task.needed',
        '+0 days',
        null,
        Story::task()->withField('task.needed', '2026-04-10'),
        ['2026-04-09 23:00 r t1'],
    ],
    'a day, at a time' => [
        'task.needed',
        '-20 days',
        '09:00',
        Story::task()->withField('task.needed', '2026-04-10'),
        ['2026-03-21 09:00 r t1'],
    ],
    'a month before the end of one' => [
        'task.needed',
        '-1 months',
        '09:00',
        Story::task()->withField('task.needed', '2026-05-31'),
        ['2026-04-30 08:00 r t1'],
    ],
    'working days before' => [
        'task.needed',
        '-2 working_days',
        '09:00',
        Story::task()->withField('task.needed', '2026-03-10'),
        ['2026-03-06 09:00 r t1'],
    ],
    'hours before a day' => [
        'task.needed',
        '-3 hours',
        null,
        Story::task()->withField('task.needed', '2026-03-10'),
        ['2026-03-09 21:00 r t1'],
    ],
    'a due date, to the minute' => [
        'task.due',
        '+1 days',
        null,
        Story::task()->dueAt(Build::at('2026-03-28T16:00:00Z')),
        ['2026-03-29 15:00 r t1'],
    ],
    'a due date, minutes' => [
        'task.due',
        '-90 minutes',
        null,
        Story::task()->dueAt(Build::at('2026-03-28T16:00:00Z')),
        ['2026-03-28 14:30 r t1'],
    ],
    'a due date, at a time' => [
        'task.due',
        '+1 days',
        '08:00',
        Story::task()->dueAt(Build::at('2026-03-28T16:00:00Z')),
        ['2026-03-29 07:00 r t1'],
    ],
    'no date' => ['task.needed', '+0 days', null, Story::task(), []],
    'before the task was there' => [
        'task.needed',
        '+0 days',
        null,
        Story::task()->withField('task.needed', '2026-02-10'),
        [],
    ],
    'overdue, done with' => [
        'task.due',
        '+1 days',
        null,
        Story::task()->dueAt(Build::at('2026-03-28T16:00:00Z'))->inStatus(TaskStatus::Done),
        [],
    ],
    'another date of what is done' => [
        'task.needed',
        '+0 days',
        '12:00',
        Story::task()->withField('task.needed', '2026-03-10')->inStatus(TaskStatus::Done),
        ['2026-03-10 12:00 r t1'],
    ],
    'dropped' => [
        'task.needed',
        '+0 days',
        '12:00',
        Story::task()->withField('task.needed', '2026-03-10')->inStatus(TaskStatus::Dropped),
        [],
    ],
]);

it('hangs nothing on a task of a kind that the rule does not ask for', function (array $if, bool $expected): void {
    $rule = Build::rule('r', null, if: $if, then: [new AddTag('x')], when: [new DateReached('task.needed')]);
    $task = Story::task()->withField('task.needed', '2026-04-10');
    expect(timers([$rule])->due($task, 0) !== [])->toBe($expected);
    expect(
        timers([
            Build::rule(
                'r',
                null,
                if: $if,
                then: [new AddTag('x')],
                when: [new Schedule('FREQ=DAILY', LocalDate::parse('2026-03-02'), TimeOfDay::parse('09:00'))],
            ),
        ])->between([$task], Build::at('2026-03-03'), Build::at('2026-03-04')) !== [],
    )->toBe($expected);
})->with([
    'its kind' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'], true],
    'another kind' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'], false],
    'among others' => [
        [
            'all' => [
                ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['quote', 'repair']],
            ],
        ],
        true,
    ],
    'not among others' => [
        [
            'all' => [
                ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                ['all' => [['field' => 'task.kind', 'op' => 'one_of', 'value' => ['quote', 'tuning']]]],
            ],
        ],
        false,
    ],
    'what may change does not count' => [['field' => 'task.rush', 'op' => 'is', 'value' => true], true],
    'one of several is no must' => [
        [
            'any' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                ['field' => 'task.rush', 'op' => 'is', 'value' => true],
            ],
        ],
        true,
    ],
]);

it('knows when a task comes back from waiting', function (): void {
    $waiting = Story::task()->waiting('parts', Build::at('2026-03-05T09:00:00Z'));
    expect(firings(timers([])->due($waiting, 0)))->toBe(['2026-03-05 09:00 wakes t1']);
    expect(timers([])->due($waiting->resumed(), 0))->toBe([]);
    expect(timers([])->due(Story::task()->waiting('parts', null), 0))->toBe([]);
});

it('names what comes next, after an instant and not at it, and all until another, at it too', function (): void {
    $waiting = Story::task()->waiting('parts', Build::at('2026-03-05T09:00:00Z'));
    $wakes = Build::at('2026-03-05T09:00:00Z');
    $timers = timers([]);
    expect([$timers->next($waiting, $wakes - 1), $timers->next($waiting, $wakes)])->toBe([$wakes, null]);
    expect($timers->next(Story::task(), 0))->toBeNull();
    expect([
        count($timers->due($waiting, $wakes - 1, $wakes)),
        count($timers->due($waiting, $wakes, $wakes + 1)),
        count($timers->due($waiting, 0, $wakes - 1)),
    ])->toBe([1, 0, 0]);
    // The earlier of both.
    $dated = $waiting->withField('task.needed', '2026-03-04');
    expect(timers([dated('task.needed')])->next($dated, 0))->toBe(Build::at('2026-03-04'));
    expect(timers([dated('task.needed')])->next($dated, Build::at('2026-03-04')))->toBe($wakes);
});

it('has a key for rule, task and the date that it hangs on', function (): void {
    $key = static fn(Rule $rule, TaskSubject $task): string => timers([$rule])->due($task, 0)[0]->key;
    $task = Story::task()->withField('task.needed', '2026-04-10');
    $keys = [
        $key(dated('task.needed', '-20 days'), $task),
        $key(dated('task.needed', '-20 days'), $task->withField('task.needed', '2026-04-11')),
        $key(dated('task.needed', '-19 days'), $task),
        $key(dated('task.needed', '-20 days', id: 'other'), $task),
        $key(dated('task.needed', '-20 days'), $task->with(['id' => 't2'])),
    ];
    expect(array_unique($keys))->toHaveCount(5);

    // The same timer in the next version of the rulebook, whatever else changed in the rule.
    expect($key(dated('task.needed', '-20 days'), $task->tagged('x')))->toBe($keys[0]);
});

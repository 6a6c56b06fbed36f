<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimer;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;
use OpenBaton\Core\Workload\TaskStatus;
use Random\Engine\Mt19937;
use Random\Randomizer;

function dated(string $field, string $offset = '+0 days', ?string $time = null, string $id = 'r'): Rule
{
    return Build::rule(
        $id,
        null,
        then: [new AddTag('x')],
        when: [new DateReached($field, Offset::parse($offset), $time === null ? null : TimeOfDay::parse($time))],
    );
}

function weekly(string $rule = 'FREQ=WEEKLY;BYDAY=MO', string $from = '2026-03-02', string $id = 'weekly'): Rule
{
    return Build::rule(
        $id,
        null,
        then: [new AddTag('x')],
        when: [new Schedule($rule, LocalDate::parse($from), TimeOfDay::parse('09:00'))],
    );
}

/** @param list<Rule> $rules */
function timers(array $rules, array $since = []): Timers
{
    return new Timers(RuleTimers::of(new Rulebook(Build::fields(), $rules), $since), Build::calendar('Europe/Dublin'));
}

/** @return list<string> when, as UTC, and for what */
function firings(array $occurrences): array
{
    return array_map(
        static fn(Occurrence $one): string => gmdate('Y-m-d H:i', $one->at) .
            ' ' .
            ($one->timer->ruleId ?? 'wakes') .
            ' ' .
            $one->taskId,
        $occurrences,
    );
}

it('knows when a date is reached', function (
    string $field,
    string $offset,
    ?string $time,
    Subject $task,
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
    expect(timers([$rule])->due($task, 0) !== [])
        ->toBe($expected)
        ->and(
            timers([
                Build::rule(
                    'r',
                    null,
                    if: $if,
                    then: [new AddTag('x')],
                    when: [new Schedule('FREQ=DAILY', LocalDate::parse('2026-03-02'), TimeOfDay::parse('09:00'))],
                ),
            ])->between([$task], Build::at('2026-03-03'), Build::at('2026-03-04')) !== [],
        )
        ->toBe($expected);
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
    expect(firings(timers([])->due($waiting, 0)))
        ->toBe(['2026-03-05 09:00 wakes t1'])
        ->and(timers([])->due($waiting->resumed(), 0))
        ->toBe([])
        ->and(timers([])->due(Story::task()->waiting('parts', null), 0))
        ->toBe([]);
});

it('has a key for rule, task and the date that it hangs on', function (): void {
    $key = static fn(Rule $rule, Subject $task): string => timers([$rule])->due($task, 0)[0]->key;
    $task = Story::task()->withField('task.needed', '2026-04-10');
    $keys = [
        $key(dated('task.needed', '-20 days'), $task),
        $key(dated('task.needed', '-20 days'), $task->withField('task.needed', '2026-04-11')),
        $key(dated('task.needed', '-19 days'), $task),
        $key(dated('task.needed', '-20 days', id: 'other'), $task),
        $key(dated('task.needed', '-20 days'), $task->with(['id' => 't2'])),
    ];
    expect(array_unique($keys))
        ->toHaveCount(5)
        // The same timer in the next version of the rulebook, whatever else changed in the rule.
        ->and($key(dated('task.needed', '-20 days'), $task->tagged('x')))
        ->toBe($keys[0]);
});

it('does not fire for an instant before the timer was published', function (): void {
    $rule = dated('task.needed', '+0 days', '12:00');
    $id = RuleTimer::id('r', $rule->events[0]);
    $task = Story::task()->withField('task.needed', '2026-03-10');
    $at = static fn(string $since): array => timers([$rule], [$id => Build::at($since)])->due($task, 0);
    expect($at('2026-03-10T12:00:00Z'))
        ->toHaveCount(1)
        ->and($at('2026-03-10T12:00:01Z'))
        ->toBe([])
        ->and(
            timers(
                [weekly()],
                [RuleTimer::id('weekly', weekly()->events[0]) => Build::at('2026-03-09T09:00:00Z')],
            )->between([Story::task()], Build::at('2026-03-01'), Build::at('2026-03-20')),
        )
        ->toHaveCount(2);
});

it('finds all between two ticks, in order of time, the rules in theirs', function (): void {
    $tasks = [
        Story::task('b')->withField('task.needed', '2026-03-10'),
        Story::task('a')->withField('task.needed', '2026-03-10'),
        Story::task('c')->withField('task.needed', '2026-03-12')->waiting('x', Build::at('2026-03-10T00:00:00Z')),
    ];
    $timers = timers([
        dated('task.needed', id: 'second'),
        dated('task.needed', '+0 days', '00:00', 'third'),
        weekly('FREQ=DAILY'),
    ]);
    expect(
        firings($timers->between($tasks, Build::at('2026-03-09T09:00:00Z'), Build::at('2026-03-10T09:00:00Z'))),
    )->toBe([
        '2026-03-10 00:00 wakes c',
        '2026-03-10 00:00 second a',
        '2026-03-10 00:00 second b',
        '2026-03-10 00:00 third a',
        '2026-03-10 00:00 third b',
        '2026-03-10 09:00 weekly a',
        '2026-03-10 09:00 weekly b',
        '2026-03-10 09:00 weekly c',
    ]);
});

it('catches up days without ticks, once each', function (): void {
    $timers = timers([weekly('FREQ=DAILY')]);
    $whole = firings(
        $timers->between([Story::task()], Build::at('2026-03-02T09:00:00Z'), Build::at('2026-03-05T09:00:00Z')),
    );
    $parts = [];
    foreach (
        [
            ['2026-03-02T09:00:00Z', '2026-03-03T08:59:00Z'],
            ['2026-03-03T08:59:00Z', '2026-03-04T09:00:00Z'],
            ['2026-03-04T09:00:00Z', '2026-03-05T09:00:00Z'],
        ]
        as [$from, $to]
    ) {
        array_push($parts, ...firings($timers->between([Story::task()], Build::at($from), Build::at($to))));
    }
    expect($whole)
        ->toBe(['2026-03-03 09:00 weekly t1', '2026-03-04 09:00 weekly t1', '2026-03-05 09:00 weekly t1'])
        ->and($parts)
        ->toBe($whole);
});

it('lets a schedule act on open tasks that were there', function (): void {
    $tasks = [
        Story::task('done')->inStatus(TaskStatus::Done),
        Story::task('late')->with(['createdAt' => Build::at('2026-03-09T09:00:01Z')]),
        Story::task('there'),
    ];
    expect(firings(timers([weekly()])->between($tasks, Build::at('2026-03-08'), Build::at('2026-03-10'))))->toBe([
        '2026-03-09 09:00 weekly there',
    ]);
});

it('has no timers of rules that are paused, or have none', function (): void {
    $paused = Build::rule('p', null, then: [new AddTag('x')], active: false, when: [new DateReached('task.needed')]);
    expect(timers([$paused, Build::rule('a', null, then: [new AddTag('x')])])->rules->all)->toBe([]);
});

it('finds among many what each of them alone would say', function (): void {
    $random = new Randomizer(new Mt19937(11));
    $one = static fn(array $from): mixed => $from[$random->getInt(0, count($from) - 1)];
    $found = 0;
    for ($round = 0; $round < 60; ++$round) {
        $rules = [];
        for ($number = 0; $number < 40; ++$number) {
            $unit = $one(['minutes', 'hours', 'days', 'working_days', 'weeks', 'months']);
            $rules[] = Build::rule(
                "r{$number}",
                null,
                if: $one([
                    null,
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
                    ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['quote', 'tuning']],
                ]),
                then: [new AddTag('x')],
                when: [
                    new DateReached(
                        $one(['task.needed', 'task.due']),
                        Offset::parse(sprintf('%+d %s', $random->getInt(-9, 9), $unit)),
                        in_array($unit, ['minutes', 'hours'], true)
                            ? null
                            : $one([null, null, TimeOfDay::parse('09:00'), TimeOfDay::parse('01:30')]),
                    ),
                ],
            );
        }
        $since = [
            RuleTimer::id('r0', $rules[0]->events[0]) => Build::at('2026-03-25'),
            RuleTimer::id('r1', $rules[1]->events[0]) => Build::at('2026-04-01'),
        ];
        $task = Story::task()
            ->withField('task.needed', $one(['2026-03-29', '2026-03-31', '2026-10-25', '2026-02-28']))
            ->dueAt($one([null, Build::at('2026-03-28T01:30:00Z'), Build::at('2026-03-27T17:00:00Z')]));
        [$after, $until] = [Build::at('2026-03-20') + $random->getInt(0, 9) * 86400, Build::at('2026-04-05')];
        $alone = [];
        foreach ($rules as $rule) {
            array_push(
                $alone,
                ...firings(
                    array_values(
                        array_filter(
                            timers([$rule], $since)->due($task, 0),
                            static fn(Occurrence $one): bool => $after < $one->at && $one->at <= $until,
                        ),
                    ),
                ),
            );
        }
        $together = timers($rules, $since);
        $due = $together->due($task, $after, $until);
        $told = firings($due);
        sort($told);
        sort($alone);
        expect($told)->toBe($alone);
        $first = $together->due($task, $after)[0] ?? null;
        expect($together->next($task, $after))->toBe($first?->at);
        $found += count($due);
    }
    expect($found)->toBeGreaterThan(300);
});

it('fires no rule for a working day that never comes', function (): void {
    $never = new Timers(
        RuleTimers::of(
            new Rulebook(Build::fields(), [
                dated('task.needed', '-2 working_days'),
                dated('task.needed', '+0 working_days', '09:00', 'day'),
                dated('task.needed', '+2 working_days', id: 'later'),
            ]),
        ),
        Build::calendar(weekdays: []),
    );
    $task = Story::task()->withField('task.needed', '2026-03-10');
    expect(firings($never->due($task, 0)))
        ->toBe(['2026-03-10 09:00 day t1'])
        ->and($never->next($task, Build::at('2026-03-10T09:00:00Z')))
        ->toBeNull();
});

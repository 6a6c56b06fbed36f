<?php

declare(strict_types=1);

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
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

require_once __DIR__ . '/TimersFunctions.php';

function weekly(string $rule = 'FREQ=WEEKLY;BYDAY=MO', string $from = '2026-03-02', string $id = 'weekly'): Rule
{
    return Build::rule(
        $id,
        null,
        then: [new AddTag('x')],
        when: [new Schedule($rule, LocalDate::parse($from), TimeOfDay::parse('09:00'))],
    );
}

it('does not fire for an instant before the timer was published', function (): void {
    $rule = dated('task.needed', '+0 days', '12:00');
    $id = RuleTimer::id('r', $rule->events[0]);
    $task = Story::task()->withField('task.needed', '2026-03-10');
    $at = static fn(string $since): array => timers([$rule], [$id => Build::at($since)])->due($task, 0);
    expect($at('2026-03-10T12:00:00Z'))->toHaveCount(1);
    expect($at('2026-03-10T12:00:01Z'))->toBe([]);
    expect(
        timers(
            [weekly()],
            [RuleTimer::id('weekly', weekly()->events[0]) => Build::at('2026-03-09T09:00:00Z')],
        )->between([Story::task()], Build::at('2026-03-01'), Build::at('2026-03-20')),
    )->toHaveCount(2);
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
    expect($whole)->toBe(['2026-03-03 09:00 weekly t1', '2026-03-04 09:00 weekly t1', '2026-03-05 09:00 weekly t1']);
    expect($parts)->toBe($whole);
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
    expect(firings($never->due($task, 0)))->toBe(['2026-03-10 09:00 day t1']);
    expect($never->next($task, Build::at('2026-03-10T09:00:00Z')))->toBeNull();
});

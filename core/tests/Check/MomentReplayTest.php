<?php

declare(strict_types=1);

use OpenBaton\Core\Check\MomentReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Timer\RuleTimer;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

/** @param array<string, mixed>|null $if */
function timed(string $id, EventKind $event, ?array $if = null): Rule
{
    return Build::rule($id, null, if: $if, then: [new AddTag('x')], when: [$event]);
}

/**
 * On 20 March, of the time since the 1st.
 *
 * @param list<Rule>            $rules
 * @param array<string, string> $since by id of the rule
 */
function replay(array $rules, array $since = []): MomentReplay
{
    $known = [];
    foreach ($rules as $rule) {
        if (isset($since[$rule->id])) {
            $known[RuleTimer::id($rule->id, $rule->events[0])] = Build::at($since[$rule->id]);
        }
    }
    $rulebook = new Rulebook(Build::fields(), $rules);
    $compiled = CompiledRulebook::compile($rulebook, 'v');

    return new MomentReplay(
        new Timers(RuleTimers::of($rulebook), Build::calendar()),
        $compiled,
        new ChangeFacts(Bench::house(), $compiled->lookups),
        $known,
        Build::at('2026-03-01'),
        Build::at('2026-03-20T12:00:00Z'),
    );
}

function dueOn(string $due, TaskStatus $status = TaskStatus::New): TaskSubject
{
    return new TaskSubject(
        't1',
        Build::at('2026-02-20'),
        new Effort(0, 60),
        $status,
        holderId: 'femi',
        dueAt: Build::at($due),
        fields: ['task.kind' => 'repair'],
    );
}

/** @return list<string> rule and moment */
function acted(MomentReplay $replay, TaskSubject $subject, ?string $closed = null): array
{
    return array_map(
        static fn(array $one): string => "{$one[0]} " . gmdate('m-d H:i', $one[1]),
        $replay->of($subject, $closed === null ? null : Build::at($closed)),
    );
}

it('estimates what new timers on a date would have done, by the dates as they are now', function (
    TaskSubject $task,
    ?string $closed,
    array $expected,
): void {
    $replay = replay([
        timed('repairs', new DateReached('task.due', Offset::parse('+1 days')), [
            'field' => 'task.kind',
            'op' => 'is',
            'value' => 'repair',
        ]),
        timed('quotes', new DateReached('task.due', Offset::parse('+0 days')), [
            'field' => 'task.kind',
            'op' => 'is',
            'value' => 'quote',
        ]),
    ]);
    expect(acted($replay, $task, $closed))->toBe($expected);
})->with([
    'reached' => [dueOn('2026-03-10T12:00:00Z'), null, ['0 03-11 12:00']],
    'before the time that counts' => [dueOn('2026-02-27T12:00:00Z'), null, []],
    'on its first day' => [dueOn('2026-02-28T12:00:00Z'), null, ['0 03-01 12:00']],
    'now' => [dueOn('2026-03-19T11:59:59Z'), null, ['0 03-20 11:59']],
    'still to come' => [dueOn('2026-03-19T12:00:01Z'), null, []],
    'closed since' => [dueOn('2026-03-10T12:00:00Z', TaskStatus::Done), '2026-03-12', ['0 03-11 12:00']],
    'closed before' => [dueOn('2026-03-10T12:00:00Z', TaskStatus::Done), '2026-03-11', []],
    'dropped' => [dueOn('2026-03-10T12:00:00Z', TaskStatus::Dropped), '2026-03-12', []],
]);

it('counts schedules on the tasks that were there and open', function (): void {
    $replay = replay([
        timed(
            'mondays',
            new Schedule('FREQ=WEEKLY;BYDAY=MO', LocalDate::parse('2026-03-02'), TimeOfDay::parse('09:00')),
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
        ),
    ]);
    expect(acted($replay, dueOn('2026-05-01')))->toBe(['0 03-02 09:00', '0 03-09 09:00', '0 03-16 09:00']);
    expect(acted($replay, dueOn('2026-05-01', TaskStatus::Done), '2026-03-10'))->toBe([
        '0 03-02 09:00',
        '0 03-09 09:00',
    ]);
    expect(acted($replay, dueOn('2026-05-01')->with(['createdAt' => Build::at('2026-03-05')])))->toBe([
        '0 03-09 09:00',
        '0 03-16 09:00',
    ]);
    expect(acted($replay, dueOn('2026-05-01')->withField('task.kind', 'quote')))->toBe([]);
});

it('counts what lies at its first and its last instant, and what is in force then', function (): void {
    $midnights = timed(
        'midnights',
        new Schedule('FREQ=WEEKLY;BYDAY=SU', LocalDate::parse('2026-03-01'), TimeOfDay::parse('00:00')),
    );
    $dates = timed('dates', new DateReached('task.due'));
    expect(acted(replay([$midnights]), dueOn('2026-05-01'), '2026-03-08'))->toBe(['0 03-01 00:00', '0 03-08 00:00']);
    expect(acted(replay([$midnights]), dueOn('2026-05-01'), '2026-03-07T23:59:59Z'))->toBe(['0 03-01 00:00']);
    expect(acted(replay([$dates]), dueOn('2026-03-01')))->toBe(['0 03-01 00:00']);
    expect(acted(replay([$dates]), dueOn('2026-02-28T23:59:59Z')))->toBe([]);
    $from = Build::rule(
        'from',
        null,
        then: [new AddTag('x')],
        when: [new DateReached('task.due')],
        validFrom: Build::at('2026-03-10'),
    );
    expect(acted(replay([$from]), dueOn('2026-03-09')))->toBe([]);
    expect(acted(replay([$from]), dueOn('2026-03-11')))->toBe(['0 03-11 00:00']);
});

it('leaves to the records what they have', function (): void {
    $rule = timed('overdue', new DateReached('task.due'));
    $weekly = timed(
        'mondays',
        new Schedule('FREQ=WEEKLY;BYDAY=MO', LocalDate::parse('2026-03-02'), TimeOfDay::parse('09:00')),
    );
    $known = replay([$rule, $weekly], ['overdue' => '2026-03-10', 'mondays' => '2026-03-09T09:00:00Z']);
    expect(acted($known, dueOn('2026-03-09T12:00:00Z')))->toBe(['0 03-09 12:00', '1 03-02 09:00']);
    expect(acted($known, dueOn('2026-03-10T00:00:00Z')))->toBe(['1 03-02 09:00']);
    expect($known->isNeeded())->toBeTrue();
    expect($known->until())->toBe(Build::at('2026-03-10'));
    expect(replay([$rule, $weekly], ['overdue' => '2026-02-01', 'mondays' => '2026-03-01'])->isNeeded())->toBeFalse();
    expect(replay([timed('said', new DateReached('task.due'))])->isNeeded())->toBeTrue();
    expect(replay([])->isNeeded())->toBeFalse();
});

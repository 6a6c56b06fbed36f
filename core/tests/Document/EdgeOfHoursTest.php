<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\FullWorld;
use OpenBaton\Core\Tests\Support\StatusLeft;
use OpenBaton\Core\Tests\Support\StatusReached;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\LoadRatio;
use OpenBaton\Core\Workload\TaskStatus;

it('takes the hours and holidays of the house where a person has none of their own', function (): void {
    $week = ['from' => '2020-01-01', 'tue' => ['09:00-17:00'], 'wed' => ['09:00-17:00']];
    $roster = RosterFormat::read(
        Node::root([
            'openbaton' => 'roster/1',
            'house' => [
                'zone' => 'UTC',
                'hours' => [$week],
                'holidays' => ['2026-03-17'],
                'exceptions' => [['date' => '2026-03-18', 'remove' => ['09:00-12:00']]],
            ],
            'people' => [
                ['id' => 'neither', 'name' => 'N'],
                ['id' => 'hours', 'name' => 'H', 'hours' => [['from' => '2020-01-01', 'tue' => ['10:00-11:00']]]],
                ['id' => 'holidays', 'name' => 'O', 'holidays' => ['2026-03-18']],
                [
                    'id' => 'both',
                    'name' => 'B',
                    'hours' => [['from' => '2020-01-01', 'tue' => ['10:00-11:00']]],
                    'holidays' => [],
                ],
            ],
        ]),
    );
    $hours = static fn($of): array => array_map(
        static fn(string $date): string => implode(
            ' ',
            array_map(
                static fn(Span $span): string => gmdate('H', $span->from) . '-' . gmdate('H', $span->to),
                $of->spansOf(LocalDate::parse($date)),
            ),
        ),
        ['2026-03-17', '2026-03-18', '2026-03-24'],
    );
    expect($hours($roster->house))->toBe(['', '12-17', '09-17']);
    expect($hours($roster->people['neither']->hours))->toBe(['', '09-17', '09-17']);
    expect($hours($roster->people['hours']->hours))->toBe(['', '', '10-11']);
    expect($hours($roster->people['holidays']->hours))->toBe(['09-17', '', '09-17']);
    expect($hours($roster->people['both']->hours))->toBe(['10-11', '', '10-11']);
});

it('drops a shift of which the clocks skip everything', function (): void {
    // In Dublin 01:00 to 02:00 does not come on 29 March 2026.
    $calendar = Build::calendar('Europe/Dublin', '01:00-02:00', [6, 7]);
    expect($calendar->spansOf(LocalDate::parse('2026-03-29')))->toBe([]);
    expect($calendar->spansOf(LocalDate::parse('2026-03-28')))->toHaveCount(1);
});

it('takes the very ends of what it takes', function (): void {
    expect(Capacity::percent(1)->ofDay(100))->toBe(10_000);
    expect(Capacity::percent(100)->ofDay(100))->toBe(1_000_000);
    expect(Capacity::minutesADay(1440)->ofDay(60))->toBe(600_000);
    expect((new Effort(0, 0, 0, 0))->left())->toBe(0);
    expect(LocalDate::parse('0001-01-01')->format())->toBe('0001-01-01');
    expect((new Membership('a', 1))->weight + (new Membership('a', 1000))->weight)->toBe(1001);
    expect((new LoadRatio(3, 1))->compare(new LoadRatio(2, 1)))->toBe(1);
    expect((new LoadRatio(3, 1))->compare(new LoadRatio(2, 0)))->toBe(-1);
    expect((new LoadRatio(1, 3))->compare(new LoadRatio(2, 6)))->toBe(0);
});

it('refuses what lies just beyond', function (Closure $make): void {
    expect($make)->toThrow(InvalidArgumentException::class);
})->with([
    [fn() => new Effort(-1)],
    [fn() => new Effort(0, -1)],
    [fn() => new Effort(0, null, -1)],
    [fn() => new Effort(0, null, 0, -1)],
    [fn() => new Field('task.x', 'X', FieldType::OneOf)],
    [fn() => new Field('task.x', 'X', FieldType::ManyOf)],
    [fn() => Build::person('a', memberFrom: 5, memberUntil: 5)],
    [fn() => LocalDate::parse('0000-12-31')],
]);

it('begins a rotation without a virtual time at 0', function (): void {
    $world = FullWorld::document();
    unset($world['rotations'][0]['virtual_time']);
    expect(WorldFormat::read(Node::root($world))->rotations->named('Brass bench')->virtualTime)->toBe(0);
});

it('finds each team once, also below one that is met twice', function (): void {
    $team = static fn(string $id, ?string $parent): Team => new Team($id, $id, [], $parent);
    $roster = new Roster(Build::calendar(), [], [$team('a', 'c'), $team('b', 'a'), $team('c', 'a'), $team('d', 'c')]);
    expect(array_map(static fn(Team $one): string => $one->id, $roster->family('a', true)))->toBe(['a', 'b', 'c', 'd']);
    expect(array_map(static fn(Team $one): string => $one->id, $roster->family('a', false)))->toBe(['a']);
    expect($roster->family('nowhere', true))->toBe([]);
});

it('asks rules of several kinds of event in their order, each once', function (): void {
    $rule = static fn(string $id, array $events): Rule => new Rule(
        $id,
        $id,
        $events,
        RulebookFormat::anything(),
        null,
        [new AddTag($id)],
    );
    $compiled = CompiledRulebook::compile(
        new Rulebook(Build::fields(), [
            $rule('reached', [new StatusReached(TaskStatus::Waiting)]),
            $rule('left', [new StatusLeft(TaskStatus::Working)]),
            $rule('either', [new StatusReached(TaskStatus::Waiting), new StatusLeft(TaskStatus::Working)]),
            $rule('other', [new StatusReached(TaskStatus::Done), new StatusLeft(TaskStatus::New)]),
            $rule('last', [new StatusReached(TaskStatus::Waiting)]),
        ]),
        'v',
    );
    $before = new TaskSubject('t', 0, status: TaskStatus::Working);
    $change = new ChangeSet('c', 0, $before, $before->inStatus(TaskStatus::Waiting), Build::facts([]));
    expect(array_map(static fn(Rule $one): string => $one->id, iterator_to_array($compiled->holding($change))))->toBe([
        0 => 'reached',
        1 => 'left',
        2 => 'either',
        4 => 'last',
    ]);
    expect($compiled->occasions($change))->toBe(['status_reached', 'status_left']);
    expect($compiled->occasions(Build::event()))->toBe([]);
});

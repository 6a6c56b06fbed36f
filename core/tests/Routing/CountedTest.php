<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Rulebook\Event\PressedOn;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;

it('counts a task that arrives with a holder once against them', function (int $atMost, ?string $expected): void {
    $rules = [Build::rule('r', new NamedPeople(['femi']), new InOrder(), limits: [new OpenTasksAtMost($atMost)])];
    $task = new TaskSubject('t1', Build::at(Story::NOW), new Effort(0, 60), holderId: 'femi');
    $other = Story::task('t2');
    $decision = Story::run($rules, Story::change(null, $task, $rules), [$other])->links[0]->decision;
    expect($decision?->decidingRule()?->id)->toBe($expected);
})->with([[1, null], [2, 'r']]);

it('counts the lead in, listed or not: in criteria and events as in pools', function (): void {
    $roster = new Roster(
        Build::calendar(),
        array_map(static fn(string $id) => Build::person($id), ['ayumi', 'femi', 'oona']),
        [new Team('brass', 'Brass', Build::members('ayumi', 'femi'), null, 'oona')],
    );
    $to = new HolderChanges(null, new PeopleGroup([], 'brass'));
    $rules = [
        Build::rule('event', null, then: [new AddTag('came')], when: [$to]),
        Build::rule(
            'criterion',
            null,
            if: ['field' => 'task.assignee', 'op' => 'in_team', 'value' => 'brass'],
            then: [new AddTag('in')],
            when: [new HolderChanges()],
        ),
    ];
    $task = Story::task();
    $chain = Story::run($rules, Story::change($task, $task->heldBy('oona'), $rules, roster: $roster), roster: $roster);
    expect($chain->subjects['t1']->tags)->toBe(['came', 'in']);
});

it('puts a button on closed tasks only where the rule says so', function (
    PressedOn $on,
    TaskStatus $status,
    bool $acts,
): void {
    $rules = [Build::rule('r', null, then: [new AddTag('pressed')], when: [new Pressed('Order parts', on: $on)])];
    $task = Story::task()->inStatus($status);
    $chain = Story::run(
        $rules,
        Story::change($task, $task, $rules, [new Trigger(Pressed::kind(), 'r', Build::at(Story::NOW))]),
    );
    expect($chain->subjects['t1']->tags)->toBe($acts ? ['pressed'] : []);
})->with([
    [PressedOn::Open, TaskStatus::Working, true],
    [PressedOn::Open, TaskStatus::InReview, true],
    [PressedOn::Open, TaskStatus::Done, false],
    [PressedOn::Open, TaskStatus::Dropped, false],
    [PressedOn::Any, TaskStatus::Done, true],
    [PressedOn::Any, TaskStatus::Dropped, true],
]);

it('refuses a time of day beside hours and minutes, and takes it beside days', function (
    Family $family,
    array $part,
): void {
    $read = static fn(string $offset): mixed => PartFormat::read(
        Node::root(['offset' => $offset, 'time' => '12:30'] + $part),
        $family,
        Build::context(),
    );
    foreach (['-20 days', '+1 working_days', '+2 weeks', '-1 months'] as $offset) {
        expect(PartFormat::write($read($offset))['time'])->toBe('12:30');
    }
    foreach (['+2 hours', '-30 minutes'] as $offset) {
        expect(static fn(): mixed => $read($offset))->toThrow(
            DocumentError::class,
            'A time of day goes with days, weeks and months',
        );
    }
})->with([
    [Family::Event, ['kind' => 'date_reached', 'field' => 'task.needed']],
    [Family::FollowUp, ['kind' => 'due_from', 'date_field' => 'task.needed']],
    [Family::FollowUp, ['kind' => 'due_follows', 'date_field' => 'task.needed']],
]);

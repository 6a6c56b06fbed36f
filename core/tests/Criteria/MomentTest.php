<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkCalendar;

/**
 * Oona (brass) works from 9 to 17 in Lisbon, Femi leads the band desk from 12 to 20. Friday 3 April 2026 is a holiday
 * of the house, not of theirs.
 */
function onCallHouse(): Roster
{
    $hours = static fn(string $hours): array => ['hours' => Build::calendar('Europe/Lisbon', $hours)];

    return new Roster(
        Build::calendar('Europe/Lisbon', '09:00-17:00', [1, 2, 3, 4, 5], '2026-04-03'),
        [Build::person('oona', ...$hours('09:00-17:00')), Build::person('femi', ...$hours('12:00-20:00'))],
        [
            new Team('brass', 'Brass bench', [new Membership('oona', until: LocalDate::parse('2026-04-30'))]),
            new Team('band', 'Band desk', [], leadId: 'femi'),
        ],
        [],
        [Build::absence('oona', '2026-04-08T00:00:00Z', '2026-04-09T00:00:00Z')],
    );
}

/** The facts of a task that arrives, as criteria that look at one field of the moment see them. */
function momentFacts(array $criteria, string $at): Facts
{
    $lookups = Lookups::of([(new CriteriaFormat(Build::context()))->read(Node::root($criteria))]);

    return (new ChangeFacts(onCallHouse(), $lookups))->of(null, new TaskSubject('t', Build::at($at)), Build::at($at));
}

it('tells the moment of an event', function (string $field, string $at, mixed $expected): void {
    $path = "moment.{$field}";
    $facts = momentFacts(['field' => $path, 'op' => 'is_filled'], $at);
    expect($facts->value($path))->toBe($expected);
})->with([
    'a Friday evening in the summer of the house' => ['weekday', '2026-04-03T22:30:00Z', 'friday'],
    'half an hour later it is Saturday there' => ['weekday', '2026-04-03T23:00:00Z', 'saturday'],
    'a time, an hour ahead in summer' => ['time', '2026-04-03T22:30:00Z', '23:30'],
    'a time in winter' => ['time', '2026-03-02T08:05:59Z', '08:05'],
    'hours begin' => ['house_open', '2026-04-07T08:00:00Z', true],
    'hours are over' => ['house_open', '2026-04-07T16:00:00Z', false],
    'nobody is expected on a holiday' => ['house_open', '2026-04-03T10:00:00Z', false],
    'a holiday' => ['holiday', '2026-04-03T10:00:00Z', true],
    'the day after it' => ['holiday', '2026-04-04T10:00:00Z', false],
    'a weekend is no holiday' => ['holiday', '2026-04-05T10:00:00Z', false],
    'one team' => ['teams_on', '2026-04-07T09:00:00Z', ['brass']],
    'both' => ['teams_on', '2026-04-07T12:00:00Z', ['brass', 'band']],
    'the lead alone' => ['teams_on', '2026-04-07T17:00:00Z', ['band']],
    'somebody is away' => ['teams_on', '2026-04-08T12:00:00Z', ['band']],
    'whoever is no longer in it does not count' => ['teams_on', '2026-05-04T12:00:00Z', ['band']],
    'night' => ['teams_on', '2026-04-07T23:00:00Z', []],
]);

it('tells whether somebody is at work where the customer is', function (
    array $places,
    string $at,
    ?bool $expected,
): void {
    $hours = static fn(string $hours): WorkCalendar => Build::calendar('Europe/Lisbon', $hours);
    $roster = new Roster(
        Build::calendar('Europe/Lisbon'),
        [
            Build::person('oona', hours: $hours('09:00-17:00'), place: 'carrow'),
            Build::person('femi', hours: $hours('12:00-20:00'), place: 'north'),
            Build::person('callum', hours: $hours('00:00-23:00'), place: 'skerry'),
        ],
        absences: [Build::absence('oona', '2026-03-03T00:00:00Z', '2026-03-04T00:00:00Z')],
    );
    $criteria = ['field' => 'moment.place_on', 'op' => 'is', 'value' => true];
    $lookups = Lookups::of([(new CriteriaFormat(Build::context()))->read(Node::root($criteria))]);
    $fields = $places + ['task.kind' => 'skerry'];
    $facts = (new ChangeFacts($roster, $lookups))->of(null, new TaskSubject('t', 0, fields: $fields), Build::at($at));
    expect($facts->value('moment.place_on'))->toBe($expected);
})->with([
    'within the hours of Oona' => [['customer.district' => 'carrow'], '2026-03-02T09:00:00Z', true],
    'after them' => [['customer.district' => 'carrow'], '2026-03-02T17:00:00Z', false],
    'she is away' => [['customer.district' => 'carrow'], '2026-03-03T09:00:00Z', false],
    'whoever works in the region works in its districts' => [
        ['customer.district' => 'carrow', 'customer.region' => 'north'],
        '2026-03-02T18:00:00Z',
        true,
    ],
    'nobody works there' => [['customer.district' => 'tarn'], '2026-03-02T09:00:00Z', null],
    'for no customer' => [[], '2026-03-02T09:00:00Z', null],
]);

it('compares it', function (array $criteria, string $at, bool $expected): void {
    $expression = (new CriteriaFormat(Build::context()))->read(Node::root($criteria));
    $compiled = CompiledCriteria::compile($expression, Build::fields());
    expect($compiled->holds(momentFacts($criteria, $at)))->toBe($expected);
})->with([
    'the night begins' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['17:00', '08:59']],
        '2026-03-02T17:00:00Z',
        true,
    ],
    'a minute before' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['17:00', '08:59']],
        '2026-03-02T16:59:00Z',
        false,
    ],
    'after midnight' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['17:00', '08:59']],
        '2026-03-02T02:00:00Z',
        true,
    ],
    'its last minute' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['17:00', '08:59']],
        '2026-03-02T08:59:59Z',
        true,
    ],
    'over' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['17:00', '08:59']],
        '2026-03-02T09:00:00Z',
        false,
    ],
    'within a day' => [
        ['field' => 'moment.time', 'op' => 'between', 'value' => ['08:00', '09:00']],
        '2026-03-02T09:00:00Z',
        true,
    ],
    'earlier' => [['field' => 'moment.time', 'op' => 'before', 'value' => '09:00'], '2026-03-02T09:00:00Z', false],
    'later' => [['field' => 'moment.time', 'op' => 'after', 'value' => '09:00'], '2026-03-02T10:00:00Z', true],
    'on call' => [
        [
            'all' => [
                ['field' => 'moment.house_open', 'op' => 'is', 'value' => false],
                ['field' => 'moment.teams_on', 'op' => 'matches_none', 'value' => ['brass', 'band']],
            ],
        ],
        '2026-03-02T21:00:00Z',
        true,
    ],
    'the band desk is still there' => [
        ['field' => 'moment.teams_on', 'op' => 'matches_any', 'value' => ['band']],
        '2026-03-02T19:59:00Z',
        true,
    ],
]);

it('looks up what is asked for and no more', function (): void {
    $facts = momentFacts(['field' => 'moment.time', 'op' => 'after', 'value' => '09:00'], '2026-03-02T10:00:00Z');
    expect(
        array_filter(array_keys($facts->values), static fn(string $path): bool => str_starts_with($path, 'moment.')),
    )->toEqual([count($facts->values) - 1 => 'moment.time']);
});

it('does not ask what a moment was before', function (string $op): void {
    $read = static fn(string $field, mixed $value): mixed => (new CriteriaFormat(Build::context()))->read(
        Node::root(['field' => $field, 'op' => $op] + ($value === null ? [] : ['value' => $value])),
    );
    $value = $op === 'changed' ? null : '09:00';
    expect($read('task.collected_at', $value))->not->toBeNull();
    expect(static fn(): mixed => $read('moment.time', $value))->toThrow(
        DocumentError::class,
        'does not fit Time of day',
    );
})->with(['was', 'changed']);

it('keeps what was recorded where it is looked up again', function (): void {
    $seen = new ChangeFacts(
        onCallHouse(),
        Lookups::of([
            (new CriteriaFormat(Build::context()))->read(
                Node::root([
                    'all' => [
                        ['field' => 'moment.weekday', 'op' => 'is', 'value' => 'friday'],
                        ['field' => 'task.needed', 'op' => 'before', 'value' => ['now' => '+1 days']],
                        ['field' => 'case.owner', 'op' => 'in_team', 'value' => 'brass'],
                    ],
                ]),
            ),
        ]),
    );
    $facts = $seen->lookedUp(
        new Facts(
            ['case.owner' => 'oona'],
            LocalDate::parse('2026-04-03'),
            ['case.owner' => 'femi'],
            [],
            ['oona' => []],
        ),
        Build::at('2026-04-03T10:00:00Z'),
    );
    expect($facts->values)->toBe(['case.owner' => 'oona', 'moment.weekday' => 'friday']);
    expect($facts->before)->toBe(['case.owner' => 'femi', 'moment.weekday' => 'friday']);
    expect($facts->days)->toBe(['+1 days' => '2026-04-04']);
    expect($facts->teams)->toBe(['oona' => [], 'femi' => ['band']]);
});

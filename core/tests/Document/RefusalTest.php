<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Tests\Support\FullWorld;

require_once __DIR__ . '/RefusalFunctions.php';

/** @param list<string> $path */
function at(array &$document, array $path, mixed $value): void
{
    $place = &$document;
    foreach ($path as $key) {
        $place = &$place[$key];
    }
    $place = $value;
}

it('refuses what it used to take without a word, at its place', function (
    string $path,
    mixed $value,
    string $reason,
    ?string $pointer = null,
): void {
    $document = FullWorld::document();
    at($document, explode('/', $path), $value);
    $faults = faultsOf(static fn() => WorldFormat::read(Node::root($document)));
    expect($faults)->not->toBe([]);
    expect($faults[0][0])->toBe($pointer ?? "/{$path}");
    expect($faults[0][1])->toContain($reason);
})->with([
    'a team within itself' => ['roster/teams/1/parent', 'brass-bench', 'would lie within itself'],
    'a circle of teams' => ['roster/teams/0/parent', 'reed-bench', '"workshop" would lie within itself'],
    'an unknown team above' => ['roster/teams/1/parent', 'choir', 'no team "choir"'],
    'oneself as substitute' => [
        'roster/absences/0/substitutes',
        ['callum', 'femi'],
        'Nobody is their own substitute',
        '/roster/absences/0/substitutes/1',
    ],
    'a substitute twice' => [
        'roster/absences/0/substitutes',
        ['callum', 'tobias', 'callum'],
        '"callum" is named already',
        '/roster/absences/0/substitutes/2',
    ],
    'a field twice' => ['rulebook/fields/1/path', 'task.kind', 'There is another "task.kind"'],
    'a person twice but for the letters' => [
        'roster/people/1/id',
        'AYUMI',
        '"AYUMI" differs from "ayumi" at /roster/people/0/id by small and capital letters alone.',
        '/roster/people/1/id',
    ],
    'an option twice' => ['rulebook/fields/0/options/1/value', 'repair', 'There is another "repair"'],
    'a rotation twice' => [
        'rotations/1',
        ['name' => ' Brass bench'],
        'There is another "Brass bench"',
        '/rotations/1/name',
    ],
    'somebody twice in a rotation' => ['rotations/0/passes/1/person', 'femi', 'in this rotation already'],
    'a stranger in a rotation' => ['rotations/0/passes/1/person', 'nobody', 'no person "nobody"'],
    'a pass near the end of integers' => ['rotations/0/passes/1/pass', PHP_INT_MAX, 'from 0 to 1000000000000000000'],
    'a negative pass' => ['rotations/0/passes/1/pass', -1, 'from 0 to'],
    'a virtual time near the end of integers' => ['rotations/0/virtual_time', 1_000_000_000_000_000_001, 'from 0 to'],
    'a fraction of a pass' => ['rotations/0/passes/1/pass', 1.5, 'A whole number'],
    'two events with one task' => ['events/3/task/id', 'T1', '"T1" has arrived already'],
    'a stranger in criteria' => [
        'rulebook/rules/0/if',
        ['field' => 'case.owner', 'op' => 'is', 'value' => 'nobody'],
        'no person "nobody"',
        '/rulebook/rules/0/if/value',
    ],
    'strangers in criteria' => [
        'rulebook/rules/0/if',
        ['field' => 'case.owner', 'op' => 'one_of', 'value' => ['femi', 'nobody']],
        'no person "nobody"',
        '/rulebook/rules/0/if/value/1',
    ],
    'a stranger in a fact' => [
        'events/0/task/facts',
        ['case.owner' => 'nobody'],
        'no person "nobody"',
        '/events/0/task/facts/case.owner',
    ],
    'two patterns from one date' => [
        'roster/people/0/hours',
        [['from' => '2020-01-01'], ['from' => '2020-01-01']],
        'another "2020-01-01"',
        '/roster/people/0/hours/1/from',
    ],
    'until before from' => ['roster/people/1/until', '2025-12-30', 'not before the first', '/roster/people/1'],
    'valid until before valid from' => [
        'rulebook/rules/2/valid_until',
        '2026-03-02T10:00:00Z',
        'until a later one',
        '/rulebook/rules/2',
    ],
    'due before its start' => ['work/3/due', '2026-03-03T08:59:59Z', 'due before it can be started'],
    'an event due before its start' => ['events/0/task/due', '2026-03-02T09:59:59Z', 'due before it can be started'],
    'given in the future' => ['last_assigned/callum', '2026-03-02T09:00:01Z', 'after the clock'],
    'something given to a stranger' => ['last_assigned/nobody', '2026-03-01T09:00:00Z', 'no person "nobody"'],
    'half a pair of days' => [
        'roster/absences/0',
        ['id' => 'x', 'person' => 'femi', 'first' => '2026-03-04', 'status' => 'approved'],
        '"last" is missing',
        '/roster/absences/0',
    ],
    'half a pair of moments' => [
        'roster/absences/1',
        ['id' => 'x', 'person' => 'femi', 'to' => '2026-03-04T09:00:00Z', 'status' => 'approved'],
        '"from" is missing',
        '/roster/absences/1',
    ],
    'days and moments' => ['roster/absences/1/first', '2026-03-04', 'Give either', '/roster/absences/1'],
    'neither' => [
        'roster/absences/1',
        ['id' => 'x', 'person' => 'femi', 'status' => 'approved'],
        'Give either',
        '/roster/absences/1',
    ],
    'an absence without time' => [
        'roster/absences/1/to',
        '2026-03-02T14:00:00Z',
        'end after it begins',
        '/roster/absences/1',
    ],
    'two capacities' => [
        'roster/people/0/capacity',
        ['percent' => 80, 'minutes_a_day' => 100],
        'either "percent" or "minutes_a_day"',
    ],
    'no capacity' => ['roster/people/0/capacity', [], 'either "percent" or "minutes_a_day"'],
    'a capacity of 101' => ['roster/people/0/capacity', ['percent' => 101], '1 to 100 percent'],
    'a day of 1441 minutes' => ['roster/people/0/capacity', ['minutes_a_day' => 1441], '1 to 1440 minutes'],
    'an object for a list' => ['roster/people/0/holidays', (object) [], 'A list belongs here'],
    'an abbreviation for a zone' => ['roster/people/0/zone', 'CET2', '"CET2"'],
    'an amount with three decimals' => [
        'events/1/task/facts',
        ['task.value' => 1.234],
        'at most two decimals',
        '/events/1/task/facts/task.value',
    ],
    'an amount too great' => [
        'events/1/task/facts',
        ['task.value' => 1e11],
        'at most ten digits',
        '/events/1/task/facts/task.value',
    ],
    'a name of two lines' => ['roster/people/0/name', "A\nB", 'one line'],
    'an id that is too long' => ['roster/people/3/id', str_repeat('x', 121), 'at most 120 characters'],
    'an event of another kind' => ['events/0/kind', 'task_flies', 'not one of: task_arrives'],
    'an unknown member of a world' => ['weather', 'fine', 'no such member'],
    'an unknown member of a task' => ['events/0/task/colour', 'red', 'no such member'],
    'an unknown member of work' => ['work/0/colour', 'red', 'no such member'],
    'an unknown member of a person' => ['roster/people/0/colour', 'red', 'no such member'],
    'an unknown member of a team' => ['roster/teams/0/colour', 'red', 'no such member'],
    'an unknown member of an absence' => ['roster/absences/0/colour', 'red', 'no such member'],
    'an unknown member of the house' => ['roster/house/colour', 'red', 'no such member'],
    'an unknown member of a pattern' => ['roster/house/hours/0/someday', ['09:00-10:00'], 'no such member'],
    'an unknown member of an exception' => ['roster/house/exceptions/0/colour', 'red', 'no such member'],
    'an unknown member of a rotation' => ['rotations/0/colour', 'red', 'no such member'],
    'an unknown member of a field' => ['rulebook/fields/0/colour', 'red', 'no such member'],
    'an unknown member of a rulebook' => ['rulebook/colour', 'red', 'no such member'],
    'an unknown member of a rule' => ['rulebook/rules/0/colour', 'red', 'no such member'],
    'an unknown member of what a rule gives' => ['rulebook/rules/0/give/colour', 'red', 'no such member'],
    'an unknown member of a comparison' => ['rulebook/rules/0/if/colour', 'red', 'no such member'],
    'no event for a rule' => ['rulebook/rules/0/when', [], 'at least one event'],
]);

<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;

/** Whether a comparison holds of a change, on Tuesday 10 March 2026 at noon. */
function holdsOf(array $criteria, ?array $before, array $after): bool
{
    $rule = Build::rule('r', null, if: $criteria, then: [new AddTag('x')]);
    $lookups = Lookups::ofRulebook(new Rulebook(Build::fields(), [$rule]));
    $subject = static fn(?array $fields): ?TaskSubject => $fields === null
        ? null
        : new TaskSubject('t', 0, fields: $fields);
    $facts = (new ChangeFacts(Bench::house(), $lookups))->of(
        $subject($before),
        $subject($after) ?? Story::task(),
        Build::at('2026-03-10T12:00:00Z'),
    );

    return CompiledCriteria::compile($rule->criteria, Build::fields())->holds($facts);
}

it('sees what was before the change', function (array $criteria, ?array $before, array $after, bool $expected): void {
    expect(holdsOf($criteria, $before, $after))->toBe($expected);
})->with([
    'was' => [
        ['field' => 'task.kind', 'op' => 'was', 'value' => 'quote'],
        ['task.kind' => 'quote'],
        ['task.kind' => 'repair'],
        true,
    ],
    'was: it is only now' => [
        ['field' => 'task.kind', 'op' => 'was', 'value' => 'repair'],
        ['task.kind' => 'quote'],
        ['task.kind' => 'repair'],
        false,
    ],
    'was: and still is' => [
        ['field' => 'task.title', 'op' => 'was', 'value' => 'HORN '],
        ['task.title' => 'horn'],
        ['task.title' => 'horn'],
        true,
    ],
    'was: nothing was before an arrival' => [
        ['field' => 'task.kind', 'op' => 'was', 'value' => 'repair'],
        null,
        ['task.kind' => 'repair'],
        false,
    ],
    'changed' => [['field' => 'task.count', 'op' => 'changed'], ['task.count' => 2], ['task.count' => 3], true],
    'changed: the same number' => [
        ['field' => 'task.count', 'op' => 'changed'],
        ['task.count' => 3],
        ['task.count' => 3.0],
        false,
    ],
    'changed: filled' => [['field' => 'task.count', 'op' => 'changed'], [], ['task.count' => 3], true],
    'changed: emptied' => [['field' => 'task.count', 'op' => 'changed'], ['task.count' => 3], [], true],
    'changed: empty as before' => [['field' => 'task.count', 'op' => 'changed'], [], [], false],
    'changed: several in another order' => [
        ['field' => 'task.parts', 'op' => 'changed'],
        ['task.parts' => ['pad', 'valve']],
        ['task.parts' => ['pad', 'valve']],
        false,
    ],
    'changed: several' => [
        ['field' => 'task.parts', 'op' => 'changed'],
        ['task.parts' => ['pad']],
        ['task.parts' => ['pad', 'valve']],
        true,
    ],
    'changed from to' => [
        ['field' => 'task.kind', 'op' => 'changed_from_to', 'value' => ['quote', 'repair']],
        ['task.kind' => 'quote'],
        ['task.kind' => 'repair'],
        true,
    ],
    'changed from to: the other way' => [
        ['field' => 'task.kind', 'op' => 'changed_from_to', 'value' => ['repair', 'quote']],
        ['task.kind' => 'quote'],
        ['task.kind' => 'repair'],
        false,
    ],
    'changed from to: from nothing' => [
        ['field' => 'task.kind', 'op' => 'changed_from_to', 'value' => ['quote', 'repair']],
        [],
        ['task.kind' => 'repair'],
        false,
    ],
]);

it('compares with another field, and with days seen from now', function (
    array $criteria,
    array $values,
    bool $expected,
): void {
    expect(holdsOf($criteria, null, $values))->toBe($expected);
})->with([
    'before another date' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.returned']],
        ['task.needed' => '2026-03-01', 'task.returned' => '2026-03-02'],
        true,
    ],
    'before the same date' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.returned']],
        ['task.needed' => '2026-03-02', 'task.returned' => '2026-03-02'],
        false,
    ],
    'the other is empty' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.returned']],
        ['task.needed' => '2026-03-02'],
        false,
    ],
    'is not, and the other is empty' => [
        ['field' => 'task.needed', 'op' => 'is_not', 'value' => ['field' => 'task.returned']],
        ['task.needed' => '2026-03-02'],
        true,
    ],
    'the same person' => [
        ['field' => 'case.owner', 'op' => 'same_person_as', 'value' => ['field' => 'case.deputy']],
        ['case.owner' => 'femi', 'case.deputy' => 'femi'],
        true,
    ],
    'another person' => [
        ['field' => 'case.owner', 'op' => 'same_person_as', 'value' => ['field' => 'case.deputy']],
        ['case.owner' => 'femi', 'case.deputy' => 'ayumi'],
        false,
    ],
    'in the team' => [['field' => 'case.owner', 'op' => 'in_team', 'value' => 'brass'], ['case.owner' => 'femi'], true],
    'leads the team' => [
        ['field' => 'case.owner', 'op' => 'in_team', 'value' => 'workshop'],
        ['case.owner' => 'tobias'],
        true,
    ],
    'in another team' => [
        ['field' => 'case.owner', 'op' => 'in_team', 'value' => 'workshop'],
        ['case.owner' => 'femi'],
        false,
    ],
    'after today' => [
        ['field' => 'task.needed', 'op' => 'after', 'value' => ['now' => 'today']],
        ['task.needed' => '2026-03-11'],
        true,
    ],
    'not after today' => [
        ['field' => 'task.needed', 'op' => 'after', 'value' => ['now' => 'today']],
        ['task.needed' => '2026-03-10'],
        false,
    ],
    // From Tuesday, the fourth working day ahead is Monday the 16th.
    'before a working day' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['now' => '+4 working_days']],
        ['task.needed' => '2026-03-15'],
        true,
    ],
    'not before a working day' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['now' => '+4 working_days']],
        ['task.needed' => '2026-03-16'],
        false,
    ],
    'within the next working days' => [
        ['field' => 'task.needed', 'op' => 'within_next', 'value' => ['now' => '+4 working_days']],
        ['task.needed' => '2026-03-16'],
        true,
    ],
    'within the last working days' => [
        ['field' => 'task.needed', 'op' => 'within_last', 'value' => ['now' => '-2 working_days']],
        ['task.needed' => '2026-03-06'],
        true,
    ],
    'not within the last working days' => [
        ['field' => 'task.needed', 'op' => 'within_last', 'value' => ['now' => '-2 working_days']],
        ['task.needed' => '2026-03-05'],
        false,
    ],
]);

it('looks up what either of two needs', function (bool $one, bool $other, bool $either): void {
    expect(Lookups::of([], $one)->and(Lookups::of([], $other))->teams)->toBe($either);
})->with([[false, false, false], [true, false, true], [false, true, true], [true, true, true]]);

it('looks up teams only where somebody asks for them', function (): void {
    expect(Lookups::of([])->teams)->toBeFalse();
});

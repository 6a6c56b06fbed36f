<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Criteria\RelativeDate;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\LocalDate;

it('knows days seen from now', function (string $text, string $at, string $expected): void {
    expect(RelativeDate::parse($text)->at(Build::at($at), Build::calendar('Europe/Dublin'))?->format())->toBe(
        $expected,
    );
})->with([
    ['today', '2026-03-10T23:30:00Z', '2026-03-10'],
    ['today', '2026-06-10T23:30:00Z', '2026-06-11'],
    ['start of week', '2026-03-10T12:00:00Z', '2026-03-09'],
    ['end of week', '2026-03-10T12:00:00Z', '2026-03-15'],
    ['start of month', '2026-03-10T12:00:00Z', '2026-03-01'],
    ['end of month', '2024-02-10T12:00:00Z', '2024-02-29'],
    ['+90 minutes', '2026-03-10T22:45:00Z', '2026-03-11'],
    ['-12 hours', '2026-03-10T11:00:00Z', '2026-03-09'],
    ['-1 months', '2026-03-31T12:00:00Z', '2026-02-28'],
    ['+2 weeks', '2026-03-10T12:00:00Z', '2026-03-24'],
]);

it('looks up nothing that no rule asks for', function (): void {
    $rule = static fn(array $if): Lookups => Lookups::ofRulebook(
        new Rulebook(Build::fields(), [Build::rule('r', null, if: $if, then: [new AddTag('x')])]),
    );
    expect($rule(['all' => []])->days)->toBe([]);
    expect($rule(['all' => []])->teams)->toBeFalse();
    expect(
        array_keys(
            $rule([
                'any' => [
                    ['field' => 'task.needed', 'op' => 'is', 'value' => ['now' => 'today']],
                    ['none' => [['field' => 'task.due', 'op' => 'after', 'value' => ['now' => '+1 days']]]],
                ],
            ])->days,
        ),
    )->toBe(['today', '+1 days']);
    expect($rule(['field' => 'case.owner', 'op' => 'in_team', 'value' => 'brass'])->teams)->toBeTrue();
});

it('names what changed, and what a missing value before was', function (): void {
    $facts = new Facts(['a.b' => 1, 'c.d' => 'x'], LocalDate::parse('2026-03-10'), ['a.b' => 2, 'e.f' => 3]);
    expect($facts->changed())->toBe(['a.b', 'c.d', 'e.f']);
    expect($facts->valueBefore('c.d'))->toBeNull();
    expect((new Facts(['a.b' => 1], $facts->today, ['a.b' => 1]))->changed())->toBe([]);
});

it('refuses operands that do not fit, with the place', function (array $criteria, string $pointer): void {
    try {
        (new CriteriaFormat(Build::context(Bench::house())))->read(Node::root($criteria));
        $found = null;
    } catch (DocumentError $error) {
        $found = $error->faults[0]->pointer;
    }
    expect($found)->toBe($pointer);
})->with([
    'a field of another type' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.title']],
        '/value/field',
    ],
    'the field itself' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.needed']],
        '/value/field',
    ],
    'a field that there is not' => [
        ['field' => 'task.needed', 'op' => 'before', 'value' => ['field' => 'task.colour']],
        '/value/field',
    ],
    'a moment where there is no date' => [
        ['field' => 'task.count', 'op' => 'is', 'value' => ['now' => 'today']],
        '/value/now',
    ],
    'a moment that is none' => [
        ['field' => 'task.needed', 'op' => 'is', 'value' => ['now' => 'next Tuesday']],
        '/value/now',
    ],
    'behind, where ahead is meant' => [
        ['field' => 'task.needed', 'op' => 'within_next', 'value' => ['now' => '-4 days']],
        '/value/now',
    ],
    'ahead, where behind is meant' => [
        ['field' => 'task.needed', 'op' => 'within_last', 'value' => ['now' => '+4 days']],
        '/value/now',
    ],
    'a team that there is not' => [['field' => 'case.owner', 'op' => 'in_team', 'value' => 'choir'], '/value'],
    'one value of two' => [['field' => 'task.kind', 'op' => 'changed_from_to', 'value' => ['quote']], '/value'],
]);

<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

it('draws its lines where it says', function (
    string $field,
    string $op,
    mixed $operand,
    mixed $below,
    mixed $at,
    mixed $above,
    array $expected,
): void {
    $criteria = CompiledCriteria::compile(
        (new CriteriaFormat(Build::context()))->read(Node::root(['field' => $field, 'op' => $op, 'value' => $operand])),
        Build::fields(),
    );
    $held = array_map(
        static fn(mixed $value): bool => $criteria->holds(Build::facts([$field => $value], '2026-03-10')),
        [$below, $at, $above],
    );
    expect($held)->toBe($expected);
})->with([
    'less than' => ['task.count', 'less_than', 3, 2.999, 3, 3.001, [true, false, false]],
    'at most' => ['task.count', 'at_most', 3, 2.999, 3, 3.001, [true, true, false]],
    'more than' => ['task.count', 'more_than', 3, 2.999, 3, 3.001, [false, false, true]],
    'at least' => ['task.count', 'at_least', 3, 2.999, 3, 3.001, [false, true, true]],
    'between, at its lower end' => ['task.value', 'between', [4, 5], 399, 400, 401, [false, true, true]],
    'between, at its upper end' => ['task.value', 'between', [4, 5], 499, 500, 501, [true, true, false]],
    'between dates, at the first' => [
        'task.needed',
        'between',
        ['2026-03-10', '2026-03-12'],
        '2026-03-09',
        '2026-03-10',
        '2026-03-11',
        [false, true, true],
    ],
    'between dates, at the last' => [
        'task.needed',
        'between',
        ['2026-03-10', '2026-03-12'],
        '2026-03-11',
        '2026-03-12',
        '2026-03-13',
        [true, true, false],
    ],
    'between lengths' => ['task.estimate', 'between', ['PT1H', 'PT2H'], 59, 60, 121, [false, true, false]],
    'before' => ['task.needed', 'before', '2026-03-10', '2026-03-09', '2026-03-10', '2026-03-11', [true, false, false]],
    'after' => ['task.needed', 'after', '2026-03-10', '2026-03-09', '2026-03-10', '2026-03-11', [false, false, true]],
    // Today is 10 March: the next 7 days are the 11th to the 17th and today.
    'within the next, at its start' => [
        'task.needed',
        'within_next',
        7,
        '2026-03-09',
        '2026-03-10',
        '2026-03-11',
        [false, true, true],
    ],
    'within the next, at its end' => [
        'task.needed',
        'within_next',
        7,
        '2026-03-16',
        '2026-03-17',
        '2026-03-18',
        [true, true, false],
    ],
    'within the last, at its start' => [
        'task.needed',
        'within_last',
        7,
        '2026-03-02',
        '2026-03-03',
        '2026-03-04',
        [false, true, true],
    ],
    'within the last, at its end' => [
        'task.needed',
        'within_last',
        7,
        '2026-03-09',
        '2026-03-10',
        '2026-03-11',
        [true, true, false],
    ],
    'one day, over the end of a month' => [
        'task.needed',
        'within_last',
        10,
        '2026-02-27',
        '2026-02-28',
        '2026-03-01',
        [false, true, true],
    ],
]);

it('compares texts whole or in part, capitals or not', function (
    string $op,
    string $operand,
    string $value,
    bool $expected,
): void {
    $criteria = CompiledCriteria::compile(
        (new CriteriaFormat(Build::context()))->read(
            Node::root(['field' => 'task.title', 'op' => $op, 'value' => $operand]),
        ),
        Build::fields(),
    );
    expect($criteria->holds(Build::facts(['task.title' => $value])))->toBe($expected);
})->with([
    ['is', 'Waldhorn', 'WALDHORN', true],
    ['is', 'Waldhorn', 'Waldhorns', false],
    ['is_not', 'Waldhorn', 'waldhorn', false],
    ['is_not', 'Waldhorn', 'tuba', true],
    ['contains', 'dh', 'WalDHorn', true],
    ['contains', 'hd', 'Waldhorn', false],
    ['starts_with', 'wald', 'Waldhorn', true],
    ['starts_with', 'ald', 'Waldhorn', false],
    ['ends_with', 'HORN', 'Waldhorn', true],
    ['ends_with', 'hor', 'Waldhorn', false],
    ['ends_with', 'flügel', 'FLÜGEL', true],
    ['contains', '%', 'a % b', true],
    ['contains', '.', 'ab', false],
]);

it('takes codes and people by every letter', function (): void {
    $criteria = CompiledCriteria::compile(
        (new CriteriaFormat(Build::context()))->read(
            Node::root(['field' => 'case.owner', 'op' => 'is', 'value' => 'ayumi']),
        ),
        Build::fields(),
    );
    expect($criteria->holds(Build::facts(['case.owner' => 'ayumi'])))->toBeTrue();
    expect($criteria->holds(Build::facts(['case.owner' => 'Ayumi'])))->toBeFalse();
});

it('asks lists for any, all or none of several', function (
    string $op,
    array $operand,
    array $value,
    bool $expected,
): void {
    $criteria = CompiledCriteria::compile(
        (new CriteriaFormat(Build::context()))->read(
            Node::root(['field' => 'task.parts', 'op' => $op, 'value' => $operand]),
        ),
        Build::fields(),
    );
    expect($criteria->holds(Build::facts(['task.parts' => $value])))->toBe($expected);
})->with([
    ['matches_any', ['valve', 'pad'], ['pad'], true],
    ['matches_any', ['valve', 'pad'], ['slide'], false],
    ['matches_any', ['valve'], [], false],
    ['matches_all', ['valve', 'pad'], ['pad', 'valve', 'slide'], true],
    ['matches_all', ['valve', 'pad'], ['pad'], false],
    ['matches_none', ['valve', 'pad'], ['slide'], true],
    ['matches_none', ['valve', 'pad'], ['slide', 'valve'], false],
    ['matches_none', ['valve'], [], true],
]);

it('takes an empty list or text for nothing', function (array $values, bool $empty): void {
    foreach (['is_empty' => $empty, 'is_filled' => !$empty] as $op => $expected) {
        $criteria = CompiledCriteria::compile(
            (new CriteriaFormat(Build::context()))->read(
                Node::root(['field' => array_key_first($values) ?? 'task.tags', 'op' => $op]),
            ),
            Build::fields(),
        );
        expect($criteria->holds(Build::facts($values)))->toBe($expected);
    }
})->with([
    [[], true],
    [['task.tags' => []], true],
    [['task.tags' => ['a']], false],
    [['task.title' => ''], true],
    [['task.title' => '0'], false],
    [['task.count' => 0], false],
    [['task.rush' => false], false],
]);

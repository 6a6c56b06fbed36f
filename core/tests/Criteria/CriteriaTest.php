<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

/** @param array<string, mixed> $document */
function criteria(array $document): CompiledCriteria
{
    $fields = Build::fields();

    return CompiledCriteria::compile((new CriteriaFormat(Build::context()))->read(Node::root($document)), $fields);
}

it('compares', function (string $field, string $op, mixed $operand, mixed $value, bool $expected): void {
    $document = ['field' => $field, 'op' => $op] + ($operand === null ? [] : ['value' => $operand]);
    expect(criteria($document)->holds(Build::facts($value === null ? [] : [$field => $value])))->toBe($expected);
})->with([
    // Texts and tags without regard to case and outer blanks.
    ['task.title', 'is', 'Tuba ', ' tuba', true],
    ['task.title', 'is', 'tuba', 'tubas', false],
    ['task.title', 'is_not', 'tuba', 'horn', true],
    ['task.title', 'is_not', 'tuba', null, true],
    ['task.title', 'contains', 'VALVE', 'a stuck valve', true],
    ['task.title', 'contains', 'valve', null, false],
    ['task.title', 'starts_with', 'École', 'école de musique', true],
    ['task.title', 'ends_with', 'slide', 'a bent Slide', true],
    ['task.title', 'ends_with', 'slide', 'slides', false],
    ['task.title', 'one_of', ['a', 'b'], 'B', true],
    ['task.title', 'none_of', ['a', 'b'], 'B', false],
    ['task.title', 'is_empty', null, '', true],
    ['task.title', 'is_filled', null, '', false],
    // One of a list.
    ['task.kind', 'is', 'repair', 'repair', true],
    ['task.kind', 'is', 'repair', null, false],
    ['task.kind', 'one_of', ['repair', 'quote'], 'quote', true],
    ['task.kind', 'one_of', ['repair', 'quote'], null, false],
    ['task.kind', 'none_of', ['repair', 'quote'], 'tuning', true],
    ['task.kind', 'none_of', ['repair', 'quote'], null, true],
    ['task.kind', 'is_empty', null, null, true],
    ['task.kind', 'is_filled', null, 'quote', true],
    // Money: 400 in a document is 40000 hundredths.
    ['task.value', 'more_than', 400, 40000, false],
    ['task.value', 'more_than', 400, 40001, true],
    ['task.value', 'at_least', 400, 40000, true],
    ['task.value', 'less_than', 0.5, 49, true],
    ['task.value', 'at_most', 0.5, 50, true],
    ['task.value', 'between', [1, 2], 200, true],
    ['task.value', 'between', [1, 2], 201, false],
    ['task.value', 'is_not', 1, null, true],
    ['task.value', 'more_than', 400, null, false],
    // Numbers.
    ['task.count', 'is', 3, 3.0, true],
    ['task.count', 'is', 2.5, 2.5, true],
    ['task.count', 'one_of', [1, 3], 3, true],
    ['task.count', 'is_empty', null, 0, false],
    // Yes or no.
    ['task.rush', 'is', true, true, true],
    ['task.rush', 'is', false, null, false],
    ['task.rush', 'is', false, false, true],
    ['task.rush', 'is_filled', null, false, true],
    // Dates; today is 2 March 2026.
    ['task.needed', 'before', '2026-03-10', '2026-03-09', true],
    ['task.needed', 'before', '2026-03-10', '2026-03-10', false],
    ['task.needed', 'after', '2026-03-10', '2026-03-11', true],
    ['task.needed', 'between', ['2026-03-01', '2026-03-10'], '2026-03-10', true],
    ['task.needed', 'within_next', 7, '2026-03-09', true],
    ['task.needed', 'within_next', 7, '2026-03-10', false],
    ['task.needed', 'within_next', 7, '2026-03-01', false],
    ['task.needed', 'within_next', 7, '2026-03-02', true],
    ['task.needed', 'within_last', 7, '2026-02-23', true],
    ['task.needed', 'within_last', 7, '2026-02-22', false],
    ['task.needed', 'within_last', 7, null, false],
    // Durations: PT1H30M is 90 minutes.
    ['task.estimate', 'at_least', 'PT1H30M', 90, true],
    ['task.estimate', 'less_than', 'PT1H30M', 90, false],
    // Lists.
    ['task.tags', 'matches_any', ['Rush', 'vip'], ['rush'], true],
    ['task.tags', 'matches_any', ['rush'], [], false],
    ['task.tags', 'matches_all', ['rush', 'vip'], ['rush'], false],
    ['task.tags', 'matches_all', ['rush', 'vip'], ['vip', 'rush', 'x'], true],
    ['task.tags', 'matches_none', ['rush'], ['vip'], true],
    ['task.tags', 'matches_none', ['rush'], null, true],
    ['task.tags', 'is_empty', null, [], true],
    ['task.tags', 'is_filled', null, [], false],
    ['task.parts', 'matches_all', ['valve'], ['valve', 'pad'], true],
    ['case.owner', 'is', 'oona', 'oona', true],
]);

it('offers every operator for some type, and every type some operator', function (): void {
    foreach (OperatorList::all() as $code => $operator) {
        expect(array_filter(FieldType::cases(), $operator->fits(...)))
            ->not->toBeEmpty()
            ->and(OperatorList::find($code))
            ->toBe($operator)
            ->and($operator->code())
            ->toBe($code);
    }
    foreach (FieldType::cases() as $type) {
        expect(
            array_map(static fn(Operator $operator): string => $operator->code(), OperatorList::fitting($type)),
        )->toContain('is_empty');
    }
});

it('nests all, any and none', function (array $facts, bool $expected): void {
    $tree = [
        'all' => [
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
            [
                'any' => [
                    ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                    ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                ],
            ],
            ['none' => [['field' => 'task.tags', 'op' => 'matches_any', 'value' => ['warranty']]]],
        ],
    ];
    expect(criteria($tree)->holds(Build::facts($facts)))->toBe($expected);
})->with([
    [['task.kind' => 'repair', 'task.rush' => true], true],
    [['task.kind' => 'repair', 'task.value' => 50000], true],
    [['task.kind' => 'repair'], false],
    [['task.kind' => 'quote', 'task.rush' => true], false],
    [['task.kind' => 'repair', 'task.rush' => true, 'task.tags' => ['warranty']], false],
]);

it('holds for nothing asked, and fails for nothing offered', function (): void {
    expect(criteria(['all' => []])->holds(Build::facts([])))
        ->toBeTrue()
        ->and(criteria(['none' => []])->holds(Build::facts([])))
        ->toBeTrue()
        ->and(criteria(['any' => []])->holds(Build::facts([])))
        ->toBeFalse();
});

it('reports the first comparison that failed, in reading order, and the value seen', function (
    array $tree,
    array $facts,
    ?string $pointer,
    mixed $seen,
    bool $negated,
): void {
    $failure = criteria($tree)->firstFailure(Build::facts($facts));
    expect($failure?->pointer)
        ->toBe($pointer)
        ->and($failure?->seen)
        ->toBe($seen)
        ->and($failure->negated ?? false)
        ->toBe($negated);
})->with(function (): array {
    $kind = ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'];
    $rush = ['field' => 'task.rush', 'op' => 'is', 'value' => true];
    $tree = ['all' => [$kind, ['any' => [$rush, ['field' => 'task.value', 'op' => 'more_than', 'value' => 400]]]]];

    return [
        'holds' => [$tree, ['task.kind' => 'repair', 'task.rush' => true], null, null, false],
        'the first of all' => [$tree, ['task.kind' => 'quote'], '/all/0', 'quote', false],
        'a missing value' => [$tree, [], '/all/0', null, false],
        'the first of any' => [
            $tree,
            ['task.kind' => 'repair', 'task.rush' => false, 'task.value' => 100],
            '/all/1/any/0',
            false,
            false,
        ],
        'what holds in none' => [['none' => [$rush, $kind]], ['task.kind' => 'repair'], '/none/1', 'repair', true],
        'none within none' => [['none' => [['none' => [$rush]]]], [], '/none/0/none/0', null, false],
        'an empty any' => [['any' => []], [], '', null, false],
    ];
});

it('refuses what the catalogue does not know, with the place in the tree', function (
    array $document,
    string $pointer,
    string $reason,
): void {
    try {
        criteria($document);
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer)->and($error->faults[0]->reason)->toContain($reason);
    }
})->with([
    'unknown field' => [
        ['all' => [['field' => 'task.colour', 'op' => 'is', 'value' => 'red']]],
        '/all/0/field',
        'no field "task.colour"',
    ],
    'unknown operator' => [
        ['any' => [['field' => 'task.kind', 'op' => 'sounds_like', 'value' => 'x']]],
        '/any/0/op',
        'no operator',
    ],
    'operator that does not fit' => [
        ['field' => 'task.kind', 'op' => 'more_than', 'value' => 'repair'],
        '/op',
        'does not fit Kind',
    ],
    'value on no list' => [
        ['none' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'polish']]],
        '/none/0/value',
        '"polish" is not a value of Kind',
    ],
    'value on no list, among others' => [
        ['field' => 'task.kind', 'op' => 'one_of', 'value' => ['repair', 'polish']],
        '/value/1',
        'not a value',
    ],
    'wrong type' => [['field' => 'task.count', 'op' => 'is', 'value' => 'three'], '/value', 'number'],
    'money with three decimals' => [
        ['field' => 'task.value', 'op' => 'is', 'value' => 1.005],
        '/value',
        'two decimals',
    ],
    'no date' => [['field' => 'task.needed', 'op' => 'before', 'value' => '2026-02-30'], '/value', 'not a date'],
    'no length of time' => [['field' => 'task.estimate', 'op' => 'at_most', 'value' => '90'], '/value', 'PT1H30M'],
    'no days' => [['field' => 'task.needed', 'op' => 'within_next', 'value' => 0], '/value', 'from 1 to 3660'],
    'one value for a pair' => [
        ['field' => 'task.count', 'op' => 'between', 'value' => [1]],
        '/value',
        'lower one first',
    ],
    'a pair upside down' => [
        ['field' => 'task.count', 'op' => 'between', 'value' => [3, 1]],
        '/value',
        'lower one first',
    ],
    'an empty list' => [['field' => 'task.kind', 'op' => 'one_of', 'value' => []], '/value', 'at least one value'],
    'a value where none belongs' => [
        ['field' => 'task.kind', 'op' => 'is_empty', 'value' => 'x'],
        '/value',
        'takes no value',
    ],
    'a missing value' => [['field' => 'task.kind', 'op' => 'is'], '', '"value" is missing'],
    'two groups in one' => [['all' => [], 'any' => []], '/any', 'known ones are all'],
]);

it('refuses groups nested too deep', function (): void {
    $tree = ['all' => []];
    for ($depth = 0; $depth < 33; ++$depth) {
        $tree = ['all' => [$tree]];
    }
    criteria($tree);
})->throws(DocumentError::class, 'nested');

it('takes groups as deep as it says', function (): void {
    // The comparison lies 32 groups deep.
    $tree = ['field' => 'task.rush', 'op' => 'is', 'value' => true];
    for ($depth = 0; $depth < 32; ++$depth) {
        $tree = ['all' => [$tree]];
    }
    expect(criteria($tree)->holds(Build::facts(['task.rush' => true])))
        ->toBeTrue()
        ->and(static fn(): mixed => criteria(['any' => [$tree]]))
        ->toThrow(DocumentError::class, 'more than 32 deep');
});

it('writes what it reads', function (): void {
    $tree = [
        'all' => [
            ['field' => 'task.value', 'op' => 'between', 'value' => [0.5, 400]],
            ['field' => 'task.estimate', 'op' => 'at_most', 'value' => 'PT1H30M'],
            [
                'none' => [
                    ['field' => 'task.needed', 'op' => 'within_last', 'value' => 3],
                    ['field' => 'task.tags', 'op' => 'is_empty'],
                ],
            ],
            ['field' => 'task.rush', 'op' => 'is', 'value' => false],
        ],
    ];
    $format = new CriteriaFormat(Build::context());
    expect($format->write($format->read(Node::root($tree))))->toBe($tree);
});

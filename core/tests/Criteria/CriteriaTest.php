<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Criteria\TracedPart;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

require_once __DIR__ . '/CriteriaFunctions.php';

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
        expect(array_filter(FieldType::cases(), $operator->fits(...)))->not->toBeEmpty();
        expect(OperatorList::find($code))->toBe($operator);
        expect($operator->code())->toBe($code);
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
    expect(criteria(['all' => []])->holds(Build::facts([])))->toBeTrue();
    expect(criteria(['none' => []])->holds(Build::facts([])))->toBeTrue();
    expect(criteria(['any' => []])->holds(Build::facts([])))->toBeFalse();
});

it('reports the first comparison that failed, in reading order, and the value seen', function (
    array $tree,
    array $facts,
    ?string $pointer,
    mixed $seen,
    bool $negated,
): void {
    $failure = criteria($tree)->firstFailure(Build::facts($facts));
    expect($failure?->pointer)->toBe($pointer);
    expect($failure?->seen)->toBe($seen);
    expect($failure->negated ?? false)->toBe($negated);
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

it('traces every part, with what it saw, also beside one that has failed', function (): void {
    $tree = CompiledCriteria::compile(
        (new CriteriaFormat(Build::context()))->read(
            Node::root([
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                    [
                        'any' => [
                            ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                            ['field' => 'task.count', 'op' => 'at_least', 'value' => 3],
                        ],
                    ],
                    ['none' => [['field' => 'task.title', 'op' => 'is_empty']]],
                ],
            ]),
        ),
        Build::fields(),
    );
    $flat = static function (TracedPart $part) use (&$flat): array {
        return array_merge(
            [[$part->pointer, $part->holds, $part->kind?->value ?? $part->comparison?->operator, $part->seen]],
            ...array_map($flat, $part->parts),
        );
    };
    expect($flat($tree->trace(Build::facts(['task.kind' => 'repair', 'task.count' => 2]))))->toBe([
        ['', false, 'all', null],
        ['/all/0', false, 'is', 'repair'],
        ['/all/1', false, 'any', null],
        ['/all/1/any/0', false, 'is', null],
        ['/all/1/any/1', false, 'at_least', 2],
        ['/all/2', false, 'none', null],
        ['/all/2/none/0', true, 'is_empty', null],
    ]);
    expect(
        $tree->trace(Build::facts(['task.kind' => 'quote', 'task.rush' => true, 'task.title' => 'x']))->holds,
    )->toBeTrue();
});

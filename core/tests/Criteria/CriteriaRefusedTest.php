<?php

declare(strict_types=1);

use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

require_once __DIR__ . '/CriteriaFunctions.php';

it('refuses what the catalogue does not know, with the place in the tree', function (
    array $document,
    string $pointer,
    string $reason,
): void {
    try {
        criteria($document);
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer);
        expect($error->faults[0]->reason)->toContain($reason);
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
    expect(criteria($tree)->holds(Build::facts(['task.rush' => true])))->toBeTrue();
    expect(static fn(): mixed => criteria(['any' => [$tree]]))->toThrow(DocumentError::class, 'more than 32 deep');
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

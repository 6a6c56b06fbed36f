<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

/** @param array<string, mixed> $more */
function ruleOf(array $more): Rule
{
    return (new RuleFormat(Build::context(Bench::house())))->read(
        Node::root($more + ['id' => 'r', 'name' => 'R', 'when' => [['kind' => 'task_arrives']]]),
    );
}

/** @return list<string> place and reason of each fault */
function wrongWith(array $more): array
{
    try {
        ruleOf($more);
    } catch (DocumentError $error) {
        return array_map(static fn(Fault $fault): string => "{$fault->pointer}: {$fault->reason}", $error->faults);
    }

    return [];
}

$bench = ['kind' => 'team', 'team' => 'brass'];

it('lets a review be given, and not claimed', function (array $give, array $wrong): void {
    expect(wrongWith(['give' => $give]))->toBe($wrong);
})->with([
    'to somebody' => [['pool' => $bench, 'method' => ['kind' => 'in_order'], 'seat' => 'reviewer'], []],
    'work may be open' => [['pool' => $bench, 'method' => ['kind' => 'open']], []],
    'a review not' => [
        ['pool' => $bench, 'method' => ['kind' => 'open'], 'seat' => 'reviewer'],
        ['/give/method: A review is one person\'s; name who reviews.'],
    ],
    'nor of several' => [
        ['pool' => $bench, 'method' => ['kind' => 'everyone'], 'seat' => 'reviewer'],
        ['/give/method: A review is one person\'s; name who reviews.'],
    ],
    'nor otherwise' => [
        [
            'pool' => $bench,
            'method' => ['kind' => 'in_order'],
            'seat' => 'reviewer',
            'otherwise' => ['kind' => 'open_to_team', 'team' => 'brass'],
        ],
        ['/give/otherwise: A review is one person\'s; name who reviews.'],
    ],
    'otherwise work may be' => [
        [
            'pool' => $bench,
            'method' => ['kind' => 'in_order'],
            'otherwise' => ['kind' => 'open_to_team', 'team' => 'brass'],
        ],
        [],
    ],
]);

it('reads which changes of a field are meant, and writes them as they were', function (
    array $change,
    ?string $wrong,
): void {
    $event = ['kind' => 'field_changes', 'change' => $change];
    $rule = ['when' => [$event], 'then' => [['kind' => 'tag', 'tag' => 'seen']]];
    expect(wrongWith($rule))->toBe($wrong === null ? [] : ["/when/0/change: {$wrong}"]);
    if ($wrong === null) {
        expect(((array) (new RuleFormat(Build::context(Bench::house())))->write(ruleOf($rule)))['when'])->toBe([
            $event,
        ]);
    }
})->with([
    'any' => [['field' => 'task.count', 'how' => 'any'], null],
    'to a value' => [['field' => 'task.count', 'how' => 'values', 'to' => 3], null],
    'from a value' => [['field' => 'task.count', 'how' => 'values', 'from' => 2], null],
    'from one to another' => [['field' => 'task.count', 'how' => 'values', 'from' => 2, 'to' => 3], null],
    'filled, with a value to come' => [
        ['field' => 'task.count', 'how' => 'filled', 'to' => 3],
        '"from" and "to" go with "how": "values".',
    ],
    'any, with a value before' => [
        ['field' => 'task.count', 'how' => 'any', 'from' => 3],
        '"from" and "to" go with "how": "values".',
    ],
    'values, and none' => [['field' => 'task.count', 'how' => 'values'], 'Give "from", "to" or both.'],
    'values of a list' => [
        ['field' => 'task.tags', 'how' => 'values', 'to' => 'rush'],
        'A field that holds several values changes, is filled or emptied; it does not go from one to another.',
    ],
]);

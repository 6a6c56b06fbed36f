<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\RecentWork;
use OpenBaton\Core\Document\Node;

require_once __DIR__ . '/PlantedFunctions.php';

/** @return list<Finding> those of one kind, with a rule about dear tasks in the midst of sound ones */
function foundLately(string $kind, array $met, array $left = [], array $more = []): array
{
    $dear = plantedRule('dear', ['field' => 'task.value', 'op' => 'more_than', 'value' => 400]);
    $found = findingsIn(array_filter([...soundRules(), 'dear' => $dear, ...$more]), null, new RecentWork($met, $left));

    return array_values(array_filter($found, static fn(Finding $one): bool => $one->kind === $kind));
}

it('tells how much of what meets a rule was taken before', function (array $met, ?array $expected): void {
    // Of each of the others a hundred came.
    $met += ['repairs' => ['repairs' => 100], 'tunings' => ['tunings' => 100]];
    $found = array_map(
        static fn(Finding $one): array => [
            $one->rule,
            $one->others,
            $one->certainty->value,
            $one->remedy?->at,
            $one->figures,
        ],
        foundLately('partly_hidden', $met),
    );
    expect($found)->toBe($expected === null ? [] : [$expected]);
})->with([
    'seven of nine' => [
        ['dear' => ['repairs' => 7, 'dear' => 2]],
        ['dear', ['repairs'], 'likely', 'repairs', ['taken' => 7, 'met' => 9]],
    ],
    'by two of them, told in the order of the rules' => [
        ['dear' => ['tunings' => 4, 'repairs' => 1]],
        ['dear', ['repairs', 'tunings'], 'likely', 'repairs', ['taken' => 5, 'met' => 5]],
    ],
    'a quarter' => [
        ['dear' => ['repairs' => 3, 'dear' => 9]],
        ['dear', ['repairs'], 'likely', 'repairs', ['taken' => 3, 'met' => 12]],
    ],
    'less than a quarter' => [['dear' => ['repairs' => 3, 'dear' => 10]], null],
    'two tasks are too few' => [['dear' => ['repairs' => 2]], null],
    'nothing came' => [[], null],
    'what it took itself' => [['dear' => ['dear' => 9]], null],
]);

it('lets the special come before the general', function (int $repairs, bool $told): void {
    $met = ['dear' => ['repairs' => 7, 'dear' => 2], 'repairs' => ['repairs' => $repairs]];
    expect(foundLately('partly_hidden', $met))->toHaveCount($told ? 1 : 0);
})->with(['fewer' => [8, false], 'as many' => [9, false], 'more' => [10, true]]);

it('tells what is hidden altogether as that', function (): void {
    $double = [
        'again' => plantedRule('again', [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'tuning'],
                ['field' => 'task.value', 'op' => 'more_than', 'value' => 4],
            ],
        ]),
    ];
    $met = ['again' => ['tunings' => 9], 'tunings' => ['tunings' => 10]];
    expect(foundLately('partly_hidden', $met, [], $double))->toBe([]);
    expect(foundLately('hidden', [], [], $double))->toHaveCount(1);
});

it('tells how many of a gap came', function (array $left, array $without, array $expected): void {
    $found = foundLately('gap', [], $left, array_fill_keys([...$without, 'dear'], null));
    expect(array_map(static fn(Finding $one): array => $one->figures, $found))->toBe($expected);
})->with([
    'of a kind' => [['quote' => ['' => ['' => 12]]], ['quotes'], [['came' => 12]]],
    'none' => [['repair' => ['' => ['' => 12]]], ['quotes'], [['came' => 0]]],
    'of no gap' => [['quote' => ['' => ['' => 12]]], [], []],
]);

it('adds up what came with the values of a list that no rule is about', function (): void {
    $recent = new RecentWork([], ['quote' => ['' => ['' => 9], 'task.family' => ['brass' => 4, 'keys' => 3]]]);
    expect([
        $recent->left('quote'),
        $recent->left('quote', 'task.family', ['brass', 'keys', 'strings']),
        $recent->left('quote', 'task.family', ['strings']),
        $recent->left('tuning'),
    ])->toBe([9, 7, 0, 0]);
});

it('keeps figures apart from what makes a finding another one', function (): void {
    [$found] = foundLately('partly_hidden', ['dear' => ['repairs' => 7, 'dear' => 2], 'repairs' => ['repairs' => 99]]);
    [$later] = foundLately('partly_hidden', ['dear' => ['repairs' => 8, 'dear' => 2], 'repairs' => ['repairs' => 99]]);
    expect(Finding::read(Node::root(json_decode((string) json_encode($found->write()), true))))->toEqual($found);
    expect($found)->not->toEqual($later);
    expect($found->withoutFigures())->toEqual($later->withoutFigures());
});

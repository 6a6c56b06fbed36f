<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Run\Block;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\SheetDifference;
use OpenBaton\Core\Flow\Run\SheetDifferences;
use OpenBaton\Core\Tests\Support\Sheets;

/** @return list<string> such as "step_added mend" */
function sheetDiffers(?Runsheet $before, Runsheet $after): array
{
    return array_map(
        static fn(SheetDifference $one): string => rtrim(
            "{$one->aspect->value} " . ($one->after?->key() ?? $one->before?->key()),
        ),
        SheetDifferences::between($before, $after),
    );
}

function lookMendTest(): Runsheet
{
    return Sheets::of(Sheets::inTurn('all', Sheets::task('look'), Sheets::task('mend'), Sheets::task('test')));
}

it('finds nothing where nothing is otherwise', function (): void {
    expect(sheetDiffers(lookMendTest(), lookMendTest()))->toBe([]);
});

it('tells all steps of a new one, and what it is itself', function (): void {
    expect(sheetDiffers(null, Sheets::of(Sheets::inTurn('all', Sheets::task('look')), several: true)))->toBe([
        'several',
        'step_added look',
    ]);
});

it('tells what is otherwise', function (Block $after, array $differs): void {
    expect(sheetDiffers(lookMendTest(), Sheets::of($after)))->toBe($differs);
})->with([
    'a step more' => [
        Sheets::inTurn('all', Sheets::task('look'), Sheets::task('mend'), Sheets::task('clean'), Sheets::task('test')),
        ['step_added clean'],
    ],
    'one less' => [Sheets::inTurn('all', Sheets::task('look'), Sheets::task('test')), ['step_gone mend']],
    'the first is the last: it alone has moved' => [
        Sheets::inTurn('all', Sheets::task('mend'), Sheets::task('test'), Sheets::task('look')),
        ['step_moved look'],
    ],
    'two within a new block' => [
        Sheets::inTurn('all', Sheets::task('look'), Sheets::beside('both', Sheets::task('mend'), Sheets::task('test'))),
        ['block_added both', 'step_moved mend', 'step_moved test'],
    ],
    'all side by side' => [
        Sheets::beside('all', Sheets::task('look'), Sheets::task('mend'), Sheets::task('test')),
        ['together all'],
    ],
    'another condition, and no need' => [
        Sheets::inTurn(
            'all',
            Sheets::task('look'),
            Sheets::task('mend', Sheets::if('insured'), false),
            Sheets::task('test'),
        ),
        ['needed mend', 'if mend'],
    ],
    'another kind of step' => [
        Sheets::inTurn('all', Sheets::task('look'), Sheets::approval('mend'), Sheets::task('test')),
        ['does mend'],
    ],
]);

it('tells how many are enough', function (): void {
    $before = Sheets::beside('all', Sheets::task('look'), Sheets::task('mend'));
    $after = Sheets::firstOf(1, 'all', Sheets::task('look'), Sheets::task('mend'));
    expect(sheetDiffers(Sheets::of($before), Sheets::of($after)))->toBe(['together all']);
});

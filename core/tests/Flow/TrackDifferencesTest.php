<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Gate\FieldFilled;
use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Flow\Gate\NeededWorkDone;
use OpenBaton\Core\Flow\Movers;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Flow\TrackDifference;
use OpenBaton\Core\Flow\TrackDifferences;
use OpenBaton\Core\Text\KeptOrder;

/** @return list<string> "stage_name enquiry: Enquiry > First word" */
function trackChanges(?Track $before, Track $after): array
{
    $said = static fn(mixed $value): string => match (true) {
        $value instanceof Gate => $value::kind(),
        $value instanceof Stage => $value->key,
        $value instanceof Movers => implode(' ', $value->teams),
        default => json_encode($value, JSON_THROW_ON_ERROR),
    };

    return array_map(
        static fn(TrackDifference $one): string => trim("{$one->aspect->value} {$one->stage?->key}") .
            ": {$said($one->before)} > {$said($one->after)}",
        TrackDifferences::between($before, $after),
    );
}

/** @param list<Stage> $stages */
function wayOf(array $stages, string ...$outcomes): Track
{
    return new Track('hire', 'Hire', $stages, $outcomes);
}

it('tells nothing of what is the same', function (): void {
    $track = static fn(): Track => wayOf(
        [new Stage('enquiry', 'Enquiry', 480, [new FieldFilled('case.terms')])],
        renewed: 'Renewed',
    );
    expect(trackChanges($track(), $track()))->toBe([]);
});

it('tells all that a new track has', function (): void {
    $track = wayOf([new Stage('enquiry', 'Enquiry', 480), new Stage('hire', 'On hire')], renewed: 'Renewed');
    expect(trackChanges(null, $track))->toBe([
        'stage_added enquiry: null > null',
        'target enquiry: null > 480',
        'stage_added hire: null > enquiry',
        'outcome_added: null > "Renewed"',
    ]);
});

it('tells what has become of a stage', function (): void {
    $before = wayOf([
        new Stage('enquiry', 'Enquiry', 480, [new NeededWorkDone()], [new FieldFilled('case.terms')]),
        new Stage('trial', 'Trial', retired: true),
    ]);
    $after = wayOf([
        new Stage(
            'enquiry',
            'First word',
            null,
            [new FieldFilled('case.price')],
            [new FieldFilled('case.terms'), new NeededWorkDone()],
            true,
            new Movers(true, ['accounts']),
            'how-to-ask',
        ),
        new Stage('trial', 'Trial'),
    ]);
    expect(trackChanges($before, $after))->toBe([
        'stage_name enquiry: "Enquiry" > "First word"',
        'stage_retired enquiry: 0 > 1',
        'target enquiry: 480 > null',
        'movers enquiry:  > accounts',
        'guide enquiry: null > "how-to-ask"',
        'enter_added enquiry: null > needed_work_done',
        'leave_added enquiry: null > field_filled',
        'leave_gone enquiry: needed_work_done > null',
        'stage_back trial: 1 > 0',
    ]);
});

it('tells which stages and outcomes came, went and have other names, and of stages which moved', function (): void {
    $stage = static fn(string $key): Stage => new Stage($key, ucfirst($key));
    $before = wayOf(array_map($stage, ['a', 'b', 'c', 'd']), yes: 'Yes', no: 'No');
    $after = new Track(
        'hire',
        'Lending',
        array_map($stage, ['b', 'c', 'a', 'e']),
        ['yes' => 'Agreed', 'so' => 'So'],
        true,
    );
    // Of a, b, c the most that keep their order are b and c.
    expect(trackChanges($before, $after))->toBe([
        'name: "Hire" > "Lending"',
        'takes_tasks: null > 1',
        'stage_moved a: null > c',
        'stage_added e: null > a',
        'stage_gone d: null > null',
        'outcome_name: "Yes" > "Agreed"',
        'outcome_added: null > "So"',
        'outcome_gone: "No" > null',
    ]);
});

it('finds the most that keep their order', function (array $before, array $after, array $kept): void {
    $found = array_keys(KeptOrder::of($before, $after));
    sort($found);
    expect($found)->toBe($kept);
})->with([
    'all' => [['a', 'b', 'c'], ['a', 'b', 'c'], ['a', 'b', 'c']],
    'one went to the end' => [['a', 'b', 'c'], ['b', 'c', 'a'], ['b', 'c']],
    'one came, one went' => [['a', 'b', 'c'], ['x', 'a', 'c'], ['a', 'c']],
    'none are in both' => [['a'], ['b'], []],
    'none' => [[], ['a'], []],
]);

<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Gate\RunFinished;
use OpenBaton\Core\Flow\Run\Date\AfterStep;
use OpenBaton\Core\Flow\Run\Step\ActStep;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;
use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Map\MapNode;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\MoveStage;
use OpenBaton\Core\Rulebook\FollowUp\StartRunsheet;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\PersonInField;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Duties;
use OpenBaton\Core\Tests\Support\Sheets;
use OpenBaton\Core\Time\WorkingSpan;

require_once __DIR__ . '/MapFunctions.php';

it('has everybody who is active in their first team', function (): void {
    expect(array_keys(mappedHouse()->nodes))->toBe([
        'team.brass',
        'team.office',
        'team.brass/ayumi',
        'team.brass/ebbe',
        'people',
        'people/noor',
    ]);
});

it('leads from stage to stage, past those that are retired, and from a runsheet that a gate needs', function (): void {
    $map = mappedHouse(
        tracks: [
            new Track(
                'hire',
                'Hire',
                [
                    new Stage('asked', 'Asked'),
                    new Stage('old', 'Old', retired: true),
                    new Stage('out', 'Out', enter: [new RunFinished('sheet'), new RunFinished('gone')]),
                ],
                [],
            ),
        ],
        runsheets: [Sheets::of(Sheets::task('a'))],
    );
    expect(mappedArrows($map))
        ->toBe(['next track.hire/asked > track.hire/out', 'needs runsheet.sheet > track.hire/out'])
        ->and($map->nodes['track.hire/out']->name)
        ->toBe('Out')
        ->and(isset($map->nodes['track.hire/old']))
        ->toBeFalse();
});

it('leads from what ends a block to what begins the next one', function (): void {
    $map = mappedHouse(
        runsheets: [
            Sheets::of(
                Sheets::inTurn(
                    'all',
                    Sheets::beside(
                        'two',
                        Sheets::task('a'),
                        Sheets::inTurn('b', Sheets::task('b1'), Sheets::task('b2')),
                    ),
                    Sheets::beside('then', Sheets::task('c'), Sheets::task('d')),
                ),
            ),
        ],
    );
    expect(mappedArrows($map))->toBe([
        'next runsheet.sheet/b1 > runsheet.sheet/b2',
        'next runsheet.sheet/a > runsheet.sheet/c',
        'next runsheet.sheet/a > runsheet.sheet/d',
        'next runsheet.sheet/b2 > runsheet.sheet/c',
        'next runsheet.sheet/b2 > runsheet.sheet/d',
    ]);
});

it('leads from steps to who does them, what they start, and what hangs on their end', function (): void {
    $map = mappedHouse(
        tracks: [new Track('hire', 'Hire', [new Stage('out', 'Out')], [])],
        runsheets: [
            Sheets::of(
                Sheets::beside(
                    'all',
                    Sheets::step('a', mappedStep(mappedGive(new TeamMembers('brass')))),
                    Sheets::step('b', mappedStep(mappedGive(new NamedPeople(['noor', 'piet'])))),
                    Sheets::step('c', mappedStep(null, new AfterStep('a', WorkingSpan::parse('P1D')))),
                    Sheets::step('d', new RunsheetStep('other')),
                    Sheets::step('e', new ActStep(new MoveStage('hire.out'))),
                    Sheets::step('f', mappedStep(mappedGive(new PersonInField('case.owner')))),
                ),
            ),
            Sheets::of(Sheets::task('x'), id: 'other'),
        ],
    );
    $pool = array_key_last($map->nodes);
    expect(mappedArrows($map))
        ->toBe([
            'does runsheet.sheet/a > team.brass',
            'does runsheet.sheet/b > people/noor',
            'date runsheet.sheet/a > runsheet.sheet/c',
            'starts runsheet.sheet/d > runsheet.other',
            'starts runsheet.sheet/e > track.hire/out',
            "does runsheet.sheet/f > {$pool}",
        ])
        ->and($map->nodes['runsheet.sheet/a']->can)
        ->toBe(['ayumi', 'ebbe'])
        ->and($map->nodes['runsheet.sheet/b']->can)
        ->toBe(['noor'])
        ->and($map->nodes['runsheet.sheet/f']->can)
        ->toBeNull()
        ->and($map->nodes[$pool]->pool)
        ->toEqual(new PersonInField('case.owner'));
});

it('has a pool once, whatever goes to it, and rules that give or start something', function (): void {
    $skilled = new SkilledPeople('lacquer', 2);
    $map = mappedHouse(
        runsheets: [Sheets::of(Sheets::task('a'))],
        duties: [Duties::of(Duties::every('FREQ=DAILY', '2026-03-02'))],
        rules: [
            Build::rule('one', $skilled, new LightestLoad()),
            Build::rule('two', $skilled, new LightestLoad()),
            Build::rule('three', null, then: [new StartRunsheet('sheet')]),
            Build::rule('tags', null, then: [new AddTag('brass')]),
        ],
    );
    $pool = array_key_last($map->nodes);
    expect(mappedArrows($map))
        ->toBe(["does rules/one > {$pool}", "does rules/two > {$pool}", 'starts rules/three > runsheet.sheet'])
        ->and($map->nodes[$pool]->can)
        ->toBe(['ayumi'])
        ->and(array_filter(array_keys($map->nodes), static fn(string $id): bool => str_starts_with($id, 'rules/')))
        ->toHaveCount(3);
});

it('knows which node is which by its id alone', function (): void {
    $node = mappedHouse()->nodes['team.brass/ebbe'];
    expect($node)
        ->toBeInstanceOf(MapNode::class)
        ->and([$node->kind->isWork(), $node->kind->isGroup()])
        ->toBe([false, false]);
});

<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Stage;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Map\ArrowKind;
use OpenBaton\Core\Map\Flows;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Tests\Support\Sheets;

require_once __DIR__ . '/MapFunctions.php';

it('counts what happened at each level, with medians of its own', function (): void {
    $map = mappedHouse(runsheets: [Sheets::of(Sheets::beside('all', Sheets::task('a'), Sheets::task('b')))]);
    $flows = new Flows($map);
    $flows->went('runsheet.sheet/a', 'team.brass/ayumi', ArrowKind::Does, 10);
    $flows->went('runsheet.sheet/a', 'team.brass/ebbe', ArrowKind::Does, 90);
    $flows->went('runsheet.sheet/b', 'team.brass/ebbe', ArrowKind::Does, 20);
    $flows->went('runsheet.sheet/gone', 'team.brass/ebbe', ArrowKind::Does, 20);
    $flows->went('team.brass/ebbe', 'team.brass/ayumi', ArrowKind::HandsOn);
    $said = [];
    foreach ($flows->arrows() as $key => $arrow) {
        $counted = $flows->counted($key);
        $said["{$arrow->from} > {$arrow->to}"] = [$counted->number, $counted->minutes?->median];
    }
    ksort($said);
    expect($said)->toBe([
        'runsheet.sheet > team.brass' => [3, 20],
        'runsheet.sheet > team.brass/ayumi' => [1, 10],
        'runsheet.sheet > team.brass/ebbe' => [2, 20],
        'runsheet.sheet/a > team.brass' => [2, 10],
        'runsheet.sheet/a > team.brass/ayumi' => [1, 10],
        'runsheet.sheet/a > team.brass/ebbe' => [1, 90],
        'runsheet.sheet/b > team.brass' => [1, 20],
        'runsheet.sheet/b > team.brass/ebbe' => [1, 20],
        'team.brass/ebbe > team.brass/ayumi' => [1, null],
    ]);
});

it('finds what one person can, what one person did, what waits, and what is never used', function (): void {
    $lacquer = [new SkillAtLeast('lacquer', 2)];
    $map = mappedHouse(
        runsheets: [
            Sheets::of(
                Sheets::beside(
                    'all',
                    Sheets::step('lacquer', mappedStep(mappedGive(new TeamMembers('brass'), $lacquer))),
                    Sheets::step('polish', mappedStep(mappedGive(new TeamMembers('brass')))),
                    Sheets::task('never'),
                ),
            ),
            Sheets::of(Sheets::task('x'), id: 'unused'),
        ],
    );
    $flows = new Flows($map);
    $flows->at('runsheet.sheet');
    foreach ([5, 50, 500] as $minutes) {
        $flows->at('runsheet.sheet/polish', $minutes);
        $flows->went('runsheet.sheet/polish', 'team.brass/ebbe', ArrowKind::Does, $minutes);
        $flows->at('runsheet.sheet/lacquer', 60);
    }
    expect(mappedFindings($map, $flows))->toBe([
        'only_one_can runsheet.sheet/lacquer ayumi 3 60',
        'only_one_did runsheet.sheet/polish ebbe 3 50',
        'longest_wait runsheet.sheet/lacquer  3 60',
        'longest_wait runsheet.sheet/polish  3 50',
        'never_used runsheet.sheet/never  0',
        'never_used runsheet.unused  0',
    ]);
    $flows->went('runsheet.sheet/polish', 'team.brass/ayumi', ArrowKind::Does);
    expect(implode(' ', mappedFindings($map, $flows)))->not->toContain('only_one_did');
});

it('takes twice, or no time at all, for nothing usual', function (): void {
    $map = mappedHouse(tracks: [new Track('hire', 'Hire', [new Stage('a', 'A'), new Stage('b', 'B')], [])]);
    $flows = new Flows($map);
    foreach (['track.hire', 'track.hire/a', 'track.hire/a', 'track.hire/b', 'track.hire/b', 'track.hire/b'] as $node) {
        $flows->at($node, $node === 'track.hire/b' ? 0 : 600);
    }
    expect(mappedFindings($map, $flows))->toBe([]);
});

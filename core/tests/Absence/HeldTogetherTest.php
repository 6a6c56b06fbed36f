<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Tests\Support\CoverStory;

// Callum is away all week, Femi until Wednesday at most.
it('passes nothing that somebody has, too, who is there', function (
    array $holders,
    string $femiFrom,
    string $femiTo,
    string $line,
    array $moves,
): void {
    // Ten days of work: nobody finishes it before they go.
    $task = CoverStory::task('t', '2026-03-10 12:00', 9600)->heldTogether($holders);
    $femi = CoverStory::absence('femi', $femiFrom, $femiTo, Substitute::forAll('tobias'));
    $roster = CoverStory::roster(CoverStory::absence(), $femi);
    $plan = CoverStory::plan(CoverStory::absence(), [$task], femi: $femi);
    expect(CoverStory::lines($plan))->toBe([$line]);
    expect(CoverStory::told(CoverStory::moves($roster, 'callum', [$task], CoverStory::MONDAY)))->toBe($moves);
})->with([
    'Femi is there' => [['callum', 'femi'], '2026-03-16', '2026-03-17', 't others_hold_it', []],
    'Femi is, who is named first' => [['femi', 'callum'], '2026-03-16', '2026-03-17', 't others_hold_it', []],
    'Femi is away when Callum goes' => [
        ['callum', 'femi'],
        '2026-03-09',
        '2026-03-11',
        't falls_due tobias',
        ['t passes for callum: tobias'],
    ],
    'Callum has it alone' => [
        ['callum'],
        '2026-03-09',
        '2026-03-11',
        't falls_due tobias',
        ['t passes for callum: tobias'],
    ],
]);

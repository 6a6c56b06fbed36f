<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\CaseCoverMoves;
use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Workload\Work;

function caseOwned(?string $owner = 'callum', string $id = 'c'): CaseSubject
{
    $at = Build::at('2026-03-02 09:00');

    return new CaseSubject($id, $at, 'hire', Stays::begin('enquiry', $at), holderId: $owner);
}

/**
 * @param list<CaseSubject> $cases
 * @param list<Absence>     $absences
 *
 * @return list<CaseSubject> as they are once what concerns somebody has moved
 */
function casesMoved(array $cases, string $person, string $now, array $absences): array
{
    $roster = CoverStory::roster(...$absences);
    $moves = (new CaseCoverMoves($roster, new ChangeFacts($roster, $roster->lookups)))->of(
        $person,
        $cases,
        Work::of([])->held($person),
        Build::at($now),
    );
    foreach ($moves as $move) {
        foreach ($cases as $place => $case) {
            if ($case->id === $move->after->id && $move->after instanceof CaseSubject) {
                $cases[$place] = $move->after;
            }
        }
    }

    return $cases;
}

it('has whoever stands in own the cases of somebody who is away, and gives them back', function (): void {
    $absences = [CoverStory::absence()];
    [$case, $others] = casesMoved([caseOwned(), caseOwned('ayumi', 'd')], 'callum', CoverStory::MONDAY, $absences);
    expect([$case->holderId, $others->holderId])->toBe(['femi', 'ayumi']);
    expect($case->covering)->toEqual(new Covering('callum', 'callum-away', held: true));
    // Asked again it answers nothing, and before they are back neither.
    expect(casesMoved([$case], 'callum', '2026-03-12 12:00', $absences))->toEqual([$case]);
    [$back] = casesMoved([$case], 'callum', CoverStory::SATURDAY, $absences);
    expect([$back->holderId, $back->covering])->toBe(['callum', null]);
});

it('passes on where the substitute goes, too, and back to them where they return first', function (): void {
    $absences = [
        CoverStory::absence(),
        CoverStory::absence('femi', '2026-03-11', '2026-03-12', Substitute::forAll('ayumi')),
    ];
    [$case] = casesMoved([caseOwned()], 'callum', CoverStory::MONDAY, $absences);
    [$case] = casesMoved([$case], 'femi', '2026-03-11', $absences);
    expect([$case->holderId, $case->covering?->via])->toBe(['ayumi', ['femi']]);
    [$case] = casesMoved([$case], 'femi', '2026-03-12', $absences);
    expect([$case->holderId, $case->covering?->via])->toBe(['femi', []]);
});

it('leaves them where nothing passes, or where nothing is handed back', function (): void {
    $nothing = [CoverStory::absence(held: HeldPolicy::Nothing)];
    expect(casesMoved([caseOwned()], 'callum', CoverStory::MONDAY, $nothing)[0]->holderId)->toBe('callum');
    $kept = [CoverStory::absence(handBack: HandBackPolicy::Nothing)];
    [$case] = casesMoved([caseOwned()], 'callum', CoverStory::MONDAY, $kept);
    [$case] = casesMoved([$case], 'callum', CoverStory::SATURDAY, $kept);
    expect([$case->holderId, $case->covering])->toBe(['femi', null]);
});

it('moves no case that is closed, or that nobody owns', function (): void {
    $closed = caseOwned();
    $closed = $closed->standing($closed->stays->close(Build::at('2026-03-03 09:00')), 'declined');
    $cases = [$closed, caseOwned(null, 'd')];
    expect(casesMoved($cases, 'callum', CoverStory::MONDAY, [CoverStory::absence()]))->toEqual($cases);
});

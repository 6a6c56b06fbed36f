<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\AbsenceFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;

/** @param array<string, mixed> $more */
function readAbsence(array $more): Absence
{
    return AbsenceFormat::read(
        Node::root(
            json_decode(
                (string) json_encode(
                    $more + [
                        'id' => 'a',
                        'person' => 'callum',
                        'first' => '2026-03-09',
                        'last' => '2026-03-13',
                        'status' => 'approved',
                    ],
                ),
            ),
        ),
        CoverStory::roster(),
        Build::fields(),
    );
}

it('reads whole days, hours, policies and substitutes, for all work or some', function (): void {
    $absence = readAbsence([
        'held' => 'all',
        'hand_back' => 'nothing',
        'substitutes' => [
            ['person' => 'femi', 'only' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair']],
            'tobias',
            ['person' => 'ayumi'],
        ],
    ]);
    $takes = static fn(string $kind): array => array_map(
        static fn($one): bool => $one->takes(Build::facts(['task.kind' => $kind])),
        $absence->substitutes,
    );
    expect([$absence->substituteIds(), $absence->held, $absence->handBack, $takes('repair'), $takes('quote')])->toBe([
        ['femi', 'tobias', 'ayumi'],
        HeldPolicy::All,
        HandBackPolicy::Nothing,
        [true, true, true],
        [false, true, true],
    ]);
    expect($absence->substitutes[0]->takes(null))->toBeFalse();
    expect([$absence->span->from, $absence->span->to])->toBe([Build::at('2026-03-09'), Build::at('2026-03-14')]);
});

it('takes what is usual where nothing is said', function (): void {
    $absence = readAbsence([]);
    expect([$absence->held, $absence->handBack, $absence->substitutes])->toBe([
        HeldPolicy::FallsDue,
        HandBackPolicy::Untouched,
        [],
    ]);
});

it('says what is wrong, and where', function (array $more, string $pointer, string $reason): void {
    try {
        readAbsence($more);
        $this->fail('It was read.');
    } catch (DocumentError $error) {
        expect([$error->faults[0]->pointer, $error->faults[0]->reason])->toBe([$pointer, $reason]);
    }
})->with([
    'a policy' => [['held' => 'some'], '/held', '"some" is not one of: falls_due, all, nothing.'],
    'another' => [['hand_back' => 'all'], '/hand_back', '"all" is not one of: untouched, unfinished, nothing.'],
    'themselves' => [['substitutes' => ['callum']], '/substitutes/0', 'Nobody is their own substitute.'],
    'somebody twice' => [
        ['substitutes' => ['femi', ['person' => 'femi']]],
        '/substitutes/1',
        '"femi" is named already.',
    ],
    'a stranger' => [['substitutes' => [['person' => 'oona']]], '/substitutes/0/person', 'There is no person "oona".'],
    'criteria of nothing' => [
        ['substitutes' => [['person' => 'femi', 'only' => ['field' => 'task.shoes', 'op' => 'is', 'value' => 1]]]],
        '/substitutes/0/only/field',
        'There is no field "task.shoes".',
    ],
    'what nobody knows' => [
        ['substitutes' => [['person' => 'femi', 'from' => 1]]],
        '/substitutes/0/from',
        'There is no such member; the known ones are person, only.',
    ],
    'days and hours' => [
        ['from' => '2026-03-09T09:00:00Z', 'to' => '2026-03-09T12:00:00Z'],
        '',
        'Give either "first" and "last", or "from" and "to".',
    ],
]);

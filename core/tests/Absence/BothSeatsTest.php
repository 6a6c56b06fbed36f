<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Rulebook\Event\TagOn;
use OpenBaton\Core\Rulebook\Method\SamePerson;
use OpenBaton\Core\Rulebook\Otherwise\AskPerson;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Workload\TaskStatus;

/** Greta is away; in her place Femi, then Tobias where he is named; Oona leads their team. */
function qualityHouse(string ...$substitutes): Roster
{
    return new Roster(
        Build::calendar(),
        array_map(static fn(string $id) => Build::person($id), ['femi', 'greta', 'tobias', 'oona']),
        [new Team('quality', 'Quality', Build::members('greta', 'femi'), null, 'oona')],
        [],
        [Build::absence('greta', '2026-03-02', '2026-03-07', array_values($substitutes))],
    );
}

it('passes over whoever is in the other seat, down to the lead, then to nobody', function (
    array $substitutes,
    string $otherSeat,
    ?string $expected,
): void {
    $cover = (new SubstituteFinder(qualityHouse(...$substitutes)))->find('greta', Build::at(Story::NOW), null, [
        'ayumi',
        $otherSeat,
    ]);
    expect($cover->personId)->toBe($expected);
    if ($otherSeat !== 'nobody') {
        $reasons = array_combine(array_column($cover->steps, 'personId'), array_column($cover->steps, 'reasons'));
        expect($reasons[$otherSeat])->toBe([Unavailability::OtherSeat]);
    }
})->with([
    'Femi reviews' => [['femi', 'tobias'], 'nobody', 'femi'],
    'Femi did it' => [['femi', 'tobias'], 'femi', 'tobias'],
    'Femi alone stands in, and did it' => [['femi'], 'femi', 'oona'],
    'the lead did it' => [[], 'oona', null],
]);

it('leaves a person who is named and there where the rule puts them', function (): void {
    expect((new SubstituteFinder(qualityHouse()))->find('femi', Build::at(Story::NOW), null, ['femi'])->personId)->toBe(
        'femi',
    );
});

it('lets nobody review by a rule and its cover what they hold', function (): void {
    $rule = static fn(array $substitutes, $otherwise): array => [
        [
            Build::rule(
                'r',
                new NamedPeople(['greta']),
                new SamePerson(),
                otherwise: $otherwise,
                when: [new TagOn(['check'])],
                seat: SeatName::Reviewer,
            ),
        ],
        qualityHouse(...$substitutes),
    ];
    $task = Story::task()->inStatus(TaskStatus::InReview);
    $reviewer = static function (array $of) use ($task): array {
        [$rules, $roster] = $of;
        $chain = Story::run(
            $rules,
            Story::change($task, $task->tagged('check'), $rules, roster: $roster),
            roster: $roster,
        );

        return [$chain->subjects['t1']->reviewerId, $chain->links[0]->decision?->outcome];
    };
    expect($reviewer($rule(['femi'], new WaitUnplaced())))->toBe(['oona', Outcome::Assigned]);

    // Greta is away, so that the otherwise finds who answers for her, and passes over Femi as well.
    expect($reviewer($rule(['femi', 'tobias'], new AskPerson('greta'))))->toBe(['tobias', Outcome::Assigned]);
});

it('hands nothing back into both seats', function (): void {
    $roster = new Roster(
        Build::calendar(),
        array_map(static fn(string $id) => Build::person($id), ['femi', 'greta', 'tobias']),
        [],
        [],
        [Build::absence('greta', '2026-03-02', '2026-03-03', ['femi'])],
    );
    // Greta held it and was to review it: Femi has the one in her place, Tobias the other.
    $task = CoverStory::task('t', '2026-03-10 12:00', holder: 'femi', status: TaskStatus::InReview)
        ->heldBy('femi', [], new Covering('greta', 'greta-2026-03-02', held: true))
        ->reviewedBy('tobias', new Covering('greta', 'greta-2026-03-02'));
    $moves = (new CoverMoves($roster, new ChangeFacts($roster, $roster->lookups)))->of(
        'greta',
        [$task],
        CoverStory::work([$task])->held('greta'),
        Build::at('2026-03-04 09:00'),
    );
    $after = $moves[count($moves) - 1]->after;
    expect([$after->holderId, $after->reviewerId, $after->covering, $after->reviewCovering])->toBe([
        'greta',
        'tobias',
        null,
        null,
    ]);
});

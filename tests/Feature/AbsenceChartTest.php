<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Models\Absences\Absence;
use App\Models\House\House as HouseRow;
use App\Models\People\Team;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
use Database\Factories\Tasks\TaskFactory;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\AbsenceKind;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    // A Wednesday.
    Clock::set('2026-03-04T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/** @param list<string> $substitutes */
function weekAway(string $person, string $first, string $last, bool $approved = true, array $substitutes = []): string
{
    app()->forgetScopedInstances();

    return app(AskAbsence::class)->__invoke(
        House::person($person),
        new AbsenceTerms(AbsenceKind::Leave, $first, $last, substitutes: $substitutes),
        $approved,
        Actor::user(House::user('hanneke')),
    )->id;
}

/** @return array<string, mixed> */
function chart(mixed $test, string $who, string $query = ''): array
{
    app()->forgetScopedInstances();

    return $test
        ->actingAs(House::user($who))
        ->get("/absences{$query}")
        ->assertOk()
        ->viewData('page')['props']['chart'];
}

it('has a lane for whoever is away and stands in, from the Monday of the week on', function (): void {
    $id = weekAway('callum', '2026-03-05', '2026-03-06', true, ['femi']);
    weekAway('tobias', '2026-03-09', '2026-03-09', false);
    weekAway('ayumi', '2026-05-04', '2026-05-05');
    $chart = chart($this, 'hanneke');
    expect([$chart['from'], $chart['weeks'], count($chart['days']), $chart['days'][4], $chart['days'][5]])->toBe([
        '2026-03-02',
        4,
        28,
        ['date' => '2026-03-06', 'off' => false],
        ['date' => '2026-03-07', 'off' => true],
    ]);
    expect(array_column($chart['lanes'], 'slug'))->toBe(['callum', 'femi', 'tobias']);
    expect($chart['lanes'][0]['stretches'])->toBe([
        [
            'id' => $id,
            'from' => 3.0,
            'to' => 5.0,
            'first' => '2026-03-05T00:00:00Z',
            'last' => '2026-03-07T00:00:00Z',
            'asked' => false,
            'substitutes' => ['femi'],
            'plan' => true,
        ],
    ]);

    // Midnight in Helsinki is 22:00 of the house.
    expect([$chart['lanes'][2]['stretches'][0]['from'], $chart['lanes'][2]['stretches'][0]['asked']])->toBe([
        6.917,
        true,
    ]);
});

it('goes to other weeks and to the lanes of a team, and back to what there is for nonsense', function (): void {
    weekAway('ayumi', '2026-05-04', '2026-05-05');
    expect(array_column(chart($this, 'hanneke', '?from=2026-05-06&weeks=2')['lanes'], 'slug'))->toBe(['ayumi']);
    expect(array_column(chart($this, 'hanneke', '?team=brass-bench')['lanes'], 'slug'))->toBe([
        'ayumi',
        'femi',
        'callum',
    ]);
    expect(chart($this, 'hanneke', '?from=never&weeks=99&team=none'))->toMatchArray([
        'from' => '2026-03-02',
        'weeks' => 4,
        'team' => '',
    ]);
    expect(chart($this, 'hanneke', '?from=9999-01-01')['from'])->toBe('2026-03-02');
    expect(chart($this, 'hanneke', '?from=2026-13-45')['from'])->toBe('2026-03-02');
});

it('shows nobody what others have only asked for', function (): void {
    weekAway('callum', '2026-03-05', '2026-03-06', false);
    expect(array_column(chart($this, 'femi')['lanes'], 'slug'))->toBe([]);
    expect(array_column(chart($this, 'callum')['lanes'], 'slug'))->toBe(['callum']);
});

it('counts who is left against the minimum that the lead has set, with what is asked for', function (): void {
    weekAway('callum', '2026-03-05', '2026-03-06');
    weekAway('femi', '2026-03-06', '2026-03-09', false);
    expect(chart($this, 'hanneke')['strength'])->toBe([]);
    $this->actingAs(House::user('femi'))
        ->post('/absences/minimum', ['of' => 'team:brass-bench', 'people' => 2])
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->post('/absences/minimum', ['of' => 'team:brass-bench', 'people' => 0])
        ->assertSessionHasErrors('people');
    $this->actingAs(House::user('hanneke'))
        ->post('/absences/minimum', ['of' => 'team:none', 'people' => 2])
        ->assertNotFound();
    $this->actingAs(House::user('hanneke'))
        ->post('/absences/minimum', ['of' => 'team:brass-bench', 'people' => 2])
        ->assertSessionHasNoErrors();
    $row = chart($this, 'hanneke')['strength'][0];
    expect([$row['name'], $row['minimum']])->toBe(['Brass bench', 2]);
    expect(array_map(static fn(array $day): array => array_values($day), array_slice($row['days'], 2, 6)))->toBe([
        [3, 3, false, false, false],
        [2, 2, false, false, false],
        [2, 1, false, false, true],
        [0, 0, true, false, false],
        [0, 0, true, false, false],
        [3, 2, false, false, false],
    ]);
    $asked = array_values(
        array_filter(
            $this->actingAs(House::user('hanneke'))->get('/absences')->viewData('page')['props']['absences'],
            static fn(array $line): bool => $line['state'] === 'asked',
        ),
    )[0];
    expect($asked['conflicts'])->toBe(['Nobody is named to stand in', 'Brass bench: 1 of at least 2 on Fri 6 Mar']);
    $this->actingAs(House::user('hanneke'))->post('/absences/minimum', ['of' => 'team:brass-bench', 'people' => '']);
    expect(Team::query()->sole()->minimum)->toBeNull();
});

it('asks no more of the database for more absences', function (): void {
    $count = function (): int {
        chart($this, 'hanneke', '?weeks=12');
        DB::flushQueryLog();
        DB::enableQueryLog();
        chart($this, 'hanneke', '?weeks=12');
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    weekAway('callum', '2026-03-05', '2026-03-06', false, ['femi']);
    $few = $count();
    foreach (['ayumi', 'femi', 'tobias', 'hanneke'] as $person) {
        weekAway($person, '2026-03-10', '2026-03-12', false, ['callum']);
        weekAway($person, '2026-04-10', '2026-04-12', true, ['callum']);
    }
    expect($count())->toBe($few);
});

it('counts in weeks that are over who was away then, of which decisions know nothing any more', function (): void {
    $past = static fn(string $slug, string $first, string $last, array $more = []): Absence => AbsenceFactory::new()
        ->of('callum')
        ->days($first, $last)
        ->create(
            $more + [
                'slug' => $slug,
                'handed_over_at' => CarbonImmutable::parse("{$first}T00:00:00Z"),
                'handed_back_at' => CarbonImmutable::parse("{$last}T23:00:00Z"),
            ],
        );
    $past('long-ago', '2025-11-03', '2025-11-07');
    $past('lately', '2026-02-02', '2026-02-06');
    $past('not-back', '2025-11-10', '2025-11-14', ['handed_back_at' => null]);
    $covered = $past('covered', '2025-11-17', '2025-11-21');
    TaskFactory::new()
        ->create()
        ->covers()
        ->create([
            'seat' => 'holder',
            'for_id' => House::person('callum')->id,
            'absence' => $covered->slug,
            'via' => [],
            'held' => true,
            'touched_by' => [],
        ]);
    Team::query()
        ->where('slug', 'brass-bench')
        ->update(['minimum' => 3]);
    HouseRow::query()->increment('roster_revision');
    app()->forgetScopedInstances();
    expect(array_column(app(SnapshotSource::class)->current()->roster->absencesOf('callum'), 'id'))->toBe([
        'not-back',
        'covered',
        'lately',
    ]);
    $there = static fn(array $chart): array => array_column($chart['strength'][0]['days'], 'there');
    expect(array_slice($there(chart($this, 'hanneke', '?from=2025-11-03&weeks=2')), 0, 8))->toBe([
        2,
        2,
        2,
        2,
        2,
        0,
        0,
        2,
    ]);
    expect(array_slice($there(chart($this, 'hanneke', '?from=2025-10-27&weeks=2')), 0, 3))->toBe([3, 3, 3]);
});

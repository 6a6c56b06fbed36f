<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Models\House\House as HouseRow;
use App\Models\People\Skill;
use App\Models\People\Team;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Time\LocalDate;
use Tests\Support\House;

require_once __DIR__ . '/PeopleFunctions.php';

beforeEach(function (): void {
    beginPeople();
});

it('changes several people alike', function (array $change, Closure $seen): void {
    roster($this, 'POST', '/people/change', ['people' => ['femi', 'tobias'], ...$change])
        ->assertOk()
        ->assertExactJson(['changed' => 2]);
    expect($seen())->toBeTrue();
    expect(House::person('ayumi')->capacity_percent)->toBe(80);
})->with([
    'a share' => [
        ['what' => 'percent', 'percent' => 50],
        static fn(): bool => House::person('femi')->capacity_percent === 50 &&
            House::person('tobias')->capacity_percent === 50,
    ],
    'open tasks' => [
        ['what' => 'tasks', 'tasks' => 3],
        static fn(): bool => House::person('tobias')->open_tasks_at_most === 3,
    ],
    'a zone' => [
        ['what' => 'zone', 'zone' => 'America/Halifax'],
        static fn(): bool => House::person('femi')->zone === 'America/Halifax',
    ],
    'joining' => [
        ['what' => 'join', 'team' => 'brass-bench', 'weight' => 50],
        static fn(): bool => Team::query()->sole()->members->pluck('pivot.weight', 'slug')->all() === [
            'ayumi' => 100,
            'femi' => 50,
            'callum' => 100,
            'tobias' => 50,
        ],
    ],
    'leaving' => [
        ['what' => 'leave', 'team' => 'brass-bench'],
        static fn(): bool => Team::query()->sole()->members->pluck('slug')->all() === ['ayumi', 'callum'],
    ],
    'a skill' => [
        ['what' => 'skill', 'skill' => 'brass', 'level' => 3],
        static fn(): bool => House::person('tobias')->skills->sole()->pivot?->level === 3,
    ],
    'an attribute' => [
        ['what' => 'attribute', 'attribute' => ' speaks Finnish ', 'level' => 1],
        static fn(): bool => House::person('femi')->attribute_list === ['speaks Finnish'] &&
            House::person('tobias')->attribute_list === ['speaks Finnish'],
    ],
    'an attribute taken away that nobody has' => [
        ['what' => 'attribute', 'attribute' => 'speaks Finnish', 'level' => 0],
        static fn(): bool => House::person('femi')->attribute_list === null,
    ],
    'a place' => [
        ['what' => 'place', 'place' => 'the-holms'],
        static fn(): bool => House::person('tobias')->place?->slug === 'the-holms',
    ],
    'a skill taken away' => [
        ['what' => 'skill', 'skill' => 'brass', 'level' => 0],
        static fn(): bool => House::person('femi')->skills->isEmpty(),
    ],
]);

it('keeps teams, skills and the hours of the house', function (): void {
    roster($this, 'PUT', '/roster/teams', ['document' => ['name' => 'Workshop', 'lead' => 'tobias']])->assertOk();
    roster($this, 'PUT', '/roster/teams/brass-bench', [
        'document' => ['name' => 'Brass', 'parent' => 'workshop'],
    ])->assertOk();
    roster($this, 'PUT', '/roster/skills', ['document' => ['name' => 'Strings']])->assertOk();
    expect(
        Team::query()
            ->with(['parent', 'members'])
            ->orderBy('position')
            ->get()
            ->map(
                static fn(Team $team): array => [
                    $team->slug,
                    $team->name,
                    $team->parent?->slug,
                    $team->members->count(),
                ],
            )
            ->all(),
    )->toBe([['brass-bench', 'Brass', 'workshop', 3], ['workshop', 'Workshop', null, 0]]);
    expect(Skill::query()->orderBy('position')->pluck('slug')->all())->toBe(['brass', 'strings']);
    roster($this, 'PUT', '/roster/teams/workshop', [
        'document' => ['name' => 'Workshop', 'parent' => 'brass-bench'],
    ])->assertUnprocessable();
    // A rule names brass, and people have it.
    roster($this, 'DELETE', '/roster/skills/brass')->assertUnprocessable();
    roster($this, 'DELETE', '/roster/skills/strings')->assertOk();
    roster($this, 'PUT', '/roster/house', [
        'document' => [
            'zone' => 'Europe/Dublin',
            'hours' => [['from' => '2020-01-01', 'mon' => ['10:00-11:00']]],
            'holidays' => ['2026-03-17'],
        ],
    ])->assertOk();
    roster($this, 'PUT', '/roster/house', [
        'document' => ['zone' => 'Europe/Dublin', 'hours' => [['from' => '2020-01-01', 'mon' => ['late']]]],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/house/hours/0/mon/0');
    expect(Skill::query()->pluck('slug')->all())->toBe(['brass']);
    expect(HouseRow::query()->sole()->holidays)->toBe(['2026-03-17']);
});

it('has holidays by country, which go for whoever has them', function (): void {
    $house = [
        'zone' => 'Europe/Dublin',
        'hours' => [['from' => '2020-01-01', 'mon' => ['09:00-17:00'], 'tue' => ['09:00-17:00']]],
        'holidays' => ['2026-03-17'],
    ];
    roster($this, 'PUT', '/roster/house', [
        'document' => $house + ['calendars' => [['id' => 'fi', 'name' => 'Finland', 'holidays' => ['2026-03-16']]]],
    ])->assertOk();
    roster($this, 'PUT', '/people/tobias', [
        'document' => ['name' => 'Tobias Lindqvist', 'calendar' => 'fi'],
    ])->assertOk();
    $works = static function (string $who, string $date): bool {
        app()->forgetScopedInstances();

        return app(SnapshotSource::class)->current()->roster->people[$who]->hours->spansOf(LocalDate::parse($date)) !==
            [];
    };
    expect([
        $works('tobias', '2026-03-16'),
        $works('tobias', '2026-03-17'),
        $works('femi', '2026-03-16'),
        $works('femi', '2026-03-17'),
    ])->toBe([false, true, true, false]);
    roster($this, 'PUT', '/people/tobias', ['document' => ['name' => 'Tobias Lindqvist', 'calendar' => 'se']])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'There is no holiday calendar "se".');
    // Somebody has it.
    roster($this, 'PUT', '/roster/house', ['document' => $house])->assertUnprocessable();
    roster($this, 'PUT', '/roster/house', [
        'document' => $house + ['calendars' => [['id' => 'fi', 'name' => 'Finland', 'holidays' => ['soon']]]],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/house/calendars/0/holidays/0');
});

it('is for leads', function (): void {
    $this->actingAs(House::user('femi'))->get('/people')->assertForbidden();
    foreach (
        [
            ['POST', '/people'],
            ['PUT', '/people/femi'],
            ['POST', '/people/change'],
            ['PUT', '/roster/teams'],
            ['DELETE', '/roster/skills/brass'],
            ['PUT', '/roster/house'],
        ]
        as [$method, $url]
    ) {
        roster($this, $method, $url, ['document' => ['name' => 'X']], 'femi')->assertForbidden();
    }
});

it('asks no more of the database for more people', function (): void {
    $count = function (): int {
        peopleProps($this);
        DB::flushQueryLog();
        DB::enableQueryLog();
        peopleProps($this);
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $few = $count();
    foreach (['A', 'B', 'C', 'D'] as $name) {
        roster($this, 'POST', '/people', [
            'document' => ['name' => $name, 'skills' => ['brass' => 1]],
            'teams' => ['brass-bench' => ['weight' => 100]],
        ]);
    }
    expect($count())->toBe($few);
});

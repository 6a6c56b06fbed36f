<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Skill;
use App\Models\People\Team;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Time\LocalDate;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'brass',
            ['all' => []],
            [
                'pool' => ['kind' => 'skill', 'skill' => 'brass', 'level' => 1],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 5]],
            ],
        ),
    );
});

/** @param array<string, mixed> $data */
function roster(mixed $test, string $method, string $url, array $data = [], string $who = 'hanneke'): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->json($method, $url, $data);
}

/** @return array<string, mixed> */
function peopleProps(mixed $test, string $query = ''): array
{
    app()->forgetScopedInstances();

    return $test
        ->actingAs(House::user('hanneke'))
        ->get("/people{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

it('takes somebody new in, to whom rules give at once', function (): void {
    roster($this, 'POST', '/people', [
        'document' => [
            'name' => 'Oona Varga',
            'email' => 'oona@alderquill.example',
            'skills' => ['brass' => 3],
            'capacity' => ['minutes_a_day' => 300],
            'hours' => [['from' => '2026-01-01', 'mon' => ['22:00-06:00'], 'then' => [['tue' => ['09:00-17:00']]]]],
        ],
        'teams' => ['brass-bench' => ['weight' => 50]],
    ])
        ->assertCreated()
        ->assertExactJson(['slug' => 'oona-varga']);
    $person = peopleProps($this, '?person=oona-varga')['person'];
    expect((array) $person['document'])
        ->toEqual([
            'name' => 'Oona Varga',
            'email' => 'oona@alderquill.example',
            'hours' => [['from' => '2026-01-01', 'mon' => ['22:00-06:00'], 'then' => [['tue' => ['09:00-17:00']]]]],
            'capacity' => ['minutes_a_day' => 300],
            'skills' => (object) ['brass' => 3],
            'active' => true,
        ])
        ->and((array) $person['teams'])
        ->toBe(['brass-bench' => ['weight' => 50]])
        ->and(Person::query()->orderByDesc('position')->first()?->slug)
        ->toBe('oona-varga')
        ->and(Activity::query()->where('event', 'person_saved')->count())
        ->toBe(1);
    Person::query()
        ->whereIn('slug', ['ayumi', 'femi'])
        ->update(['active' => false]);
    HouseRow::query()->increment('roster_revision');
    expect(House::arrive()->assignee?->slug)->toBe('oona-varga');
    roster($this, 'POST', '/people', ['document' => ['name' => 'Oona Varga']])->assertExactJson([
        'slug' => 'oona-varga-2',
    ]);
});

it('says what is not right and where, and changes nothing', function (array $document, string $pointer): void {
    $before = HouseRow::query()->sole()->roster_revision;
    roster($this, 'PUT', '/people/femi', ['document' => $document])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', "/people/2{$pointer}");
    expect(HouseRow::query()->sole()->roster_revision)
        ->toBe($before)
        ->and(House::person('femi')->name)
        ->toBe('Femi Adeyinka');
})->with([
    'no name' => [['email' => 'x'], ''],
    'hours' => [['name' => 'F', 'hours' => [['from' => '2026-01-01', 'mon' => ['9-5']]]], '/hours/0/mon/0'],
    'a zone' => [['name' => 'F', 'zone' => 'Europe/Selwyn'], '/zone'],
    'a skill' => [['name' => 'F', 'skills' => ['singing' => 1]], '/skills/singing'],
    'a share' => [['name' => 'F', 'capacity' => ['percent' => 101]], '/capacity'],
    'open tasks' => [['name' => 'F', 'open_tasks_at_most' => 0], '/open_tasks_at_most'],
    'a place that there is not' => [['name' => 'Femi', 'place' => 'nowhere'], '/place'],
    'an attribute with a semicolon' => [['name' => 'Femi', 'attributes' => ['van', 'a; b']], '/attributes/1'],
    'an empty attribute' => [['name' => 'Femi', 'attributes' => ['']], '/attributes/0'],
    'too many attributes' => [
        ['name' => 'Femi', 'attributes' => array_map(static fn(int $one): string => "a{$one}", range(1, 31))],
        '/attributes',
    ],
    'what nobody knows' => [['name' => 'F', 'shoes' => 42], '/shoes'],
]);

it('changes what is said, takes away what is no longer said, and leaves others alone', function (): void {
    $ayumi = House::person('ayumi')->updated_at;
    roster($this, 'PUT', '/people/femi', [
        'document' => [
            'name' => 'Femi Adeyinka',
            'zone' => 'Europe/Helsinki',
            'open_tasks_at_most' => 1,
            'skills' => ['brass' => 3],
        ],
        'teams' => [],
    ])->assertOk();
    expect(House::person('femi')->only(['zone', 'open_tasks_at_most', 'position']))
        ->toBe(['zone' => 'Europe/Helsinki', 'open_tasks_at_most' => 1, 'position' => 2])
        ->and(Team::query()->sole()->members->pluck('slug')->all())
        ->toBe(['ayumi', 'callum'])
        ->and(House::person('ayumi')->updated_at)
        ->toEqual($ayumi);
    Person::query()
        ->where('slug', 'ayumi')
        ->update(['active' => false]);
    HouseRow::query()->increment('roster_revision');
    // The rule takes five, Femi one.
    expect([House::arrive()->assignee?->slug, House::arrive()->assignee?->slug])->toBe(['femi', null]);
});

it('puts somebody into a team for some time, in which rules find them', function (): void {
    House::publish(House::roundRule());
    Person::query()
        ->whereIn('slug', ['ayumi', 'femi', 'callum'])
        ->update(['active' => false]);
    HouseRow::query()->increment('roster_revision');
    roster($this, 'PUT', '/people/tobias', [
        'document' => ['name' => 'Tobias Lindqvist'],
        'teams' => ['brass-bench' => ['weight' => 100, 'from' => '2026-03-03', 'until' => '2026-03-04']],
    ])->assertOk();
    expect((array) peopleProps($this, '?person=tobias')['person']['teams'])->toBe([
        'brass-bench' => ['weight' => 100, 'from' => '2026-03-03', 'until' => '2026-03-04'],
    ]);
    $gets = [];
    foreach (
        ['2026-03-02T10:00:00Z', '2026-03-03T00:00:00Z', '2026-03-04T23:59:00Z', '2026-03-05T00:00:00Z']
        as $moment
    ) {
        Clock::set($moment);
        app()->forgetScopedInstances();
        $gets[] = House::arrive()->assignee?->slug;
    }
    expect($gets)->toBe([null, 'tobias', 'tobias', null]);
    roster($this, 'PUT', '/people/tobias', [
        'document' => ['name' => 'Tobias Lindqvist'],
        'teams' => ['brass-bench' => ['weight' => 100, 'from' => '2026-03-04', 'until' => '2026-03-03']],
    ])->assertUnprocessable();
});

it('gives to those with an attribute, of the place of the customer or of the one above', function (): void {
    House::publish(
        House::rule(
            'van',
            ['all' => []],
            [
                'pool' => ['kind' => 'place', 'fields' => ['customer.district', 'customer.region']],
                'method' => ['kind' => 'in_order'],
            ],
        ),
        House::rule(
            'any',
            ['all' => []],
            ['pool' => ['kind' => 'attribute', 'attribute' => 'drives the van'], 'method' => ['kind' => 'in_order']],
        ),
    );
    roster($this, 'PUT', '/people/tobias', [
        'document' => ['name' => 'Tobias Lindqvist', 'attributes' => ['drives the van']],
    ])->assertOk();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)
        ->toBe('tobias')
        ->and(House::person('tobias')->attribute_list)
        ->toBe(['drives the van']);
    roster($this, 'PUT', '/people/femi', ['document' => ['name' => 'Femi Adeyinka', 'place' => 'islands']])->assertOk();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('femi');
    // Whoever works there keeps the place from being taken away.
    roster($this, 'PUT', '/people/ayumi', [
        'document' => ['name' => 'Ayumi Takeda', 'place' => 'the-holms'],
    ])->assertOk();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('ayumi');
    Customer::query()->update(['place_id' => null]);
    $this->delete('/places/the-holms')->assertSessionHas('problem');
    expect(Place::query()->where('slug', 'the-holms')->exists())->toBeTrue();
});

it('changes several people alike', function (array $change, Closure $seen): void {
    roster($this, 'POST', '/people/change', ['people' => ['femi', 'tobias'], ...$change])
        ->assertOk()
        ->assertExactJson(['changed' => 2]);
    expect($seen())->toBeTrue()->and(House::person('ayumi')->capacity_percent)->toBe(80);
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
    )
        ->toBe([['brass-bench', 'Brass', 'workshop', 3], ['workshop', 'Workshop', null, 0]])
        ->and(Skill::query()->orderBy('position')->pluck('slug')->all())
        ->toBe(['brass', 'strings']);
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
    expect(Skill::query()->pluck('slug')->all())
        ->toBe(['brass'])
        ->and(HouseRow::query()->sole()->holidays)
        ->toBe(['2026-03-17']);
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

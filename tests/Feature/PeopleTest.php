<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Team;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/PeopleFunctions.php';

beforeEach(function (): void {
    beginPeople();
});

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
    expect((array) $person['document'])->toEqual([
        'name' => 'Oona Varga',
        'email' => 'oona@alderquill.example',
        'hours' => [['from' => '2026-01-01', 'mon' => ['22:00-06:00'], 'then' => [['tue' => ['09:00-17:00']]]]],
        'capacity' => ['minutes_a_day' => 300],
        'skills' => (object) ['brass' => 3],
        'active' => true,
    ]);
    expect((array) $person['teams'])->toBe(['brass-bench' => ['weight' => 50]]);
    expect(Person::query()->orderByDesc('position')->first()?->slug)->toBe('oona-varga');
    expect(Activity::query()->where('event', 'person_saved')->count())->toBe(1);
    Person::query()
        ->whereIn('slug', ['ayumi', 'femi'])
        ->update(['active' => false]);
    HouseRow::query()->increment('roster_revision');
    expect(House::arrive()->assignee?->slug)->toBe('oona-varga');
    roster($this, 'POST', '/people', ['document' => ['name' => 'Oona Varga']])->assertExactJson([
        'slug' => 'oona-varga-2',
    ]);
});

it('says of somebody new of whom nothing is said that the name is missing', function (): void {
    roster($this, 'POST', '/people', ['document' => []])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.missing', 'name');
});

it('says what is not right and where, and changes nothing', function (array $document, string $pointer): void {
    $before = HouseRow::query()->sole()->roster_revision;
    roster($this, 'PUT', '/people/femi', ['document' => $document])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', "/people/2{$pointer}");
    expect(HouseRow::query()->sole()->roster_revision)->toBe($before);
    expect(House::person('femi')->name)->toBe('Femi Adeyinka');
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
    expect(House::person('femi')->only(['zone', 'open_tasks_at_most', 'position']))->toBe([
        'zone' => 'Europe/Helsinki',
        'open_tasks_at_most' => 1,
        'position' => 2,
    ]);
    expect(Team::query()->sole()->members->pluck('slug')->all())->toBe(['ayumi', 'callum']);
    expect(House::person('ayumi')->updated_at)->toEqual($ayumi);
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
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('tobias');
    expect(House::person('tobias')->attribute_list)->toBe(['drives the van']);
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

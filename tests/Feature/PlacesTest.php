<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\People\Place;
use Illuminate\Support\Facades\DB;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'place',
            ['all' => []],
            ['pool' => ['kind' => 'field', 'field' => 'district.responsible'], 'method' => ['kind' => 'same_person']],
        ),
    );
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> */
function placesPage(mixed $test, string $query = ''): array
{
    app()->forgetScopedInstances();

    return $test
        ->get("/places{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

it('gives work to whoever answers for the place, be it the one above', function (): void {
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('tobias');
    $this->putJson('/places/the-holms', [
        'name' => 'The Holms and Skerries',
        'responsible' => 'femi',
        'deputy' => 'ayumi',
    ])->assertOk();
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('femi');
    $this->putJson('/places/the-holms', ['responsible' => null])->assertOk();
    $this->putJson('/places/islands', ['responsible' => 'callum'])->assertOk();
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('callum');
    $place = Place::query()->where('slug', 'the-holms')->sole();
    expect([$place->name, $place->responsible_id])->toBe(['The Holms and Skerries', null]);
});

it('adds places level by level, and takes away only what is empty', function (): void {
    $this->postJson('/places', ['name' => 'Lowlands'])
        ->assertCreated()
        ->assertExactJson(['slug' => 'lowlands']);
    $this->postJson('/places', [
        'name' => 'Mill Vale',
        'in' => 'lowlands',
        'responsible' => 'ayumi',
    ])->assertCreated();
    $this->postJson('/places', ['name' => 'A street', 'in' => 'mill-vale'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0', ['pointer' => '/in', 'detail' => 'Nothing lies below the last level.']);
    $lines = array_map(
        static fn(array $place): array => [
            $place['slug'],
            $place['level'],
            $place['depth'],
            $place['customers'],
            $place['empty'],
        ],
        placesPage($this)['places'],
    );
    expect($lines)->toBe([
        ['islands', 'region', 0, 0, false],
        ['the-holms', 'district', 1, 1, false],
        ['lowlands', 'region', 0, 0, false],
        ['mill-vale', 'district', 1, 0, true],
    ]);
    $this->delete('/places/the-holms')->assertSessionHas(
        'problem',
        'Customers, people or other places are in it; move them first.',
    );
    $this->deleteJson('/places/the-holms')
        ->assertConflict()
        ->assertJson(['type' => 'https://openbaton.example/problems/in-use', 'title' => 'It is in use.']);
    $this->delete('/places/lowlands')->assertSessionHas('problem');
    $this->delete('/places/mill-vale')->assertSessionMissing('problem');
    expect(Place::query()->count())->toBe(3);
});

it('moves a place to another of the same level, and nowhere else', function (): void {
    $this->postJson('/places', ['name' => 'Lowlands', 'responsible' => 'callum'])->assertCreated();
    $this->putJson('/places/the-holms', ['in' => 'lowlands', 'responsible' => null])->assertOk();
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('callum');
    foreach (['the-holms', 'lowlands'] as $elsewhere) {
        $this->putJson('/places/islands', ['in' => $elsewhere])
            ->assertUnprocessable()
            ->assertJsonPath('errors.0.pointer', '/in');
    }
});

it('refuses what is not right, and whoever does not lead', function (): void {
    $this->postJson('/places', ['name' => '', 'in' => 'nowhere', 'responsible' => 'nobody'])
        ->assertUnprocessable()
        ->assertJsonPath('errors', [
            ['pointer' => '/name', 'detail' => 'This is needed.'],
            ['pointer' => '/in', 'detail' => 'There is no place "nowhere".'],
            ['pointer' => '/responsible', 'detail' => 'There is no person "nobody".'],
        ]);
    $this->postJson('/places', ['name' => 'X', 'responsible' => 'femi', 'deputy' => 'femi'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/deputy');
    $this->actingAs(House::user('femi'));
    foreach (
        [['GET', '/places'], ['POST', '/places'], ['PUT', '/places/islands'], ['DELETE', '/places/islands']]
        as [$method, $url]
    ) {
        $this->json($method, $url, ['name' => 'X'])->assertForbidden();
    }
});

it('retires a place with all in it, and loses nothing; takes it up again as it was', function (): void {
    $this->postJson('/places', ['name' => 'Old Quay', 'in' => 'islands'])->assertCreated();
    $this->postJson('/places/old-quay/retire', ['retired' => true])->assertOk();
    Clock::set('2026-03-02T10:05:00Z');
    $this->postJson('/places/islands/retire', ['retired' => true])->assertOk();
    expect(Place::query()->whereNull('retired_at')->count())->toBe(0);

    // Its customers stay in it, and work for them goes to whoever answers for it.
    expect(Customer::query()->sole()->place?->slug)->toBe('the-holms');
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('tobias');
    // It is not offered, and nothing comes into it.
    $this->getJson('/places/choices?q=hol')
        ->assertOk()
        ->assertExactJson(['found' => []]);
    $this->postJson('/places', ['name' => 'Weka', 'in' => 'islands'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'The place "Islands" is retired; take it up again first.');
    $this->postJson('/customers', ['name' => 'Weka Hall', 'place' => 'the-holms'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0', [
            'pointer' => '/place',
            'detail' => 'The place "The Holms" is retired; take it up again first.',
        ]);
    expect(
        SentTable::lines(
            SentTable::to($this, 'customers/preview', "id,name,place\nholms-school,,The Holms\n,Weka,The Holms\n"),
        ),
    )->toBe(['3 wrong place: The place "The Holms" is retired; take it up again first.', '2 same']);
    // A customer that is in it is changed as any other.
    $holms = Customer::query()->sole();
    $this->putJson("/customers/{$holms->id}", [
        'seen' => $holms->revision,
        'document' => ['name' => 'Holms School', 'place' => 'the-holms', 'on_form' => true],
    ])->assertOk();
    expect(array_column(placesPage($this)['places'], 'retired'))->toBe([true, true, true]);
    // Rules that name it hold; it is no longer offered for others.
    $fields = $this->get('/rulebook')->assertOk()->viewData('page')['props']['vocabulary']['fields'];
    expect(array_column($fields, null, 'path')['customer.region']['options'])->toBe([
        ['value' => 'islands', 'label' => 'Islands', 'retired' => true],
    ]);

    $this->postJson('/places/the-holms/retire', ['retired' => false])->assertOk();
    $retired = static fn(): array => Place::query()->whereNotNull('retired_at')->orderBy('slug')->pluck('slug')->all();
    // With what it lies in; what was retired before for itself stays so.
    expect($retired())->toBe(['old-quay']);
    $this->postJson('/places/islands/retire', ['retired' => true])->assertOk();
    $revision = HouseRow::query()->sole()->roster_revision;
    $this->postJson('/places/islands/retire', ['retired' => true])->assertOk();
    expect(HouseRow::query()->sole()->roster_revision)->toBe($revision);
    $this->postJson('/places/islands/retire', ['retired' => false])->assertOk();
    expect($retired())->toBe(['old-quay']);
});

it('shows the whole tree where it is small, and one layer by pages where it is not', function (): void {
    $islands = Place::query()->where('slug', 'islands')->sole();
    for ($number = 1; $number <= 120; ++$number) {
        Place::query()->create([
            'slug' => sprintf('quay-%03d', $number),
            'name' => sprintf('Quay %03d', $number),
            'level' => 'district',
            'parent_id' => $islands->id,
            'responsible_id' => $number === 7 ? House::person('femi')->id : null,
        ]);
    }
    $top = placesPage($this);
    expect([$top['total'], $top['places'][0]['slug'], $top['places'][0]['below']])->toBe([1, 'islands', 121]);
    $layer = placesPage($this, '?in=islands&page=2');
    expect([$layer['total'], $layer['pages'], count($layer['places'])])->toBe([121, 2, 21]);
    expect([$layer['path'], $layer['places'][20]['slug'], $layer['places'][20]['depth']])->toBe([
        [['value' => 'islands', 'label' => 'Islands']],
        'the-holms',
        0,
    ]);
    $found = placesPage($this, '?q=007');
    expect($found['places'])->toHaveCount(1);
    expect($found['places'][0]['path'])->toBe([['value' => 'islands', 'label' => 'Islands']]);
    expect($found['places'][0]['responsible'])->toBe([
        'person' => ['slug' => 'femi', 'name' => House::person('femi')->name],
        'own' => true,
    ]);
    $this->get('/places?in=nowhere')->assertNotFound();
});

it('asks no more of the database for more places', function (): void {
    $count = function (): int {
        placesPage($this);
        DB::flushQueryLog();
        DB::enableQueryLog();
        placesPage($this);
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $this->putJson('/places/islands', ['name' => 'Islands', 'responsible' => 'femi', 'deputy' => 'ayumi']);
    $few = $count();
    foreach (['A', 'B', 'C'] as $name) {
        $this->postJson('/places', ['name' => $name, 'responsible' => 'femi', 'deputy' => 'ayumi'])->assertCreated();
        Customer::query()->create([
            'slug' => "at-{$name}",
            'name' => $name,
            'tier' => 'school',
            'place_id' => Place::query()->where('name', $name)->sole()->id,
        ]);
    }
    expect($count())->toBe($few);
});

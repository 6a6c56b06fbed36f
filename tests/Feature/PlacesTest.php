<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\People\Place;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;

beforeEach(function (): void {
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

it('gives work to whoever answers for the place, be it the one above', function (): void {
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('tobias');
    $this->post('/places/the-holms', [
        'name' => 'The Holms and Skerries',
        'responsible' => 'femi',
        'deputy' => 'ayumi',
    ])->assertSessionHasNoErrors();
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('femi');
    $this->post('/places/the-holms', ['name' => 'The Holms']);
    $this->post('/places/islands', ['name' => 'Islands', 'responsible' => 'callum']);
    app()->forgetScopedInstances();
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('callum');
    expect(Place::query()->where('slug', 'the-holms')->sole()->responsible_id)->toBeNull();
});

it('adds places level by level, and takes away only what is empty', function (): void {
    $this->post('/places', ['name' => 'Lowlands'])->assertSessionHasNoErrors();
    $this->post('/places', [
        'name' => 'Mill Vale',
        'parent' => 'lowlands',
        'responsible' => 'ayumi',
    ])->assertSessionHasNoErrors();
    $this->post('/places', ['name' => 'A street', 'parent' => 'mill-vale'])->assertSessionHasErrors([
        'name' => 'Nothing lies below the last level.',
    ]);
    $places = $this->get('/places')->assertOk()->viewData('page')['props']['places'];
    expect(
        array_map(
            static fn(array $place): array => [$place['slug'], $place['level'], $place['parent'], $place['customers']],
            $places,
        ),
    )->toBe([
        ['islands', 'region', null, 0],
        ['lowlands', 'region', null, 0],
        ['mill-vale', 'district', 'lowlands', 0],
        ['the-holms', 'district', 'islands', 1],
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

it('refuses what is not right, and whoever does not lead', function (): void {
    $this->post('/places', ['name' => '', 'parent' => 'nowhere', 'responsible' => 'nobody'])->assertSessionHasErrors([
        'name',
        'parent',
        'responsible',
    ]);
    $this->post('/places', ['name' => 'X', 'responsible' => 'femi', 'deputy' => 'femi'])->assertSessionHasErrors(
        'deputy',
    );
    $this->actingAs(House::user('femi'));
    foreach (
        [['GET', '/places'], ['POST', '/places'], ['POST', '/places/islands'], ['DELETE', '/places/islands']]
        as [$method, $url]
    ) {
        $this->call($method, $url, ['name' => 'X'])->assertForbidden();
    }
});

it('asks no more of the database for more places', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        $this->get('/places')->assertOk();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/places')->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $this->post('/places/islands', ['name' => 'Islands', 'responsible' => 'femi', 'deputy' => 'ayumi']);
    $few = $count();
    foreach (['A', 'B', 'C'] as $name) {
        $this->post('/places', ['name' => $name, 'responsible' => 'femi', 'deputy' => 'ayumi']);
        Customer::query()->create([
            'slug' => "at-{$name}",
            'name' => $name,
            'tier' => 'school',
            'place_id' => Place::query()->where('name', $name)->sole()->id,
        ]);
    }
    expect($count())->toBe($few);
});

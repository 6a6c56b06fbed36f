<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/** @param list<string> $abilities */
function askApi(
    mixed $test,
    string $method,
    string $path,
    array $body = [],
    array $abilities = ['customers:keep'],
    string $who = 'hanneke',
): TestResponse {
    app('auth')->forgetGuards();
    app()->forgetScopedInstances();
    $token = House::user($who)->createToken('t', $abilities, now()->addDay())->plainTextToken;

    return $test->json($method, "/api/v1/customers{$path}", $body, ['Authorization' => "Bearer {$token}"]);
}

it('lists, makes and changes customers for other systems', function (): void {
    $made = askApi($this, 'POST', '', [
        'name' => 'Weka Hall',
        'place' => 'islands',
        'tags' => ['spring fair', 'Spring Fair'],
        'contacts' => [['email' => 'hall@weka.example']],
        'set' => ['customer.owner' => 'femi'],
    ])->assertCreated();
    expect($made->json())->toBe([
        'id' => 'weka-hall',
        'name' => 'Weka Hall',
        'tier' => null,
        'place' => 'islands',
        'on_form' => false,
        'tags' => ['spring fair'],
        'contacts' => [['email' => 'hall@weka.example']],
        'set' => ['customer.owner' => 'femi'],
        'retired' => false,
        'merged_into' => null,
    ]);
    expect($made->headers->get('Location'))->toEndWith('/api/v1/customers/weka-hall');
    askApi($this, 'PUT', '/weka-hall', ['place' => null])
        ->assertOk()
        ->assertJsonPath('place', null);
    askApi($this, 'GET', '/weka-hall')
        ->assertOk()
        ->assertJsonPath('set', ['customer.owner' => 'femi']);
    askApi($this, 'GET', '')->assertOk()->assertJsonPath('total', 2);
    askApi($this, 'GET', '?q=nobody')->assertOk()->assertJsonPath('customers', []);
    askApi($this, 'GET', '?page=0')->assertUnprocessable();
    askApi($this, 'POST', '', ['tier' => 'school'])->assertUnprocessable();
    askApi($this, 'GET', '/nobody')->assertNotFound();
});

it('changes the record that stays where one went into another', function (): void {
    $kept = Customer::query()->sole();
    $gone = $kept->replicate()->fill(['slug' => 'gone', 'merged_into_id' => $kept->id, 'retired_at' => now()]);
    $gone->save();
    askApi($this, 'PUT', '/gone', ['name' => 'Holms'])
        ->assertOk()
        ->assertJsonPath('id', 'holms-school');
    askApi($this, 'GET', '/gone')->assertOk()->assertJsonPath('merged_into', 'holms-school');
    expect($kept->refresh()->name)->toBe('Holms');
});

it('is for tokens with the right, whose owner leads', function (): void {
    askApi($this, 'GET', '', abilities: ['tasks:read'])->assertForbidden();
    askApi($this, 'POST', '', ['name' => 'X'], who: 'ayumi')->assertForbidden();
    expect(Customer::query()->count())->toBe(1);
});

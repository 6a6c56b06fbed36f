<?php

declare(strict_types=1);

use Tests\Support\House;

beforeEach(fn() => House::open());

it('signs in and out', function (): void {
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => House::PASSWORD])->assertRedirect('/');
    $this->assertAuthenticatedAs(House::user('ayumi'));
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('says so when address and password do not go together, and keeps the address', function (): void {
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => 'wrong'])->assertSessionHasErrors(['email' => 'This address and password do not go together.']);
    expect(session()->getOldInput())->toBe(['email' => 'ayumi@alderquill.example']);
    $this->assertGuest();
});

it('slows down whoever guesses', function (): void {
    for ($try = 0; $try < config('baton.throttle.sign_in'); ++$try) {
        $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => "guess {$try}"])->assertRedirect();
    }
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => House::PASSWORD])->assertStatus(429);
    $this->assertGuest();
});

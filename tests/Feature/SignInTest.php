<?php

declare(strict_types=1);

use App\Models\Access\SignInAttempt;
use App\Models\Access\Waits;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Support\Facades\Hash;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

const WRONG = 'This address and password do not go together.';

function signIn(mixed $test, string $email, string $password, string $ip = '192.0.2.1'): TestResponse
{
    app('auth')->forgetGuards();

    return $test
        ->withServerVariables(['REMOTE_ADDR' => $ip])
        ->post('/sign-in', ['email' => $email, 'password' => $password]);
}

/** @return list<string> what was said of each try */
function guess(mixed $test, int $times, string $email, string $ip = '192.0.2.1'): array
{
    $said = [];
    for ($try = 0; $try < $times; ++$try) {
        signIn($test, $email, "guess {$try}", $ip);
        $said[] = session('errors')->first('email');
    }

    return $said;
}

it('signs in and out', function (): void {
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => House::PASSWORD])->assertRedirect(
        '/',
    );
    $this->assertAuthenticatedAs(House::user('ayumi'));
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

it('says so when address and password do not go together, and keeps the address', function (): void {
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => 'wrong'])->assertSessionHasErrors([
        'email' => WRONG,
    ]);
    expect(session()->getOldInput())->toBe(['email' => 'ayumi@alderquill.example']);
    $this->assertGuest();
});

it('lets whoever keeps failing wait, twice as long each time, and never for good', function (
    Waits $kind,
    int $failures,
    int $seconds,
): void {
    expect($kind->after($failures))->toBe($seconds);
})->with([
    [Waits::Here, 4, 0],
    [Waits::Here, 5, 30],
    [Waits::Here, 6, 60],
    [Waits::Here, 7, 120],
    [Waits::Here, 8, 240],
    [Waits::Here, 9, 480],
    [Waits::Here, 10, 900],
    [Waits::Here, 4_000_000, 900],
    [Waits::Known, 9, 0],
    [Waits::Known, 10, 30],
    [Waits::Account, 19, 0],
    [Waits::Account, 20, 30],
    [Waits::Account, 25, 900],
    [Waits::Machine, 29, 0],
    [Waits::Machine, 30, 30],
]);

it('slows down whoever guesses at an account, however its address is spelled', function (): void {
    expect(guess($this, 5, 'ayumi@alderquill.example'))->toBe(array_fill(0, 5, WRONG));
    foreach (
        [
            'ayumi@alderquill.example',
            ' AYUMI@alderquill.example ',
            'ａｙｕｍｉ@alderquill.example',
            "ayumi@alderquill.example\u{a0}",
        ]
        as $spelled
    ) {
        signIn($this, $spelled, House::PASSWORD)->assertSessionHasErrors([
            'email' => 'Too many tries. Try again in a minute.',
        ]);
    }
    $this->assertGuest();
    Clock::set('2026-03-02T10:00:30Z');
    signIn($this, 'ayumi@alderquill.example', House::PASSWORD)->assertRedirect('/');
    $this->assertAuthenticatedAs(House::user('ayumi'));
});

it('says the same of an address that nobody has', function (): void {
    expect(guess($this, 7, 'nobody@alderquill.example'))->toBe(guess($this, 7, 'femi@alderquill.example', '192.0.2.7'));
});

it('looks at a hash as costly as all others where nobody has the address, and makes it whoever asks first', function (
    string $first,
    string $second,
): void {
    $checked = [];
    Hash::shouldReceive('driver')->andReturnSelf();
    $made = 0;
    Hash::shouldReceive('make')
        ->once()
        ->andReturnUsing(function () use (&$made): string {
            ++$made;

            return '$nobodys';
        });
    Hash::shouldReceive('check')
        ->twice()
        ->andReturnUsing(function (string $password, string $hash) use (&$checked): bool {
            $checked[] = [$password, str_starts_with($hash, '$')];

            return false;
        });
    app()->instance(Hasher::class, Hash::getFacadeRoot());
    signIn($this, "{$first}@alderquill.example", 'one');
    expect($made)->toBe(1);
    signIn($this, "{$second}@alderquill.example", 'two');
    expect($checked)->toBe([['one', true], ['two', true]]);
})->with([['nobody', 'ayumi'], ['ayumi', 'nobody']]);

it(
    'slows down those who guess at one account from many machines, but not the machine at which it has been ' .
        'signed in before',
    function (): void {
        $cookie = signIn($this, 'ayumi@alderquill.example', House::PASSWORD, '192.0.2.99')
            ->getCookie('known_machine')
            ?->getValue();
        $this->post('/sign-out');
        foreach (range(1, 20) as $machine) {
            expect(guess($this, 1, 'ayumi@alderquill.example', "198.51.100.{$machine}"))->toBe([WRONG]);
        }
        signIn($this, 'ayumi@alderquill.example', House::PASSWORD, '198.51.100.77')->assertSessionHasErrors([
            'email' => 'Too many tries. Try again in a minute.',
        ]);
        $this->withCookie('known_machine', (string) $cookie);
        signIn($this, 'ayumi@alderquill.example', House::PASSWORD, '192.0.2.99')->assertRedirect('/');
        $this->assertAuthenticatedAs(House::user('ayumi'));
    },
);

it('slows down a machine that tries many accounts, by its network where it has many addresses', function (
    string $first,
    string $other,
    bool $waits,
): void {
    foreach (range(1, 30) as $account) {
        guess($this, 1, "somebody{$account}@alderquill.example", $first);
    }
    $answer = signIn($this, 'ayumi@alderquill.example', House::PASSWORD, $other);
    $waits
        ? $answer->assertSessionHasErrors(['email' => 'Too many tries. Try again in a minute.'])
        : $answer->assertRedirect('/');
})->with([
    'the same' => ['192.0.2.1', '192.0.2.1', true],
    'another' => ['192.0.2.1', '192.0.2.2', false],
    'in the same network of IPv6' => ['2001:db8:0:1::1', '2001:db8:0:1:ffff::9', true],
    'in another' => ['2001:db8:0:1::1', '2001:db8:0:2::1', false],
]);

it('forgets failures after an hour without any, and takes them off the table', function (): void {
    guess($this, 5, 'ayumi@alderquill.example');
    Clock::set('2026-03-02T11:00:31Z');
    expect(guess($this, 4, 'ayumi@alderquill.example'))->toBe(array_fill(0, 4, WRONG));
    Clock::set('2026-03-02T13:00:00Z');
    $this->artisan('model:prune', ['--model' => [SignInAttempt::class]])->assertSuccessful();
    expect(SignInAttempt::query()->count())->toBe(0);
});

it('does not hold a right password against anybody', function (): void {
    foreach (range(1, 12) as $_) {
        signIn($this, 'ayumi@alderquill.example', House::PASSWORD)->assertRedirect('/');
        $this->post('/sign-out');
    }
    expect(SignInAttempt::query()->sum('failures'))->toEqual(0);
});

it('lets nobody in who is inactive, past their last day, or whose sign-in has ended', function (
    string $change,
    bool $in,
): void {
    match ($change) {
        'inactive' => House::person('ayumi')->update(['active' => false]),
        'yesterday was the last day' => House::person('ayumi')->update(['member_until' => '2026-03-01']),
        'today is the last day' => House::person('ayumi')->update(['member_until' => '2026-03-02']),
        'ended' => House::user('ayumi')->update(['ended_at' => CarbonImmutable::now()]),
    };
    $answer = signIn($this, 'ayumi@alderquill.example', House::PASSWORD);
    $in
        ? $answer->assertRedirect('/')
        : $answer->assertSessionHasErrors(['email' => 'This sign-in has ended. Ask an administrator of the house.']);
    $this->actingAs(House::user('ayumi'))
        ->get('/in-hand')
        ->assertStatus($in ? 200 : 302);
    $token = House::user('ayumi')->createToken('t', ['tasks:read'])->plainTextToken;
    app('auth')->forgetGuards();
    $this->getJson('/api/v1/tasks/01JZZZZZZZZZZZZZZZZZZZZZZZ', ['Authorization' => "Bearer {$token}"])->assertStatus(
        $in ? 404 : 401,
    );
})->with([
    ['inactive', false],
    ['yesterday was the last day', false],
    ['today is the last day', true],
    ['ended', false],
]);

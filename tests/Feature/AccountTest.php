<?php

declare(strict_types=1);

use App\Models\Access\Invitation;
use App\Models\Access\OpenSession;
use App\Models\Access\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

const LONG = 'a heron on the quay';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    config()->set('session.driver', 'database');
    $this->ayumi = House::user('ayumi');
});

function sessionOf(
    User $user,
    string $id,
    string $ip = '192.0.2.1',
    string $agent = 'Mozilla/5.0 (X11; Linux x86_64) Gecko/20100101 Firefox/140.0',
): void {
    DB::table('sessions')->insert([
        'id' => $id,
        'user_id' => $user->id,
        'ip_address' => $ip,
        'user_agent' => $agent,
        'payload' => '',
        'last_activity' => now()->getTimestamp(),
    ]);
}

it('changes the password of whoever knows the old one, and signs them out elsewhere', function (): void {
    sessionOf($this->ayumi, 'elsewhere');
    sessionOf(House::user('femi'), 'somebody else');
    $this->ayumi->forceFill(['remember_token' => 'kept on another machine'])->save();
    $this->actingAs($this->ayumi)
        ->post('/account/password', ['current' => House::PASSWORD, 'password' => LONG, 'again' => LONG])
        ->assertSessionHas('done', 'Your password is changed.');
    $this->ayumi->refresh();
    expect(Hash::check(LONG, $this->ayumi->password))->toBeTrue();
    expect($this->ayumi->remember_token)->not->toBe('kept on another machine');
    expect(
        OpenSession::query()
            ->whereKey(['elsewhere', 'somebody else'])
            ->pluck('id')
            ->all(),
    )->toBe(['somebody else']);
    expect(
        Activity::query()
            ->where('log_name', 'sign-in')
            ->sole()
            ->only(['event', 'causer_id']),
    )->toBe(['event' => 'password_chosen', 'causer_id' => $this->ayumi->id]);
    expect(Activity::query()->where('properties', 'like', '%heron%')->exists())->toBeFalse();
});

it('refuses a password that is easily found, and says why', function (string $password, string $why): void {
    $this->actingAs($this->ayumi)
        ->post('/account/password', ['current' => House::PASSWORD, 'password' => $password, 'again' => $password])
        ->assertSessionHasErrors(['password' => $why]);
    expect(Hash::check(House::PASSWORD, $this->ayumi->refresh()->password))->toBeTrue();
})->with([
    'short' => ['a heron on', 'A password has at least 12 characters; a few words that you remember do well.'],
    'with the name' => ['a heron for Ayumi', 'Use something else than your name or address.'],
    'with the house of the address' => ['the alderquill heron', 'Use something else than your name or address.'],
    'of few characters' => ['abababababababab', 'Use at least 5 different characters.'],
    'longer than is looked at' => [str_repeat('ä heron ', 12), 'A password has at most 72 bytes.'],
    'none' => ['', 'Choose a password.'],
]);

it(
    'changes nothing where the old password is wrong, the new one is typed otherwise, or somebody guesses',
    function (): void {
        $try = fn(array $sent) => $this->actingAs($this->ayumi)->post(
            '/account/password',
            $sent + ['current' => House::PASSWORD, 'password' => LONG, 'again' => LONG],
        );
        $try(['again' => 'a heron on the key'])->assertSessionHasErrors(['again' => 'The two are not the same.']);
        foreach (range(1, 5) as $_) {
            $try(['current' => 'not it'])->assertSessionHasErrors(['current' => 'This is not your password.']);
        }
        $try([])->assertSessionHasErrors(['current' => 'Too many tries. Try again in a minute.']);
        expect(Hash::check(House::PASSWORD, $this->ayumi->refresh()->password))->toBeTrue();
    },
);

it('lists where one is signed in, by what the browser says, and never by the secret of a session', function (): void {
    sessionOf($this->ayumi, 'first', '192.0.2.8');
    sessionOf($this->ayumi, 'second', '192.0.2.9', 'curl/8');
    sessionOf(House::user('femi'), 'third');
    $props = $this->actingAs($this->ayumi)->get('/account')->viewData('page')['props'];
    $lines = array_values(array_filter($props['sessions'], static fn(array $one): bool => !$one['here']));
    usort($lines, static fn(array $one, array $other): int => $one['ip'] <=> $other['ip']);
    expect(
        array_map(
            static fn(array $one): array => [$one['name'], $one['browser'], $one['system'], $one['ip'], $one['at']],
            $lines,
        ),
    )->toBe([
        [hash('sha256', 'first'), 'Firefox', 'Linux', '192.0.2.8', '2026-03-02T10:00:00Z'],
        [hash('sha256', 'second'), null, null, '192.0.2.9', '2026-03-02T10:00:00Z'],
    ]);
    expect(json_encode($props))->not->toContain('"first"');
});

it('ends one of its sessions, or all others, and nobody else\'s', function (): void {
    foreach (['one', 'two', 'three'] as $id) {
        sessionOf($this->ayumi, $id);
    }
    sessionOf(House::user('femi'), 'theirs');
    $left = static fn(): array => OpenSession::query()
        ->whereKey(['one', 'two', 'three', 'theirs'])
        ->orderBy('id')
        ->pluck('id')
        ->all();
    $this->actingAs($this->ayumi)
        ->delete('/account/sessions/' . hash('sha256', 'two'))
        ->assertSessionHas('done', 'Signed out at one place.');
    expect($left())->toBe(['one', 'theirs', 'three']);
    $this->delete('/account/sessions/' . hash('sha256', 'theirs'))->assertSessionHas('done', 'Nothing was open there.');
    expect($left())->toBe(['one', 'theirs', 'three']);
    $this->delete('/account/sessions')->assertSessionHas('done');
    expect($left())->toBe(['theirs']);
});

it('lets somebody who was invited choose a password, once', function (): void {
    $secret = str_repeat('a', 48);
    Invitation::query()->create([
        'user_id' => $this->ayumi->id,
        'token' => hash('sha256', $secret),
        'expires_at' => now()->addDays(7),
    ]);
    sessionOf($this->ayumi, 'elsewhere');
    foreach (range(1, 2) as $_) {
        expect($this->get("/invitation/{$secret}")->viewData('page')['props']['invited'])->toBe([
            'name' => 'Ayumi Kato',
            'email' => 'ayumi@alderquill.example',
            'address' => "/invitation/{$secret}",
        ]);
    }
    $this->post("/invitation/{$secret}", ['password' => 'short', 'again' => 'short'])->assertSessionHasErrors(
        'password',
    );
    $this->post("/invitation/{$secret}", ['password' => LONG, 'again' => LONG])->assertRedirect('/');
    $this->assertAuthenticatedAs($this->ayumi);
    expect(Hash::check(LONG, $this->ayumi->refresh()->password))->toBeTrue();
    expect(OpenSession::query()->whereKey('elsewhere')->exists())->toBeFalse();
    $this->post("/invitation/{$secret}", [
        'password' => 'another heron there',
        'again' => 'another heron there',
    ])->assertNotFound();
    expect(
        $this->get("/invitation/{$secret}")
            ->assertOk()
            ->viewData('page')['props']['invited'],
    )->toBeNull();
    expect(Hash::check(LONG, $this->ayumi->refresh()->password))->toBeTrue();
});

it('takes no link that is over, unknown or of another shape', function (): void {
    $secret = str_repeat('b', 48);
    Invitation::query()->create([
        'user_id' => $this->ayumi->id,
        'token' => hash('sha256', $secret),
        'expires_at' => now()->addDays(7),
    ]);
    Clock::set('2026-03-09T10:00:01Z');
    foreach ([$secret, str_repeat('c', 48)] as $link) {
        $this->post("/invitation/{$link}", ['password' => LONG, 'again' => LONG])->assertNotFound();
    }
    $this->get('/invitation/short')->assertNotFound();
    $this->artisan('model:prune', ['--model' => [Invitation::class]]);
    expect(Invitation::query()->count())->toBe(0);
    expect(Hash::check(House::PASSWORD, $this->ayumi->refresh()->password))->toBeTrue();
});

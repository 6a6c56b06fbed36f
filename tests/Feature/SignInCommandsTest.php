<?php

declare(strict_types=1);

use App\Models\Access\AccessToken;
use App\Models\Access\Role;
use App\Models\Access\User;
use Database\Factories\Access\UserFactory;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->administrator = UserFactory::new()
        ->who(Role::Administrator)
        ->create(['name' => 'Administrator']);
    $this->actingAs($this->administrator);
});

it('tells the page what there is, in as many queries for many as for few', function (): void {
    $page = function (): array {
        DB::flushQueryLog();
        app()->forgetScopedInstances();
        $props = $this->get('/sign-ins')->viewData('page')['props'];

        return [$props, count(DB::getQueryLog())];
    };
    House::user('ayumi')->createToken('t', ['tasks:read'], now()->addDay());
    $this->postJson('/sign-ins/' . House::user('callum')->id . '/invite');
    House::user('tobias')->update(['ended_at' => now()]);
    House::person('femi')->update(['active' => false]);
    $page();
    DB::enableQueryLog();
    [$props, $few] = $page();
    expect(array_column($props['signIns'], 'state', 'name'))->toBe([
        'Administrator' => 'open',
        'Ayumi Kato' => 'open',
        'Callum Rees' => 'invited',
        'Femi Adeyinka' => 'gone',
        'Hanneke de Wit' => 'open',
        'Tobias Lindqvist' => 'ended',
    ]);
    expect(PropTypes::check('sign-ins', [['SignInsPage', 'SignInsPageProps', $props]]))->toBe('');
    foreach (range(1, 30) as $number) {
        UserFactory::new()
            ->who(Role::Member)
            ->create()
            ->createToken("t{$number}", ['tasks:read']);
    }
    expect($page()[1])->toBe($few);
});

it('makes, lists and takes back tokens, and invites, on the command line', function (): void {
    expect(
        Artisan::call('baton:token', [
            'email' => 'Hanneke@alderquill.example',
            'name' => 'Shop',
            '--may' => ['tasks:read', 'tasks:create'],
            '--until' => '2026-06-30',
        ]),
    )->toBe(0);
    $token = AccessToken::query()->sole();
    expect($token->only(['name', 'abilities']))->toBe([
        'name' => 'Shop',
        'abilities' => ['tasks:read', 'tasks:create'],
    ]);
    expect($token->expires_at?->toIso8601ZuluString())->toBe('2026-06-30T23:59:59Z');
    expect(Artisan::call('baton:tokens'))->toBe(0);
    expect(Artisan::output())->toContain('Shop', 'hanneke@alderquill.example', 'tasks:read tasks:create', '2026-06-30');
    expect(Artisan::call('baton:tokens', ['--revoke' => $token->id]))->toBe(0);
    expect(AccessToken::query()->count())->toBe(0);
    expect(Artisan::call('baton:tokens', ['--revoke' => $token->id]))->toBe(2);

    expect(Artisan::call('baton:invite', ['email' => 'first@alderquill.example']))->toBe(2);
    expect(Artisan::call('baton:invite', ['email' => 'first@alderquill.example', '--name' => 'First']))->toBe(0);
    $link = trim(Artisan::output());
    app('auth')->forgetGuards();
    $this->post($link, ['password' => 'a heron on the quay', 'again' => 'a heron on the quay'])->assertRedirect('/');
    $first = User::query()->where('email', 'first@alderquill.example')->sole();
    expect($first->hasRole('administrator'))->toBeTrue();
    expect(Hash::check('a heron on the quay', $first->password))->toBeTrue();
});

it('refuses on the command line what is no token', function (array $given): void {
    expect(Artisan::call('baton:token', $given + ['email' => 'hanneke@alderquill.example', 'name' => 'Shop']))->toBe(2);
    expect(AccessToken::query()->count())->toBe(0);
})->with([
    [['email' => 'nobody@alderquill.example']],
    [['--may' => ['*']]],
    [['--until' => '2026-03-01']],
    [['--until' => 'soon']],
]);

<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Access\AccessToken;
use App\Models\Access\OpenSession;
use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\People\Person;
use App\People\PersonTerms;
use App\People\SavePerson;
use Database\Factories\Access\UserFactory;
use Illuminate\Support\Facades\DB;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->administrator = UserFactory::new()
        ->who(Role::Administrator)
        ->create(['name' => 'Administrator']);
    $this->actingAs($this->administrator);
});

it(
    'makes a sign-in for somebody of the house, who chooses the password by a link that is told once',
    function (): void {
        House::user('femi')->delete();
        $link = $this->postJson('/sign-ins', [
            'person' => 'femi',
            'email' => ' Femi@Alderquill.example',
            'role' => 'reviewer',
        ])
            ->assertCreated()
            ->assertHeader('Cache-Control', 'no-store, private')
            ->json('secret');
        $made = House::user('femi');
        expect($made->person?->slug)->toBe('femi');
        expect($made->name)->toBe('Femi Adeyinka');
        expect($made->getRoleNames()->all())->toBe(['reviewer']);
        expect(json_encode(DB::table('invitations')->get()) . json_encode(Activity::query()->get()))->not->toContain(
            basename($link),
        );
        app('auth')->forgetGuards();
        $this->post($link, ['password' => 'a heron on the quay', 'again' => 'a heron on the quay'])->assertRedirect(
            '/',
        );
        $this->assertAuthenticatedAs($made);
    },
);

it('refuses what is no sign-in', function (array $sent, string $field): void {
    $before = User::query()->count();
    $this->postJson('/sign-ins', $sent)
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', "/{$field}");
    expect(User::query()->count())->toBe($before);
})->with([
    'somebody who has one' => [
        ['person' => 'ayumi', 'email' => 'new@alderquill.example', 'role' => 'member'],
        'person',
    ],
    'nobody of that name' => [
        ['person' => 'nobody', 'email' => 'new@alderquill.example', 'role' => 'member'],
        'person',
    ],
    'an address that is taken, spelled otherwise' => [
        ['name' => 'X', 'email' => 'AYUMI@alderquill.example', 'role' => 'member'],
        'email',
    ],
    'no address' => [['name' => 'X', 'email' => 'somewhere', 'role' => 'member'], 'email'],
    'no name' => [['email' => 'new@alderquill.example', 'role' => 'member'], 'name'],
    'no such role' => [['name' => 'X', 'email' => 'new@alderquill.example', 'role' => 'owner'], 'role'],
]);

it(
    'ends a sign-in with its sessions, its tokens and its links, and takes it up again by a new link',
    function (): void {
        $femi = House::user('femi');
        $old = $this->postJson("/sign-ins/{$femi->id}/invite")->json('secret');
        $token = $femi->createToken('t', ['tasks:read'])->plainTextToken;
        DB::table('sessions')->insert([
            'id' => 'theirs',
            'user_id' => $femi->id,
            'payload' => '',
            'last_activity' => 0,
        ]);
        $this->post("/sign-ins/{$femi->id}/end")->assertSessionHas('done', 'The sign-in of Femi Adeyinka has ended.');
        expect(OpenSession::query()->count())->toBe(0);
        expect(AccessToken::query()->count())->toBe(0);
        expect($femi->refresh()->ended_at?->toIso8601ZuluString())->toBe('2026-03-02T10:00:00Z');
        app('auth')->forgetGuards();
        $this->post($old, ['password' => 'a heron on the quay', 'again' => 'a heron on the quay'])->assertNotFound();
        $this->getJson('/api/v1/tasks/x', ['Authorization' => "Bearer {$token}"])->assertUnauthorized();

        $new = $this->actingAs($this->administrator)
            ->postJson("/sign-ins/{$femi->id}/invite")
            ->json('secret');
        expect($femi->refresh()->maySignIn())->toBeFalse();
        app('auth')->forgetGuards();
        $this->post($new, ['password' => 'a heron on the quay', 'again' => 'a heron on the quay'])->assertRedirect('/');
        expect($femi->refresh()->maySignIn())->toBeTrue();
    },
);

it('lets nobody end their own', function (): void {
    $this->post("/sign-ins/{$this->administrator->id}/end")->assertForbidden();
    $this->post("/sign-ins/{$this->administrator->id}/sign-out")->assertForbidden();
    expect($this->administrator->refresh()->ended_at)->toBeNull();
});

it('signs somebody out everywhere', function (): void {
    foreach (['one' => 'femi', 'two' => 'femi', 'three' => 'ayumi'] as $id => $who) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => House::user($who)->id,
            'payload' => '',
            'last_activity' => 0,
        ]);
    }
    $femi = House::user('femi');
    $this->post("/sign-ins/{$femi->id}/sign-out")->assertSessionHas('done', 'Signed out at 2 places.');
    expect(OpenSession::query()->pluck('id')->all())->toBe(['three']);
});

it('makes a token that does what it says until its last day, and takes it back', function (): void {
    $task = House::arrive();
    $owner = House::user('hanneke');
    $token = $this->postJson('/tokens', [
        'user' => $owner->id,
        'name' => 'Web shop',
        'abilities' => ['tasks:read'],
        'until' => '2026-03-04',
    ])
        ->assertCreated()
        ->json('secret');
    $ask = function (string $at) use ($token, $task): int {
        Clock::set($at);
        app('auth')->forgetGuards();

        return $this->getJson("/api/v1/tasks/{$task->id}", ['Authorization' => "Bearer {$token}"])->getStatusCode();
    };
    expect($ask('2026-03-04T23:59:58Z'))->toBe(200);
    expect($ask('2026-03-05T00:00:01Z'))->toBe(401);
    expect($ask('2026-03-03T00:00:00Z'))->toBe(200);
    $this->actingAs($this->administrator)
        ->delete('/tokens/' . AccessToken::query()->sole()->id)
        ->assertSessionHas('done', 'The token Web shop is revoked.');
    expect($ask('2026-03-03T00:00:00Z'))->toBe(401);
    expect(Activity::query()->where('log_name', 'sign-in')->orderBy('id')->pluck('event')->all())->toBe([
        'token_made',
        'token_revoked',
    ]);
});

it('refuses a token that nobody should have', function (array $sent, string $field): void {
    $this->postJson(
        '/tokens',
        $sent + [
            'user' => House::user('hanneke')->id,
            'name' => 'Shop',
            'abilities' => ['tasks:read'],
            'until' => '2026-06-01',
        ],
    )
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', "/{$field}");
    expect(AccessToken::query()->count())->toBe(0);
})->with([
    [['abilities' => ['*']], 'abilities/0'],
    [['abilities' => []], 'abilities'],
    [['abilities' => ['tasks:read', 'tasks:read']], 'abilities/0'],
    [['until' => '2026-03-02'], 'until'],
    [['until' => '2031-01-01'], 'until'],
    [['until' => 'never'], 'until'],
    [['user' => 'nobody'], 'user'],
    [['name' => ''], 'name'],
]);

it('joins a sign-in to somebody of the house, by address or by hand, and parts them', function (): void {
    $make = fn(array $more) => $this->postJson('/sign-ins', $more + ['name' => 'Una', 'role' => 'member']);
    $free = Person::query()->create([
        'slug' => 'una',
        'name' => 'Una',
        'email' => 'una@alderquill.example',
        'position' => 9,
    ]);
    $make(['email' => 'Una@alderquill.example'])->assertCreated();
    $user = User::query()->where('email', 'una@alderquill.example')->sole();
    expect($free->refresh()->user_id)->toBe($user->id);
    $this->putJson("/sign-ins/{$user->id}/person", ['person' => null])->assertOk();
    expect($free->refresh()->user_id)->toBeNull();
    // Somebody who has another one is not taken.
    $this->putJson("/sign-ins/{$user->id}/person", ['person' => 'femi'])->assertUnprocessable();
    $this->putJson("/sign-ins/{$user->id}/person", ['person' => 'una'])->assertOk();
    $this->putJson("/sign-ins/{$user->id}/person", ['person' => 'una'])->assertUnprocessable();
    expect($free->refresh()->user_id)->toBe($user->id);
    expect(
        Activity::query()
            ->whereIn('event', ['joined', 'parted'])
            ->pluck('event')
            ->all(),
    )->toBe(['parted', 'joined']);
    $this->actingAs(House::user('hanneke'))
        ->putJson("/sign-ins/{$user->id}/person", ['person' => null])
        ->assertForbidden();
});

it('joins somebody new to the sign-in of their address, and nobody again who was parted by hand', function (): void {
    $this->postJson('/sign-ins', [
        'name' => 'Una',
        'email' => 'una@alderquill.example',
        'role' => 'member',
    ])->assertCreated();
    $user = User::query()->where('email', 'una@alderquill.example')->sole();
    $save = fn(string $name) => app(SavePerson::class)(
        Person::query()->where('email', 'una@alderquill.example')->value('slug'),
        new PersonTerms(['name' => $name, 'email' => 'una@alderquill.example'], []),
        Actor::user($this->administrator),
    );
    expect($save('Una')->refresh()->user_id)->toBe($user->id);
    $this->putJson("/sign-ins/{$user->id}/person", ['person' => null])->assertOk();
    app()->forgetScopedInstances();
    expect($save('Una B.')->refresh()->user_id)->toBeNull();
});

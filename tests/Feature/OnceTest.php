<?php

declare(strict_types=1);

use App\Access\AcceptInvitation;
use App\Access\Actor;
use App\Access\InviteUser;
use App\Access\MakeSignIn;
use App\Coverage\BeginCoverage;
use App\House\SaveChecklist;
use App\House\SaveField;
use App\House\SaveKind;
use App\Http\Requests\Whole;
use App\Http\TakenMeanwhile;
use App\Models\Absences\Absence;
use App\Models\Access\AuditRecord;
use App\Models\Access\Role;
use App\Models\Access\SignInAttempt;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Comment;
use App\Refusals\NameTaken;
use App\Rules\LockedDraft;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Validator;
use OpenBaton\Core\Subject\Completion;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it('tells what is made twice at one moment as taken, with its place, whatever it is', function (): void {
    $lead = Actor::user(House::user('hanneke'));
    $signIn = static fn() => app(MakeSignIn::class)('Anybody', 'ayumi@alderquill.example', Role::Member, null, $lead);
    try {
        DB::transaction($signIn);
        $this->fail('A sign-in was made twice.');
    } catch (UniqueConstraintViolationException $error) {
        expect(array_keys(TakenMeanwhile::of($error)->errors()))->toBe(['email']);
    }
    $made = [
        static fn() => app(SaveField::class)->define('task', 'Colour', 'text', null, $lead),
        static fn() => app(SaveKind::class)(null, 'Polish', 30, [], null, new Completion(), $lead),
        static fn() => app(SaveChecklist::class)(null, 'Once', ['A'], $lead),
    ];
    foreach ($made as $make) {
        app()->forgetScopedInstances();
        expect($make()->exists)->toBeTrue();
        app()->forgetScopedInstances();
        expect($make)->toThrow(NameTaken::class);
    }
});

it('accepts an invitation once', function (): void {
    $user = House::user('ayumi');
    $secret = app(InviteUser::class)($user, Actor::user(House::user('hanneke')));
    expect(app(AcceptInvitation::class)($secret, 'three wise monkeys')?->id)->toBe($user->id);
    expect(app(AcceptInvitation::class)($secret, 'another password'))->toBeNull();
    expect(AuditRecord::query()->where('event', 'password_chosen')->count())->toBe(1);
});

it('takes the same absence, and being ill today, once', function (): void {
    $ask = ['person' => 'ayumi', 'days' => true, 'first' => '2026-03-09', 'last' => '2026-03-10', 'kind' => 'leave'];
    foreach ([1, 2] as $time) {
        $this->actingAs(House::user('ayumi'))->post('/absences', $ask)->assertSessionHasNoErrors();
        $this->actingAs(House::user('hanneke'))->post('/people/femi/ill')->assertSessionHasNoErrors();
    }
    expect(Absence::query()->count())->toBe(2);
    expect(
        AuditRecord::query()
            ->whereIn('event', ['absence_asked', 'absence_entered'])
            ->count(),
    )->toBe(2);
});

it('says of what is not there that it is not there, and records nothing', function (string $method, string $url): void {
    House::user('hanneke')->syncRoles([Role::Lead->value, Role::Administrator->value]);
    $before = AuditRecord::query()->count();
    $this->actingAs(House::user('hanneke'))->json($method, $url)->assertNotFound();
    expect(AuditRecord::query()->count())->toBe($before);
})->with([
    ['DELETE', '/roster/teams/choir'],
    ['DELETE', '/roster/skills/choir'],
    ['DELETE', '/places/nowhere'],
    ['DELETE', '/tokens/4711'],
]);

it('refuses whole numbers beyond any type as out of bounds', function (mixed $value): void {
    $validator = Validator::make(['n' => $value], ['n' => [new Whole(1, 500)]], ['n.*' => 'Give a number.']);
    expect($validator->errors()->all())->toBe(['Give a number.']);
    $task = House::arrive();
    $this->actingAs(House::user('ayumi'))
        ->postJson("/tasks/{$task->id}/complete", ['spent' => $value, 'revision' => 1])
        ->assertStatus(422);
})->with([['1e400'], [str_repeat('9', 400)], [1e300], [-1], ['12.5'], ['٣'], ['0x10']]);

it('has no other rule for whole numbers', function (): void {
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path())) as $file) {
        if (
            $file instanceof SplFileInfo &&
            $file->getExtension() === 'php' &&
            preg_match(
                "/'(integer|numeric|digits[a-z_]*)(:[^']*)?'[,\\]]/",
                (string) file_get_contents($file->getPathname()),
            ) === 1
        ) {
            $found[] = $file->getFilename();
        }
    }
    expect($found)->toBe([]);
});

it('writes nothing for whoever has to wait at signing in', function (): void {
    for ($try = 0; $try < 8; ++$try) {
        $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => 'wrong']);
    }
    $before = SignInAttempt::query()->orderBy('key')->get()->toArray();
    $written = [];
    DB::listen(static function ($query) use (&$written): void {
        $written = [...$written, ...preg_match('/^(insert|update|delete)/', $query->sql) === 1 ? [$query->sql] : []];
    });
    $this->post('/sign-in', ['email' => 'ayumi@alderquill.example', 'password' => 'wrong'])->assertSessionHasErrors(
        'email',
    );
    expect(SignInAttempt::query()->orderBy('key')->get()->toArray())->toBe($before);
    expect($written)->toBe([]);
});

it('counts a token as one however it is spelled', function (): void {
    $token = House::user('hanneke')->createToken('shop', ['tasks:read'], now()->addYear())->plainTextToken;
    $limiter = RateLimiter::limiter('api') ?? throw new LogicException();
    $keys = [];
    foreach ([$token, '0' . $token, '000' . $token] as $spelled) {
        app('auth')->forgetGuards();
        $this->withToken($spelled)->getJson('/api/v1/tasks/x')->assertNotFound();
        $keys[] = $limiter(request())->key;
    }
    expect(array_unique($keys))->toHaveCount(1);
    expect($keys[0])->toStartWith('token ');
});

it('sends nobody back to a page of another house', function (): void {
    $wrong = fn(string $from) => $this->withHeader('referer', $from)->post('/sign-in', [
        'email' => 'nobody@alderquill.example',
        'password' => 'wrong',
    ]);
    foreach (['https://elsewhere.example/x', rtrim(url('/'), '/') . '.elsewhere.example/x'] as $foreign) {
        $wrong($foreign)->assertRedirect(url('/'));
    }
    $wrong(url('/sign-in'))->assertRedirect(url('/sign-in'));
});

it('lets a task be shown by speaking to somebody only where whoever speaks may change it', function (): void {
    $task = House::arrive();
    $task->watchers()->sync([House::person('femi')->id]);
    $speak = fn(string $who, string $to) => $this->actingAs(House::user($who))->post("/tasks/{$task->id}/comment", [
        'body' => 'Look',
        'mentions' => [$to],
    ]);
    $speak('femi', 'tobias')->assertSessionHasErrors([
        'mentions' => 'Tobias Lindqvist does not see this task. Whoever has it, or a lead, can speak to them.',
    ]);
    expect(Comment::query()->count())->toBe(0);
    $speak('femi', 'ayumi')->assertSessionHasNoErrors();
    $speak('ayumi', 'tobias')->assertSessionHasNoErrors();
    $this->actingAs(House::user('tobias'))
        ->get("/tasks/{$task->id}")
        ->assertOk();
});

it('does not take what fails after a commit for a failure of what was committed', function (): void {
    $this->app->bind(BeginCoverage::class, static fn() => throw new RuntimeException('The queue is not there.'));
    $rules = array_values((array) RulebookVersion::query()->published()->sole()->rules);
    $revision = $this->actingAs(House::user('hanneke'))
        ->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])
        ->assertOk()
        ->json('revision');
    $this->post('/rulebook/publish', ['revision' => $revision])
        ->assertRedirect('/rulebook')
        ->assertSessionHas('done', 'Version 2 is published.');
});

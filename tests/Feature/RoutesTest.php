<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\Absences\StandInEvent;
use App\Models\Access\Invitation;
use App\Models\Access\Role;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerLink;
use App\Models\Customers\CustomerMerge;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\CustomField;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskList;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use Database\Factories\Absences\AbsenceFactory;
use Database\Factories\Access\UserFactory;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use OpenBaton\Core\Chain\CutReason;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\Guides;
use Tests\Support\House;
use Tests\Support\LetsIn;
use Tests\Support\Levellings;
use Tests\Support\Messages;
use Tests\Support\Reminders;
use Tests\Support\RightHouseRequests;
use Tests\Support\Rollouts;
use Tests\Support\Runsheets;
use Tests\Support\Sweeps;

/** Who has no page of their own finds none. */
const REFUSED = [401, 403, 404];

/** @return list<string> "METHOD path" of each route that is not about a certain task */
function routesWithoutTask(): array
{
    $found = [];
    /** @var Route $route */
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        if (!str_contains($route->uri(), 'tasks/{task}') && !str_starts_with($route->uri(), 'api/')) {
            $found[] =
                $route->methods()[0] .
                ' ' .
                str_replace(['?}', 'calendar/{secret}'], ['}', 'calendar/{feed}'], $route->uri());
        }
    }
    sort($found);

    return $found;
}

/** Whether somebody gets beyond the question of who asks. */
function isLetIn(mixed $test, string $who, string $route, array $sent): bool
{
    [$method, $path] = explode(' ', $route);
    app()->forgetScopedInstances();
    app('auth')->forgetGuards();
    Cache::flush();
    if ($who !== 'guest') {
        $test->actingAs($test->users[$who]);
    }
    $answer = $test->call(
        $method,
        '/' . ltrim(strtr($path, $test->values), '/'),
        $sent,
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json'],
    );
    expect($answer->getStatusCode())->toBeLessThan(500, "{$who}, {$route}: {$answer->getStatusCode()}");
    // Whoever is signed in is sent in at the door.
    $isInAlready =
        $who !== 'guest' && in_array($route, ['GET sign-in', 'POST sign-in'], true) && $answer->isRedirect(url('/'));

    return !in_array($answer->getStatusCode(), REFUSED, true) && !$isInAlready;
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Http::fake(['*' => Http::response("BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\nEND:VCALENDAR\r\n")]);
    $absence = AbsenceFactory::new()
        ->of('callum')
        ->asked()
        ->create(['slug' => 'a']);
    $event = StandInEvent::query()->create([
        'name' => 'Callum Rees',
        'first_day' => '2026-03-09',
        'last_day' => '2026-03-10',
    ]);
    $secret = str_repeat('a', 48);
    Invitation::query()->create([
        'user_id' => House::user('femi')->id,
        'token' => Invitation::digest($secret),
        'expires_at' => now()->addDay(),
    ]);
    $task = House::arrive();
    CustomerLink::query()->create([
        'task_id' => $task->id,
        'secret' => CustomerLink::digest($secret),
        'made_at' => now(),
    ]);
    $cut = ChainCut::query()->create([
        'task_id' => $task->id,
        'reason' => CutReason::Circle,
        'rules' => [],
        'at' => now(),
    ]);
    $customer = Customer::query()->firstOrFail();
    $gone = $customer->replicate()->fill(['slug' => 'gone']);
    $gone->save();
    $merge = CustomerMerge::query()->create([
        'kept_id' => $customer->id,
        'gone_id' => $gone->id,
        'taken' => [],
        'at' => now(),
    ]);
    $named = TaskList::query()->create(['user_id' => House::user('hanneke')->id, 'name' => 'Late', 'query' => []]);
    $notice = Notice::query()->create([
        'person_id' => House::person('callum')->id,
        'task_id' => $task->id,
        'kind' => NoticeKind::cases()[0],
        'at' => now(),
    ]);
    $this->values = [
        '{absence}' => $absence->id,
        '{duty}' => Duties::known()->slug,
        'runs/{run}' => 'runs/' . Runsheets::ofNothing()->id,
        ...['{runsheet}' => 'newcomer', '{rollout}' => Rollouts::begun()->id],
        '{event}' => $event->id,
        '{person}' => 'callum',
        '{sweep}' => ($sweeps = Sweeps::ids())['sweep'],
        'sweep-runs/{run}' => "sweep-runs/{$sweeps['run']}",
        '{levelling}' => Levellings::id(),
        ...Cases::ids(),
        ...['{place}' => 'the-holms', '{list}' => 'teams'],
        '{slug}' => 'brass-bench',
        '{secret}' => $secret,
        '{what}' => 'customers',
        '{import}' => RightHouseRequests::import(),
        '{named}' => $named->id,
        '{merge}' => $merge->id,
        '{feed}' => str_repeat('f', 48),
        '{signature}' => str_repeat('a', 32),
        '{session}' => hash('sha256', 'x'),
        '{user}' => House::user('femi')->id,
        '{until}' => $notice->id,
        '{notice}' => $notice->id,
        '{token}' => (string) House::user('femi')->createToken('t', [])->accessToken->getKey(),
        'unplaced/{task}' => "unplaced/{$task->id}",
        '{cut}' => $cut->id,
        '{message}' => (string) Messages::held($task)->id,
        '{post}' => (string) Messages::taken()->id,
        '{channel}' => 'mail',
        '{reminder}' => Reminders::ofRepairs()->id,
        '{alert}' => 'unplaced',
        '{guide}' => Guides::ofRepairs()->slug,
        '{picture}' => Guides::picture()->id,
        '{customer}' => $customer->id,
        ...RightHouseRequests::ofDecision($task, $customer),
        '{field}' => CustomField::query()->where('path', 'task.value')->sole()->id,
        '{kind}' => TaskKind::query()->where('slug', 'quote')->sole()->id,
        '{checklist}' => Checklist::query()->sole()->id,
        '{version}' => RulebookVersion::query()->published()->sole()->id,
    ];
    House::user('tobias')->syncRoles([Role::Reviewer->value]);
    $this->users = [
        'nobody here' => UserFactory::new()->create(),
        'member' => House::user('ayumi'),
        'whose' => House::user('callum'),
        'reviewer' => House::user('tobias'),
        'lead' => House::user('hanneke'),
        'administrator' => UserFactory::new()->who(Role::Administrator)->create(),
    ];
});

it('has an entry for each route, and no other', function (): void {
    $entries = array_keys(LetsIn::table());
    sort($entries);
    expect($entries)->toBe(routesWithoutTask());
});

it('lets in whom it is for, and nobody else', function (): void {
    $found = [];
    foreach (LetsIn::table() as $route => [, $sent]) {
        foreach (['guest', ...LetsIn::SIGNED_IN] as $who) {
            DB::beginTransaction();
            $found[$route][] = isLetIn($this, $who, $route, $sent) ? $who : null;
            DB::rollBack();
        }
    }
    expect(array_map(static fn(array $in): array => array_values(array_filter($in)), $found))->toBe(
        array_map(static fn(array $entry): array => $entry[0], LetsIn::table()),
    );
});

/** Tables of which nothing may change. */
const WATCHED =
    'people teams places absences houses stand_in_events calendar_feeds users invitations ' .
    'personal_access_tokens customers task_kinds fields checklists rulebook_versions tasks chain_cuts messages ' .
    'guides duties runsheets runs run_blocks rollouts rollout_nodes';

it('changes nothing for whom it does not let in', function (): void {
    $rows = static fn(): array => array_map(
        static fn(string $table): array => DB::table($table)
            ->orderBy('id')
            ->get()
            ->map(static fn(object $row): array => (array) $row)
            ->all(),
        explode(' ', WATCHED),
    );
    $before = $rows();
    foreach (LetsIn::table() as $route => [$in, $sent]) {
        foreach (array_diff(LetsIn::SIGNED_IN, $in) as $who) {
            expect(isLetIn($this, $who, $route, $sent))->toBeFalse("{$who}, {$route}");
        }
    }
    expect($rows())->toBe($before);
});

it('shows a draft to those who write rules, wherever there is one', function (
    string $who,
    int $status,
    bool $shown,
): void {
    app(SaveDraft::class)(
        [['name' => 'Unheard-of'] + House::roundRule()],
        LockedDraft::revision(),
        Actor::user(House::user('hanneke')),
    );
    $draft = RulebookVersion::query()->draft()->sole();
    $this->actingAs($this->users[$who]);
    $this->getJson("/rulebook/versions/{$draft->id}")->assertStatus($status);
    $this->getJson("/rulebook/export?version={$draft->id}")->assertStatus($status);
    $this->getJson('/rulebook/coverage?revision=' . LockedDraft::revision())->assertStatus($status);
    expect(str_contains((string) $this->get('/rulebook')->assertOk()->getContent(), 'Unheard-of'))->toBe($shown);
})->with([['member', 403, false], ['reviewer', 403, false], ['lead', 200, true], ['administrator', 200, true]]);

<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\People\Place;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Rollouts\BeginRollouts;
use App\Rollouts\MakeRollout;
use Carbon\CarbonImmutable;
use Database\Factories\Absences\AbsenceFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Rollouts;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Rollouts::places();
    $this->actingAs(House::user('hanneke'));
});

/** @return list<string> titles and holders of the tasks that rollouts have made */
function rolledOut(): array
{
    return Task::query()
        ->where('source', TaskSource::Rollout)
        ->with('assignee')
        ->orderBy('number')
        ->get()
        ->map(static fn(Task $task): string => "{$task->title}: {$task->assignee?->slug}")
        ->all();
}

it('lists every task with whoever answers, the loads and the gaps, and makes nothing', function (): void {
    $plan = $this->postJson('/rollouts/preview', Rollouts::document())->assertOk()->json('plan');
    // Nobody answers for Greater Sulla; those come first.
    expect(
        array_map(
            static fn(array $one): array => [$one['name'], $one['holder']['slug'] ?? null, $one['from']],
            $plan['tasks'],
        ),
    )->toBe([
        ['Greater Sulla Music School', null, null],
        ['Greater Sulla Primary School', null, null],
        ['The Holms Music School', 'tobias', 'The Holms'],
        ['The Holms Primary School', 'tobias', 'The Holms'],
    ]);
    expect([$plan['total'], $plan['gaps'], count($plan['people']), $plan['people'][0]['tasks']])->toBe([4, 2, 1, 2]);
    expect([Rollout::query()->count(), Task::query()->count()])->toBe([0, 0]);
});

it('tells who stands in for whoever is away then', function (): void {
    $absence = AbsenceFactory::new()
        ->of('tobias')
        ->during(CarbonImmutable::now()->subDay(), CarbonImmutable::now()->addDays(5))
        ->create();
    $absence->syncSubstitutes([House::person('femi')->id]);
    DB::table('houses')->increment('roster_revision');
    $plan = $this->postJson('/rollouts/preview', Rollouts::document())->assertOk()->json('plan');
    expect($plan['tasks'][2]['standsIn']['person']['slug'])->toBe('femi');
    expect($plan['people'][0]['person']['slug'])->toBe('femi');
    // Next week they are back.
    app()->forgetScopedInstances();
    $later = ['start' => '2026-03-16', 'hidden' => true];
    $plan = $this->postJson('/rollouts/preview', Rollouts::document($later))->json('plan');
    expect($plan['tasks'][2]['standsIn'])->toBeNull();
});

it('says what stands against it, and keeps nothing of it', function (): void {
    $faults = $this->postJson('/rollouts/preview', Rollouts::document(['task_kind' => 'gone', 'holder' => 'lead']))
        ->assertOk()
        ->json('faults');
    expect(array_column($faults, 'pointer'))->toBe(['/task_kind', '/holder']);
    $dates = ['start' => '2026-03-09', 'due' => '2026-03-04'];
    $this->postJson('/rollouts', Rollouts::document($dates))->assertUnprocessable();
    $none = ['branches' => ['gone']];
    $this->postJson('/rollouts', Rollouts::document($none))->assertUnprocessable();
    expect(Rollout::query()->count())->toBe(0);
});

it('makes a task for each, once, for whoever answers, and by the rules where nobody does', function (): void {
    $id = $this->postJson('/rollouts', Rollouts::document(['due' => '2026-03-13']))->assertCreated()->json('rollout');
    $rollout = Rollout::query()->findOrFail($id);
    expect($rollout->state)->toBe(RolloutState::Made);
    $tasks = rolledOut();
    expect($tasks)->toHaveCount(4)->toContain('Autumn check, The Holms Music School (The Holms): tobias');
    expect(Task::query()->where('title', 'like', '%Greater Sulla%')->whereNotNull('assignee_id')->count())->toBe(2);
    // What is made is not made again.
    $rollout->update(['state' => RolloutState::Making]);
    foreach ($rollout->leaves as $node) {
        Rollouts::make($node);
    }
    MakeRollout::dispatchSync($rollout->id);
    expect(rolledOut())->toBe($tasks);
});

it('makes them when it starts, not before, where they are not to be seen', function (): void {
    $rollout = Rollouts::begin(['start' => '2026-03-09', 'due' => '2026-03-20', 'hidden' => true]);
    expect([$rollout->state, rolledOut()])->toBe([RolloutState::Planned, []]);
    app(BeginRollouts::class)(CarbonImmutable::now()->addDay());
    expect(rolledOut())->toBe([]);
    Clock::set('2026-03-09T08:00:00Z');
    app(BeginRollouts::class)(CarbonImmutable::now());
    expect(rolledOut())->toHaveCount($rollout->leaves()->count());
    expect($rollout->refresh()->state)->toBe(RolloutState::Made);
});

it('is stopped and taken up again, and taken up where its worker is gone', function (): void {
    Queue::fake();
    $rollout = Rollouts::begin();
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'stop'])->assertOk();
    app()->call([new MakeRollout($rollout->id), 'handle']);
    Rollouts::make($rollout->leaves()->firstOrFail());
    expect(rolledOut())->toBe([]);
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'stop'])->assertStatus(409);
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'go_on'])->assertOk();
    expect($rollout->refresh()->state)->toBe(RolloutState::Making);
    Queue::assertPushed(MakeRollout::class, 2);
    app(BeginRollouts::class)(CarbonImmutable::now()->addMinute());
    Queue::assertPushed(MakeRollout::class, 2);
    app(BeginRollouts::class)(CarbonImmutable::now()->addMinutes(5));
    Queue::assertPushed(MakeRollout::class, 3);
});

it('tries again what could not be made, once somebody says so', function (): void {
    Queue::fake();
    $rollout = Rollouts::begin();
    $rollout
        ->leaves()
        ->firstOrFail()
        ->update(['state' => NodeState::Failed]);
    app()->call([new MakeRollout($rollout->id), 'handle']);
    expect([$rollout->refresh()->state, count(rolledOut())])->toBe([RolloutState::Made, 3]);
    $page = $this->get("/rollouts/{$rollout->id}")
        ->assertOk()
        ->viewData('page')['props'];
    expect([$page['rollout']['failed'], $page['can']])->toBe([1, ['go_on', 'take_back', 'remind']]);
    app()->forgetScopedInstances();
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'go_on'])->assertOk();
    app()->call([new MakeRollout($rollout->id), 'handle']);
    expect([$rollout->refresh()->state, count(rolledOut())])->toBe([RolloutState::Made, 4]);
    app()->forgetScopedInstances();
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'go_on'])->assertStatus(409);
});

it('is taken back while nobody has begun, and not after', function (): void {
    $rollout = Rollouts::begin();
    $task = Task::query()->where('source', TaskSource::Rollout)->firstOrFail();
    $task->update(['status' => TaskStatus::Working]);
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'take_back'])->assertStatus(409);
    $task->update(['status' => TaskStatus::New]);
    app()->forgetScopedInstances();
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'take_back'])->assertOk();
    expect($rollout->refresh()->state)->toBe(RolloutState::TakenBack);
    expect(Task::query()->where('source', TaskSource::Rollout)->open()->count())->toBe(0);
    expect(RolloutNode::query()->where('state', NodeState::Made)->count())->toBe(0);
});

it('shows the tree with what is done, late and open, and reminds', function (): void {
    $rollout = Rollouts::begin(['due' => '2026-03-03']);
    [$done] = Task::query()->where('title', 'like', '%Greater Sulla%')->orderBy('number')->get()->all();
    $done->update(['status' => TaskStatus::Done, 'completed_at' => CarbonImmutable::now()]);
    Clock::set('2026-03-05T10:00:00Z');
    app()->forgetScopedInstances();
    $page = $this->get("/rollouts/{$rollout->id}")
        ->assertOk()
        ->viewData('page')['props'];
    $rows = array_column($page['rows'], null, 'name');
    $total = $rollout->leaves()->count();
    expect([$rows['Islands']['tasks'], $rows['Islands']['done'], $rows['Islands']['late']])->toBe([
        $total,
        1,
        $total - 1,
    ]);
    expect([$rows['Greater Sulla']['tasks'], $rows['Greater Sulla']['done'], $rows['Greater Sulla']['depth']])->toBe([
        2,
        1,
        1,
    ]);
    expect($page['can'])->toBe(['remind']);
    $this->postJson("/rollouts/{$rollout->id}/deed", ['deed' => 'remind'])->assertJsonPath('reminded', $total - 1);
    expect(
        Notice::query()
            ->where(['kind' => NoticeKind::Reminded, 'person_id' => House::person('tobias')->id])
            ->count(),
    )->toBe(2);
});

it('comes again with its days moved', function (): void {
    $rollout = Rollouts::begin(['start' => '2026-03-09', 'due' => '2026-03-31', 'hidden' => true]);
    $document = $this->get("/rollouts/{$rollout->id}/again")
        ->assertOk()
        ->viewData('page')['props']['document'];
    expect([$document['start'], $document['due'], $document['name']])->toBe([
        '2026-06-09',
        '2026-06-30',
        'Autumn check',
    ]);
});

it('asks no more of the database for many tasks than for few', function (): void {
    $queries = function (Rollout $rollout): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get("/rollouts/{$rollout->id}")->assertOk();
        $this->get('/rollouts')->assertOk();
        $this->postJson('/rollouts/preview', Rollouts::document())->assertOk();

        return count(DB::getQueryLog());
    };
    $few = Rollouts::begin(['branches' => [Place::query()->where('slug', 'the-holms')->sole()->id]]);
    $queries($few);
    $before = $queries($few);
    $many = Rollouts::begin();
    expect($many->leaves()->count())->toBeGreaterThan($few->leaves()->count());
    expect($queries($many))->toBe($before);
});

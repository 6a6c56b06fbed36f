<?php

declare(strict_types=1);

use App\Levelling\FindProblem;
use App\Levelling\SteerLevelling;
use App\Levelling\WorkOutLevelling;
use App\Models\Access\AuditRecord;
use App\Models\Events\Notice;
use App\Models\Levelling\LevelledMove;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/LevellingFunctions.php';

beforeEach(function (): void {
    $this->tasks = benchInNeed();
});

it('works out who else should have what, and says what it is worth', function (): void {
    $page = levelPage($this, levelled($this));
    expect($page['levelling']['state'])->toBe('ready');
    expect($page['levelling']['result'])->toBe(['before' => 624, 'after' => 144, 'bound' => 0, 'moves' => 2]);
    $plan = $page['plan'];
    expect($plan['before'])->toBe(['late' => 624, 'peak' => 286, 'moves' => 0, 'breaks' => 0]);
    expect($plan['after'])->toBe(['late' => 144, 'peak' => 143, 'moves' => 2, 'breaks' => 0]);
    expect(array_column($plan['groups'], 'saves'))->toBe([240, 240]);
    $moves = array_merge(...array_column($plan['groups'], 'moves'));
    expect(array_unique(array_column(array_column($moves, 'from'), 'slug')))->toBe(['ayumi']);
    expect(array_column(array_column($moves, 'to'), 'slug'))->toEqualCanonicalizing(['femi', 'callum']);
    // Four hours at four fifths of the time.
    expect(array_unique(array_column($moves, 'finishAfter')))->toBe(['2026-03-02T15:00:00Z']);
    expect(array_column($plan['people'], 'lateAfter', 'slug'))->toBe(['ayumi' => 144, 'callum' => 0, 'femi' => 0]);
    expect(Task::query()->where('assignee_id', House::person('ayumi')->id)->count())->toBe(4);
});

it('weighs anew what is left once some of it is left out, for whoever looks', function (): void {
    $levelling = levelled($this);
    $mark = levelPage($this, $levelling)['progress']['mark'];
    leaveGroup($this, $levelling, 1);
    $page = levelPage($this, $levelling);
    expect($page['plan']['after'])->toBe(['late' => 384, 'peak' => 215, 'moves' => 1, 'breaks' => 0]);
    expect(array_column($page['plan']['groups'], 'saves'))->toBe([null, 240]);
    expect($page['progress']['mark'])->not->toBe($mark);
    leaveGroup($this, $levelling, 1, false);
    expect(levelPage($this, $levelling)['progress']['mark'])->toBe($mark);
});

it('moves in one go what was chosen, recorded as levelled, and takes it back as one', function (): void {
    $levelling = levelled($this);
    leaveGroup($this, $levelling, 2);
    $before = holdersNow($this);
    Clock::set('2026-03-02T10:05:00Z');
    level($this, $levelling, 'apply');
    $moved = LevelledMove::query()->where('came', LevelledMove::MOVED)->firstOrFail();
    expect(LevelledMove::query()->whereNotNull('came')->count())->toBe(1);
    expect($moved->task?->assignee_id)->toBe($moved->to_id);
    $handoff = Handoff::query()->latest('id')->firstOrFail();
    expect([$handoff->cause, $handoff->task_id, $handoff->from_id, $handoff->to_id])->toBe([
        HandoffCause::Levelled,
        $moved->task_id,
        $moved->from_id,
        $moved->to_id,
    ]);
    expect($this->get("/tasks/{$moved->task_id}")->getContent())->toContain('Hanneke de Wit levelled the work');
    expect(
        Notice::query()
            ->where('task_id', $moved->task_id)
            ->where('at', '2026-03-02 10:05:00')
            ->whereIn('person_id', [$moved->from_id, $moved->to_id])
            ->count(),
    )->toBe(2);
    level($this, $levelling, 'apply', 409);

    Clock::set('2026-03-02T10:10:00Z');
    level($this, $levelling, 'undo');
    expect(holdersNow($this))->toBe($before);
    expect($levelling->refresh()->state)->toBe(LevellingState::Undone);
    expect(
        AuditRecord::query()
            ->whereIn('event', ['levelled', 'levelling_undone'])
            ->orderBy('id')
            ->pluck('event')
            ->all(),
    )->toBe(['levelled', 'levelling_undone']);
    level($this, $levelling, 'undo', 409);
});

it('leaves where it is what is not as it was any more, and says so', function (): void {
    $levelling = levelled($this);
    [$first, $second] = $levelling->moves()->get()->all();
    Task::query()
        ->whereKey($first->task_id)
        ->update(['status' => TaskStatus::Working]);
    level($this, $levelling, 'apply');
    expect($first->refresh()->came)->toBe(LevelledMove::OTHERWISE);
    expect($second->refresh()->came)->toBe(LevelledMove::MOVED);
    expect($first->task()->firstOrFail()->assignee_id)->toBe(House::person('ayumi')->id);
});

it('moves nothing to whoever takes no work by now, and says where nothing is left', function (): void {
    $levelling = levelled($this);
    foreach (['femi', 'callum'] as $slug) {
        House::person($slug)->update(['intake_paused_until' => '2026-03-05T09:00:00Z']);
    }
    DB::table('houses')->increment('roster_revision');
    level($this, $levelling, 'apply', 409);
    expect(array_unique(holdersNow($this)))->toBe(['ayumi']);
    expect($levelling->refresh()->state)->toBe(LevellingState::Ready);
});

it('does not take back what somebody has begun with', function (): void {
    $levelling = levelled($this);
    level($this, $levelling, 'apply');
    $move = $levelling->moves()->firstOrFail();
    $this->actingAs(House::user((string) $move->to?->slug))
        ->post("/tasks/{$move->task_id}/start")
        ->assertRedirect();
    expect(levelPage($this, $levelling)['begun'])->toBe(1);
    level($this, $levelling, 'undo', 409);
    expect($move->task()->firstOrFail()->assignee_id)->toBe($move->to_id);
});

it('keeps to what the lead asks', function (array $terms, int $moves, int $late): void {
    $result = levelPage($this, levelled($this, $terms))['levelling']['result'];
    expect([$result['moves'], $result['after']])->toBe([$moves, $late]);
})->with([
    'one move' => [['most_moves' => 1], 1, 384],
    'moves that save more than four hours' => [['least_saving' => 241], 0, 624],
    'few moves first of all' => [['first' => 'moves'], 0, 624],
    'one team' => [['teams' => ['brass-bench']], 2, 144],
    'only what is due today' => [['days' => 1], 2, 144],
]);

it('moves what is begun only where that is wanted', function (): void {
    Task::query()->update(['status' => TaskStatus::Working]);
    expect(levelPage($this, levelled($this))['plan']['groups'])->toBe([]);
    $levelling = levelled($this, ['working' => true]);
    expect(levelPage($this, $levelling)['plan']['groups'])->toHaveCount(2);
    level($this, $levelling, 'apply');
    expect(levelPage($this, $levelling)['begun'])->toBe(0);
});

it('is stopped with what it has, and is not begun twice', function (): void {
    Queue::fake();
    $levelling = levelled($this);
    level($this, $levelling, 'stop');
    $job = new WorkOutLevelling($levelling->id);
    app()->call($job->handle(...));
    app()->call($job->handle(...));
    expect([$levelling->refresh()->state, $levelling->why])->toBe([LevellingState::Ready, 'stopped']);
    expect($levelling->moves()->count())->toBe(2);
    level($this, $levelling, 'stop', 409);
});

it('says that there is too much to look at, and what it can’t be', function (): void {
    Queue::fake();
    $levelling = levelled($this);
    $row = array_diff_key($this->tasks[0]->getAttributes(), ['idempotency_key' => 0]);
    foreach (array_chunk(range(1, FindProblem::MOST), 500) as $numbers) {
        DB::table('tasks')->insert(
            array_map(
                static fn(int $n): array => ['id' => sprintf('01J00000000000000000%06d', $n), 'number' => 90_000 + $n] +
                    $row,
                $numbers,
            ),
        );
    }
    app()->call((new WorkOutLevelling($levelling->id))->handle(...));
    expect([$levelling->refresh()->state, $levelling->why])->toBe([LevellingState::Failed, 'too_many']);
    (new WorkOutLevelling(levelled($this)->id))->failed();
    expect(Levelling::query()->latest('id')->firstOrFail()->why)->toBe('failed');
});

it('asks as often of the database however much is moved', function (): void {
    $count = function (int $tasks): int {
        Task::query()
            ->whereNotIn('id', Task::query()->limit($tasks)->pluck('id'))
            ->update(['due_at' => '2026-05-01 17:00:00']);
        $levelling = levelled($this, ['first' => 'peak']);
        levelPage($this, $levelling);
        DB::enableQueryLog();
        DB::flushQueryLog();
        levelPage($this, $levelling);

        return count(DB::getQueryLog());
    };
    for ($n = 5; $n <= 12; ++$n) {
        House::arrive(title: "Horn {$n}");
    }
    Task::query()->update(['assignee_id' => House::person('ayumi')->id, 'due_at' => '2026-03-02 17:00:00']);
    $many = $count(12);
    expect($count(2))->toBe($many);
});

it('looks as far as so many working days of the house', function (string $at, int $days, string $until): void {
    Clock::set($at);
    Queue::fake();
    expect(levelled($this, ['days' => $days])->until->toIso8601ZuluString())->toBe($until);
})->with([
    'today' => ['2026-03-02T10:00:00Z', 1, '2026-03-03T00:00:00Z'],
    'in the evening the next day' => ['2026-03-02T18:00:00Z', 1, '2026-03-04T00:00:00Z'],
    'at a weekend' => ['2026-03-07T10:00:00Z', 5, '2026-03-14T00:00:00Z'],
    'four weeks' => ['2026-03-02T10:00:00Z', 20, '2026-03-28T00:00:00Z'],
]);

it('forgets plans that nobody took', function (): void {
    $levelling = levelled($this);
    $taken = levelled($this);
    level($this, $taken, 'apply');
    Clock::set(CarbonImmutable::now()->addDays(8)->toIso8601ZuluString());
    Levelling::query()->make()->pruneAll();
    expect(Levelling::query()->pluck('id')->all())->toBe([$taken->id]);
    expect(SteerLevelling::BUDGET)->toBeGreaterThan(10_000);
});

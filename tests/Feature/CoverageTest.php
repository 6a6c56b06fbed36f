<?php

declare(strict_types=1);

use App\Bridge\Houses;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Coverage\CoveragePiece;
use App\Coverage\CoverageRuns;
use App\Coverage\RecordedArrivals;
use App\Coverage\WorkOutCoverage;
use App\Models\Events\RecordedEvent;
use App\Models\House\CustomField;
use App\Models\Rules\CoverageCount;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use App\Rules\LockedDraft;
use App\Tasks\AskReview;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Time\Zone;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, int> tasks by "day rule before" */
function counted(CoverageRun $run): array
{
    $counts = [];
    foreach ($run->counts()->orderBy('day')->orderBy('rule')->get() as $count) {
        $counts[trim("{$count->day->format('m-d')} {$count->rule} {$count->rule_before}")] = $count->tasks;
    }

    return $counts;
}

function published(): CoverageRun
{
    return CoverageRun::query()
        ->where('rulebook_version_id', RulebookVersion::query()->published()->sole()->id)
        ->where('revision', 0)
        ->sole();
}

/** @return array<int, mixed> all recent arrivals */
function arrivals(int $after = 0, int $most = 1000): array
{
    $house = app(SnapshotSource::class)->current();

    return (new RecordedArrivals($house->catalogue, new Zone($house->zone)))->after($after, $most);
}

it('counts the work of each day by the rule that takes it, and goes on where it left off', function (): void {
    House::arrive();
    House::arrive('quote');
    $this->travelTo(CarbonImmutable::parse('2026-03-03T10:00:00Z'));
    House::arrive();
    $this->artisan('baton:tick');
    $run = published();
    // Three arrivals, and what two of them made of their tasks.
    expect(counted($run))
        ->toBe(['03-02' => 1, '03-02 round round' => 1, '03-03 round round' => 1])
        ->and($run->only(['done', 'total', 'through']))
        ->toBe(['done' => 5, 'total' => 5, 'through' => Task::query()->max('number')])
        ->and($run->finished_at)
        ->not->toBeNull();

    House::arrive();
    $this->artisan('baton:tick');
    expect(counted(published())['03-03 round round'])
        ->toBe(2)
        ->and(CoverageRun::query()->count())
        ->toBe(1);
});

it('asks for nothing where nothing has come', function (): void {
    House::arrive();
    $this->artisan('baton:tick');
    Queue::fake();
    $this->artisan('baton:tick');
    Queue::assertNothingPushed();
    House::arrive();
    $this->artisan('baton:tick');
    Queue::assertPushed(WorkOutCoverage::class, 1);
});

it('leaves out what is no longer recent, and takes what is', function (): void {
    House::arrive();
    $first = CarbonImmutable::parse('2026-03-02T00:00:00Z');
    $this->travelTo($first->addDays(config()->integer('baton.recent_days')));
    expect(RecordedArrivals::countAfter(0))->toBe(1)->and(arrivals())->toHaveCount(1);
    $this->travelTo($first->addDays(config()->integer('baton.recent_days') + 1));
    expect(RecordedArrivals::countAfter(0))->toBe(0)->and(arrivals())->toBe([]);
});

it('reads arrivals as they were recorded, a piece at a time', function (): void {
    $one = House::arrive(facts: ['task.family' => 'brass', 'task.value' => 12.5]);
    $two = House::arrive('quote');
    $all = arrivals();
    expect(array_keys($all))
        ->toBe([$one->number, $two->number])
        ->and($all[$one->number]->facts->value('task.value'))
        ->toBe(1250)
        ->and($all[$one->number]->facts->value('task.family'))
        ->toBe('brass')
        ->and($all[$one->number]->at)
        ->toBe(CarbonImmutable::now()->getTimestamp())
        ->and(array_keys(arrivals($one->number)))
        ->toBe([$two->number])
        ->and(array_keys(arrivals(0, 1)))
        ->toBe([$one->number]);
});

it('takes a value that the fields no longer have for a missing one', function (): void {
    $task = House::arrive(facts: ['task.family' => 'brass']);
    CustomField::query()
        ->where('path', 'task.family')
        ->sole()
        ->update(['options' => ['strings' => 'Strings']]);
    DB::table('houses')->increment('roster_revision');
    expect(arrivals()[$task->number]->facts->value('task.family'))
        ->toBeNull()
        ->and(arrivals()[$task->number]->facts->value('task.kind'))
        ->toBe('bench-repair');
});

it('holds a draft against what is published, and forgets earlier drafts', function (): void {
    House::arrive();
    House::arrive('quote');
    $save = fn(array ...$rules) => $this->putJson('/rulebook/draft', [
        'rules' => $rules,
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $quotes = House::rule(
        'quotes',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
    $save(House::roundRule());
    $first = CoverageRun::query()->where('revision', '>', 0)->sole();
    expect(counted($first))
        ->toBe(['03-02' => 1, '03-02 round round' => 1])
        ->and($first->examples)
        ->toBe([]);

    $save(House::roundRule(), $quotes);
    $second = CoverageRun::query()->where('revision', '>', 0)->sole();
    expect($second->id)
        ->not->toBe($first->id)
        ->and(counted($second))
        ->toBe(['03-02 quotes' => 1, '03-02 round round' => 1])
        ->and(array_column($second->examples, 'number'))
        ->toBe([Task::query()->max('number')])
        ->and(CoverageCount::query()->where('coverage_run_id', $first->id)->count())
        ->toBe(0);
});

it('keeps no run of a draft that was published or thrown away', function (): void {
    $save = fn() => $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])->json('revision');
    $revision = $save();
    expect(CoverageRun::query()->where('revision', '>', 0)->count())->toBe(1);
    $this->post('/rulebook/publish', ['revision' => $revision])->assertSessionMissing('problem');
    expect(CoverageRun::query()->where('revision', '>', 0)->count())->toBe(0);
    $revision = $save();
    $this->delete('/rulebook/draft', ['revision' => $revision]);
    expect(CoverageRun::query()->where('revision', '>', 0)->count())->toBe(0);
});

it('counts a piece once, whichever of two workers is first', function (): void {
    House::arrive();
    House::arrive();
    $run = CoverageRun::query()
        ->create([
            'rulebook_version_id' => RulebookVersion::query()->published()->sole()->id,
            'revision' => 9,
            'examples' => [],
        ])
        ->refresh();
    $rules = app(RulebookReader::class)->compiled($run->rulebook_version_id);
    $piece = arrivals();
    expect(CoveragePiece::ofArrivals($run->id, $piece, $rules, $rules))
        ->toBeTrue()
        ->and(CoveragePiece::ofArrivals($run->id, $piece, $rules, $rules))
        ->toBeTrue()
        ->and(counted($run))
        ->toBe(['03-02 round round' => 2])
        ->and($run->refresh()->done)
        ->toBe(2);
    $run->delete();
    expect(CoveragePiece::ofArrivals($run->id, $piece, $rules, $rules))->toBeFalse();
});

it('works nothing out for a run that is gone', function (): void {
    $run = CoverageRuns::forPublished(RulebookVersion::query()->published()->sole());
    $run->delete();
    (new WorkOutCoverage($run->id))->handle(app(Houses::class), app(RulebookReader::class), app(TaskSubjects::class));
    expect(CoverageCount::query()->count())->toBe(0);
});

it('says how far it is, and is there at once on the page', function (): void {
    House::arrive();
    Queue::fake();
    $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $coverage = $this->getJson('/rulebook/coverage?revision=' . LockedDraft::revision())->json('coverage');
    expect($coverage['finished'])->toBeFalse()->and($coverage['done'])->toBe(0);
    Queue::assertPushed(WorkOutCoverage::class);
});

it('asks for the same number of rows whatever the history', function (): void {
    $queries = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/rulebook/coverage?revision=0')->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    House::arrive();
    $this->artisan('baton:tick');
    $queries();
    $few = $queries();
    for ($more = 0; $more < 10; ++$more) {
        House::arrive($more % 2 === 0 ? 'quote' : 'bench-repair');
    }
    $this->artisan('baton:tick');
    expect($queries())->toBe($few);
});

it('counts what a draft would do on what other rules make of a task', function (): void {
    House::arrive();
    $this->putJson('/rulebook/draft', [
        'rules' => [
            House::roundRule(),
            [
                'id' => 'given',
                'name' => 'Given',
                'when' => [['kind' => 'holder_changes']],
                'then' => [['kind' => 'priority', 'priority' => 'high']],
            ],
        ],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    expect($this->getJson('/rulebook/coverage?revision=' . LockedDraft::revision())->json('coverage.strip.acts'))->toBe(
        ['given' => 1, 'round' => 1],
    );
});

it('counts what rules do on every kind of event, and what they would do by a draft', function (): void {
    House::publish(
        House::roundRule(),
        [
            'id' => 'checked',
            'name' => 'Checked',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]],
            'then' => [['kind' => 'tag', 'tag' => 'checked']],
        ],
        [
            'id' => 'said',
            'name' => 'Said',
            'when' => [['kind' => 'comment_added', 'by' => 'anyone'], ['kind' => 'tag_on', 'tags' => ['checked']]],
            'then' => [['kind' => 'priority', 'priority' => 'high']],
        ],
    );
    $task = House::arrive();
    $user = House::user((string) $task->assignee?->slug);
    app(AskReview::class)($task, null, $user);
    $this->actingAs(House::user('hanneke'))
        ->post("/tasks/{$task->id}/comment", ['body' => 'Well?'])
        ->assertSessionHasNoErrors();
    $this->artisan('baton:tick');
    $acts = static fn(CoverageRun $run): array => $run->acts()->orderBy('rule')->pluck('times', 'rule')->all();
    expect($acts(published()))
        ->toBe(['checked' => 1, 'round' => 1, 'said' => 2])
        ->and(published()->done)
        ->toBe(1 + RecordedEvent::query()->where('kind', 'task_changed')->count());

    $this->putJson('/rulebook/draft', [
        'rules' => [
            House::roundRule(),
            [
                'id' => 'gone',
                'name' => 'Gone',
                'when' => [['kind' => 'status_leaves', 'statuses' => ['new']]],
                'then' => [['kind' => 'priority', 'priority' => 'low']],
            ],
        ],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    expect($acts(CoverageRun::query()->where('revision', '>', 0)->sole()))
        ->toBe(['gone' => 1, 'round' => 1])
        ->and($this->getJson('/rulebook/coverage')->json('coverage.strip.acts'))
        ->toBe(['checked' => 1, 'round' => 1, 'said' => 2]);

    $this->travel(config()->integer('baton.recent_days') + 2)->days();
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect(RecordedEvent::query()->where('kind', 'task_changed')->count())->toBe(0);
});

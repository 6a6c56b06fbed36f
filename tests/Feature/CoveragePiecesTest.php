<?php

declare(strict_types=1);

use App\Bridge\Houses;
use App\Bridge\RulebookReader;
use App\Bridge\TaskSubjects;
use App\Coverage\CoveragePiece;
use App\Coverage\CoverageRuns;
use App\Coverage\WorkOutCoverage;
use App\Models\Events\RecordedEvent;
use App\Models\Rules\CoverageCount;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\Tasks\AskReview;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Support\House;

require_once __DIR__ . '/CoverageFunctions.php';

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
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
    expect(CoveragePiece::ofArrivals($run->id, $piece, $rules, $rules))->toBeTrue();
    expect(CoveragePiece::ofArrivals($run->id, $piece, $rules, $rules))->toBeTrue();
    expect(counted($run))->toBe(['03-02 round round' => 2]);
    expect($run->refresh()->done)->toBe(2);
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
    expect($coverage['finished'])->toBeFalse();
    expect($coverage['done'])->toBe(0);
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
    expect($acts(published()))->toBe(['checked' => 1, 'round' => 1, 'said' => 2]);
    expect(published()->done)->toBe(1 + RecordedEvent::query()->where('kind', 'task_changed')->count());

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
    expect($acts(CoverageRun::query()->where('revision', '>', 0)->sole()))->toBe(['gone' => 1, 'round' => 1]);
    expect($this->getJson('/rulebook/coverage')->json('coverage.strip.acts'))->toBe([
        'checked' => 1,
        'round' => 1,
        'said' => 2,
    ]);

    $this->travel(config()->integer('baton.recent_days') + 2)->days();
    $this->artisan('baton:prune-events')->assertSuccessful();
    expect(RecordedEvent::query()->where('kind', 'task_changed')->count())->toBe(0);
});

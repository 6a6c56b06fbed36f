<?php

declare(strict_types=1);

use App\Coverage\RecordedArrivals;
use App\Coverage\WorkOutCoverage;
use App\Models\House\CustomField;
use App\Models\Rules\CoverageCount;
use App\Models\Rules\CoverageRun;
use App\Models\Tasks\Task;
use App\Rules\LockedDraft;
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

it('counts the work of each day by the rule that takes it, and goes on where it left off', function (): void {
    House::arrive();
    House::arrive('quote');
    $this->travelTo(CarbonImmutable::parse('2026-03-03T10:00:00Z'));
    House::arrive();
    $this->artisan('baton:tick');
    $run = published();
    // Three arrivals, and what two of them made of their tasks.
    expect(counted($run))->toBe(['03-02' => 1, '03-02 round round' => 1, '03-03 round round' => 1]);
    expect($run->only(['done', 'total', 'through']))->toBe([
        'done' => 5,
        'total' => 5,
        'through' => Task::query()->max('number'),
    ]);
    expect($run->finished_at)->not->toBeNull();

    House::arrive();
    $this->artisan('baton:tick');
    expect(counted(published())['03-03 round round'])->toBe(2);
    expect(CoverageRun::query()->count())->toBe(1);
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
    expect(RecordedArrivals::countAfter(0))->toBe(1);
    expect(arrivals())->toHaveCount(1);
    $this->travelTo($first->addDays(config()->integer('baton.recent_days') + 1));
    expect(RecordedArrivals::countAfter(0))->toBe(0);
    expect(arrivals())->toBe([]);
});

it('reads arrivals as they were recorded, a piece at a time', function (): void {
    $one = House::arrive(facts: ['task.family' => 'brass', 'task.value' => 12.5]);
    $two = House::arrive('quote');
    $all = arrivals();
    expect(array_keys($all))->toBe([$one->number, $two->number]);
    expect($all[$one->number]->facts->value('task.value'))->toBe(1250);
    expect($all[$one->number]->facts->value('task.family'))->toBe('brass');
    expect($all[$one->number]->at)->toBe(CarbonImmutable::now()->getTimestamp());
    expect(array_keys(arrivals($one->number)))->toBe([$two->number]);
    expect(array_keys(arrivals(0, 1)))->toBe([$one->number]);
});

it('takes a value that the fields no longer have for a missing one', function (): void {
    $task = House::arrive(facts: ['task.family' => 'brass']);
    CustomField::query()
        ->where('path', 'task.family')
        ->sole()
        ->update(['options' => ['strings' => 'Strings']]);
    DB::table('houses')->increment('roster_revision');
    expect(arrivals()[$task->number]->facts->value('task.family'))->toBeNull();
    expect(arrivals()[$task->number]->facts->value('task.kind'))->toBe('bench-repair');
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
    expect(counted($first))->toBe(['03-02' => 1, '03-02 round round' => 1]);
    expect($first->examples)->toBe([]);

    $save(House::roundRule(), $quotes);
    $second = CoverageRun::query()->where('revision', '>', 0)->sole();
    expect($second->id)->not->toBe($first->id);
    expect(counted($second))->toBe(['03-02 quotes' => 1, '03-02 round round' => 1]);
    expect(array_column($second->examples, 'number'))->toBe([Task::query()->max('number')]);
    expect(CoverageCount::query()->where('coverage_run_id', $first->id)->count())->toBe(0);
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

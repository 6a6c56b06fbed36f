<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/** @param list<string> $ids */
function startsOnMany(string $runsheet, array $ids, string $who = 'hanneke'): TestResponse
{
    app()->forgetScopedInstances();

    return test()
        ->actingAs(House::user($who))
        ->postJson('/runs/many', ['runsheet' => $runsheet, 'ids' => $ids]);
}

it('starts a runsheet on each of several tasks, and says on which it could not and why', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    [$fresh, $closed, $begun] = [House::arrive(), House::arrive(), House::arrive()];
    Task::query()
        ->whereKey($closed->id)
        ->update(['status' => 'done']);
    startsOnMany('large-repair', [$begun->id])
        ->assertOk()
        ->assertExactJson(['done' => 1, 'refused' => []]);
    startsOnMany('large-repair', [$fresh->id, $closed->id, $begun->id])
        ->assertOk()
        ->assertExactJson([
            'done' => 1,
            'refused' => [
                ['number' => (int) $closed->number, 'said' => 'What it would be of is closed.'],
                ['number' => (int) $begun->number, 'said' => '“Large repair” goes on there already.'],
            ],
        ]);
    expect(Run::query()->orderBy('id')->pluck('task_id')->all())->toBe([$begun->id, $fresh->id]);
    // Each has gone on to its first steps.
    expect(Runsheets::taskOf(Run::query()->where('task_id', $fresh->id)->sole(), 'diagnosis')->assignee?->slug)->toBe(
        'femi',
    );
});

it('starts one about cases on several cases', function (): void {
    Runsheets::ofCases();
    $cases = [Cases::open(['owner' => 'femi']), Cases::open(['owner' => 'callum'])];
    startsOnMany('calls', array_column($cases, 'id'))->assertOk()->assertJsonPath('done', 2);
    expect(Run::query()->orderBy('id')->pluck('case_id')->all())->toBe(array_column($cases, 'id'));
});

it('starts nothing for those who lead nothing, of no runsheet, or on too many', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    $task = House::arrive();
    startsOnMany('large-repair', [$task->id], 'femi')->assertForbidden();
    startsOnMany('none', [$task->id])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/runsheet');
    startsOnMany('large-repair', [])->assertUnprocessable();
    startsOnMany(
        'large-repair',
        array_map(static fn(): string => strtolower((string) Str::ulid()), range(1, 201)),
    )->assertUnprocessable();
    expect(Run::query()->count())->toBe(0);
});

it('offers leads the published ones in the lists of tasks and of cases', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    Runsheets::ofCases();
    $sheets = function (string $url, string $who): array {
        app()->forgetScopedInstances();

        return $this->actingAs(House::user($who))->get($url)->assertOk()->viewData('page')['props']['sheets'];
    };
    expect($sheets('/tasks', 'hanneke'))->toBe([['value' => 'large-repair', 'label' => 'Large repair']]);
    expect($sheets('/cases', 'hanneke'))->toBe([['value' => 'calls', 'label' => 'Calls']]);
    expect($sheets('/tasks', 'femi'))->toBe([]);
});

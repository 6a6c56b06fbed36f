<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Foresight\WorkOutForesight;
use App\House\SaveField;
use App\Models\Foresight\Forecast;
use App\Models\Tasks\Task;
use App\Tasks\HandOnTask;
use Tests\Support\Clock;
use Tests\Support\House;

/** @param array<string, mixed>|null $load as in a roster document */
function measureHouseBy(mixed $test, ?array $load): void
{
    $test
        ->actingAs(House::user('hanneke'))
        ->putJson('/roster/house', [
            'document' => array_filter([
                'zone' => 'Europe/Dublin',
                'hours' => House::roster()['house']['hours'],
                'load' => $load,
            ]),
        ])
        ->assertOk();
}

function heldInPoints(string $who, int|float|null $points): Task
{
    $task = House::arrive(facts: $points === null ? [] : ['task.points' => $points]);
    app(HandOnTask::class)($task, House::person($who), 'Knows it', House::user('hanneke'));
    Task::query()
        ->whereKey($task->id)
        ->update(['due_at' => '2026-03-02 17:00:00']);

    return $task->refresh();
}

/** @return array<string, mixed> the lane of somebody */
function laneOf(mixed $test, string $who): array
{
    app()->forgetScopedInstances();
    $lanes = $test->actingAs(House::user('hanneke'))->get('/floor')->viewData('page')['props']['lanes'];

    return array_column($lanes, null, 'slug')[$who];
}

// A Monday; the house is open from nine to five.
beforeEach(function (): void {
    Clock::set('2026-03-02T09:00:00Z');
    House::open();
    app(SaveField::class)->define('task', 'Points', 'number', null, Actor::system('test'), false);
});

it('measures the load of the house in a number of its own, and that which people can do', function (): void {
    measureHouseBy($this, ['field' => 'task.points', 'a_day' => 8, 'where_empty' => 2]);
    heldInPoints('femi', 5.5);
    heldInPoints('femi', null);
    heldInPoints('femi', 3);
    expect(laneOf($this, 'femi')['days'][0])
        ->toMatchArray(['capacity' => 800, 'planned' => 800, 'late' => 250])
        ->and(laneOf($this, 'femi')['tooLate'])
        ->toBeGreaterThan(0);
    $status = $this->get('/floor')->viewData('page')['props']['status'];
    expect($status['measure'])->toBe(['of' => 'field', 'name' => 'Points']);
});

it('measures it in tasks, as many of somebody as is said of them', function (): void {
    measureHouseBy($this, ['a_day' => 4]);
    $this->putJson('/people/femi', [
        'document' => ['name' => 'Femi Adeyinka', 'capacity' => ['percent' => 80, 'amount_a_day' => 1.5]],
        'teams' => ['brass-bench' => ['weight' => 100]],
    ])->assertOk();
    heldInPoints('femi', 50);
    heldInPoints('femi', null);
    expect(laneOf($this, 'femi')['days'][0])
        ->toMatchArray(['capacity' => 150, 'planned' => 150, 'late' => 50])
        ->and(laneOf($this, 'ayumi')['days'][0]['capacity'])
        ->toBe(400);
    measureHouseBy($this, null);
    expect(laneOf($this, 'femi')['days'][0]['capacity'])->toBe(384);
});

it('goes by it where a rule gives to whoever has the least to do', function (): void {
    measureHouseBy($this, ['field' => 'task.points', 'a_day' => 8]);
    heldInPoints('ayumi', 6);
    heldInPoints('femi', 1);
    heldInPoints('femi', 1);
    heldInPoints('callum', 7);
    House::publish(
        House::rule(
            'lightest',
            ['all' => []],
            [
                'pool' => ['kind' => 'team', 'team' => 'brass-bench', 'with_sub_teams' => false, 'with_lead' => true],
                'method' => ['kind' => 'lightest_load'],
                'limits' => [],
                'otherwise' => ['kind' => 'unplaced'],
            ],
        ),
    );
    expect(House::arrive(facts: ['task.points' => 3])->assignee_id)->toBe(House::person('femi')->id);
});

it('foresees in it', function (): void {
    measureHouseBy($this, ['a_day' => 4]);
    heldInPoints('femi', null);
    House::publish(House::roundRule());
    app()->call((new WorkOutForesight())->handle(...));
    $day = Forecast::query()->findOrFail('team:brass-bench')->days[0];
    expect($day)->toMatchArray(['capacity' => 3 * 400, 'known' => 100]);
});

it('keeps it when the roster goes out and comes in, and refuses a field that is none', function (): void {
    measureHouseBy($this, ['field' => 'task.points', 'a_day' => 8, 'where_empty' => 2]);
    $out = json_decode((string) $this->actingAs(House::user('hanneke'))->get('/roster/export')->getContent(), true);
    expect($out['house']['load'])->toEqual(['field' => 'task.points', 'a_day' => 8, 'where_empty' => 2]);
    $this->putJson('/roster/house', [
        'document' => ['zone' => 'Europe/Dublin', 'load' => ['field' => 'task.gone', 'a_day' => 8]],
    ])->assertUnprocessable();
    expect(app(SnapshotSource::class)->current()->roster->measure->field)->toBe('task.points');
});

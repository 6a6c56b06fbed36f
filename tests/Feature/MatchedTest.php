<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Bridge\WorkReader;
use App\Models\Rules\CoverageRun;
use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/CoverageFunctions.php';
require_once __DIR__ . '/CoverFunctions.php';

/** @return array<string, mixed> */
function matching(): array
{
    return House::rule(
        'match',
        ['all' => []],
        [
            'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
            'method' => ['kind' => 'best_match', 'skill' => 'brass', 'skill_weight' => 0, 'load_weight' => 0],
        ],
    );
}

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
});

it('gives to whoever has done work for the customer', function (): void {
    House::publish(matching());
    $first = House::arrive(customer: 'holms-school');
    expect($first->assignee?->slug)->toBe('ayumi');
    $this->travel(1)->hours();
    // Femi was given nothing, which weighs as much as knowing the customer, and she comes after Ayumi.
    expect(House::arrive(customer: 'holms-school')->assignee?->slug)->toBe('femi');
    $first->update(['status' => TaskStatus::Done]);
    $this->travel(1)->hours();
    $known = House::arrive(customer: 'holms-school');
    expect($known->assignee?->slug)->toBe('ayumi');
    $trail = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$known->id}")
        ->assertOk();
    expect(json_encode($trail->viewData('page')))->toContain('knows the customer 100');
});

it('asks who knows the customer in one query, however many there are', function (): void {
    House::publish(matching());
    foreach (range(1, 6) as $number) {
        House::arrive(customer: 'holms-school')->update(['status' => TaskStatus::Done]);
    }
    $house = app(SnapshotSource::class)->current();
    $customer = House::arrive(customer: 'holms-school')->customer_id;
    DB::enableQueryLog();
    $work = WorkReader::of(new Needs(['ayumi', 'femi', 'tobias'], [], [], [(string) $customer]), $house);
    // What they hold together, what they hold, and whom they know.
    expect(DB::getQueryLog())->toHaveCount(3);
    expect(
        array_map(static fn(string $id): bool => $work->held($id)->knows((string) $customer), [
            'ayumi',
            'femi',
            'tobias',
        ]),
    )->toBe([true, true, false]);
});

it('puts substitutes in the places of those who are away, and gives the work back', function (): void {
    $rule = matching();
    $rule['give'] = [
        'substitutes' => true,
        'pool' => ['kind' => 'people', 'people' => ['callum', 'femi']],
        'method' => ['kind' => 'round_robin', 'rotation' => 'Bench'],
    ];
    House::publish($rule);
    away('callum', '2026-03-02', '2026-03-03', ['tobias']);
    $task = House::arrive();
    expect($task->assignee?->slug)->toBe('tobias');
    expect(House::arrive()->assignee?->slug)->toBe('femi');
    $trail = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->assertOk();
    expect(json_encode($trail->viewData('page')))->toContain('with substitutes');

    $this->travelTo(CarbonImmutable::parse('2026-03-04T10:00:00Z'));
    $this->artisan('baton:tick')->assertSuccessful();
    expect($task->refresh()->assignee?->slug)->toBe('callum');
    // Tobias has had Callum's turn, so that it is nobody's more than the other's.
    expect(House::arrive()->assignee?->slug)->toBe('callum');
});

it('counts what came on a weekday by a rule that asks for it, whenever that was written', function (): void {
    House::publish(House::roundRule());
    House::arrive();
    $this->travelTo(CarbonImmutable::parse('2026-03-03T10:00:00Z'));
    House::arrive();
    House::arrive();
    $tuesdays = House::rule(
        'tuesdays',
        ['field' => 'moment.weekday', 'op' => 'is', 'value' => 'tuesday'],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
    $soon = House::rule(
        'soon',
        ['field' => 'task.arrived', 'op' => 'after', 'value' => ['now' => '-1 days']],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
    $this->actingAs(House::user('hanneke'))
        ->putJson('/rulebook/draft', ['rules' => [$tuesdays, $soon], 'revision' => LockedDraft::revision()])
        ->assertOk();
    expect(counted(CoverageRun::query()->where('revision', '>', 0)->sole()))->toBe([
        '03-02 soon round' => 1,
        '03-03 tuesdays round' => 2,
    ]);
});

it('lets a rule say whom it gives to outside of working hours', function (): void {
    $onCall = House::rule(
        'on-call',
        [
            'all' => [
                ['field' => 'moment.house_open', 'op' => 'is', 'value' => false],
                ['field' => 'moment.time', 'op' => 'between', 'value' => ['18:00', '07:00']],
            ],
        ],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
    House::publish($onCall, House::roundRule());
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    $this->travelTo(CarbonImmutable::parse('2026-03-03T02:30:00Z'));
    expect(House::arrive()->assignee?->slug)->toBe('tobias');
});

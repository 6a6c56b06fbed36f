<?php

declare(strict_types=1);

use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> what comes of a rule that is saved in the draft below the round rule */
function triedRule(array $rule): array
{
    test()
        ->putJson('/rulebook/draft', [
            'rules' => [House::roundRule(), $rule],
            'revision' => LockedDraft::revision(),
        ])
        ->assertOk();

    return test()
        ->getJson("/rulebook/try?rule={$rule['id']}")
        ->assertOk()
        ->json('trial');
}

/** For dear ones or those that are needed on a day, from Tobias or Femi. */
function dearRule(): array
{
    return House::rule(
        'dear',
        [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                [
                    'any' => [
                        ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                        ['field' => 'task.needed', 'op' => 'is_filled'],
                    ],
                ],
            ],
        ],
        ['pool' => ['kind' => 'people', 'people' => ['tobias', 'femi']], 'method' => ['kind' => 'lightest_load']],
    );
}

it('counts for each comparison by itself, and names the latest with whom they would go to', function (): void {
    House::arrive(facts: ['task.value' => 500]);
    House::arrive(facts: ['task.value' => 100]);
    $needed = House::arrive(facts: ['task.value' => 900, 'task.needed' => '2026-03-09']);
    House::arrive('quote');
    $trial = triedRule(dearRule());
    expect($trial['counts'])->toBe(['/if/all/0' => 3, '/if/all/1/any/0' => 2, '/if/all/1/any/1' => 1]);
    expect([$trial['looked'], $trial['held']])->toBe([4, 2]);
    expect(array_column($trial['tasks'], 'id')[0])->toBe($needed->id);
    expect(array_column($trial['tasks'], 'before'))->toBe(['Rule round', 'Rule round']);
    // Femi has two hours of work of her own; Tobias has nothing.
    expect(array_column(array_column($trial['tasks'], 'pick'), 'slug'))->toBe(['tobias', 'tobias']);
    expect($trial['tasks'][0]['summary'])->toEndWith('lightest load → Tobias Lindqvist');
});

it('counts what is finished of a rule that is not', function (): void {
    House::arrive(facts: ['task.value' => 500]);
    $rule = dearRule();
    unset($rule['give']['pool']);
    $rule['if']['all'][] = ['field' => 'task.family', 'op' => ''];
    $trial = triedRule($rule);
    expect($trial['counts'])->toBe(['/if/all/0' => 1, '/if/all/1/any/0' => 1, '/if/all/1/any/1' => 0]);
    expect([$trial['held'], $trial['tasks']])->toBe([null, []]);
    $single = ['if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']] + $rule;
    expect(triedRule($single)['counts'])->toBe(['/if' => 0]);
});

it('looks at what happened for a rule that waits for it', function (): void {
    $rule = dearRule();
    $rule['when'] = [['kind' => 'status_becomes', 'statuses' => ['working']]];
    $rule['if'] = ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'];
    $first = House::arrive();
    House::arrive();
    $this->actingAs(House::user('ayumi'));
    $this->post("/tasks/{$first->id}/start", ['revision' => $first->revision])->assertSessionHasNoErrors();
    expect($first->refresh()->status)->toBe(TaskStatus::Working);
    $this->actingAs(House::user('hanneke'));
    $trial = triedRule($rule);
    expect([$trial['looked'], $trial['held'], array_column($trial['tasks'], 'id')])->toBe([1, 1, [$first->id]]);
});

it('asks the database no more for many tasks', function (): void {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/rulebook/try?rule=dear')->assertOk();

        return count(DB::getQueryLog());
    };
    House::arrive(facts: ['task.value' => 500]);
    House::arrive(facts: ['task.value' => 500]);
    triedRule(dearRule());
    $few = $count();
    foreach (range(1, 8) as $number) {
        House::arrive(facts: ['task.value' => 500]);
    }
    expect($count())->toBe($few);
});

it('is for those who write rules', function (): void {
    $this->getJson('/rulebook/try?rule=none')
        ->assertOk()
        ->assertExactJson(['trial' => null]);
    $this->getJson('/rulebook/try')->assertStatus(422);
    $this->actingAs(House::user('ayumi'))->getJson('/rulebook/try?rule=round')->assertForbidden();
});

<?php

declare(strict_types=1);

use App\Coverage\RecentOfRun;
use App\Models\Rules\CoverageRun;
use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Check\RecentWork;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    House::publish(House::roundRule(), dearWhateverRule());
    $this->actingAs(House::user('hanneke'));
    foreach ([500, 600, 700, 10, 20] as $value) {
        House::arrive(facts: ['task.value' => $value]);
    }
    House::arrive('quote', ['task.value' => 500]);
    House::arrive('quote', ['task.value' => 5]);
});

/** What is dear, whatever it is: the round rule above has the repairs of it. */
function dearWhateverRule(): array
{
    return House::rule(
        'dear',
        ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
        ['pool' => ['kind' => 'people', 'people' => ['tobias', 'ayumi']], 'method' => ['kind' => 'in_order']],
    );
}

/** @return list<string> */
function saidLately(string $kind): array
{
    $found = test()->getJson('/rulebook/findings')->assertOk()->json('findings');

    return array_values(
        array_column(array_filter($found, static fn(array $one): bool => $one['kind'] === $kind), 'say'),
    );
}

it('counts what met which rule, and what nobody was given', function (): void {
    $this->getJson('/rulebook/coverage')->assertOk();
    $run = CoverageRun::query()->where('revision', 0)->latest('id')->firstOrFail();
    expect($run->whole_at)->not->toBeNull();
    expect(RecentOfRun::of($run))->toEqual(
        new RecentWork(
            ['round' => ['round' => 5], 'dear' => ['round' => 3, 'dear' => 1]],
            [
                'quote' => [
                    '' => ['' => 1],
                    'task.priority' => ['normal' => 1],
                    'task.source' => ['by_hand' => 1],
                    'task.status' => ['new' => 1],
                ],
            ],
        ),
    );
    // What is older than the last weeks no longer counts.
    $this->travel(config()->integer('baton.recent_days') + 1)->days();
    expect(RecentOfRun::of($run))->toEqual(new RecentWork([], []));
});

it('says so of the rules, and no longer once the rule stands above', function (): void {
    $this->getJson('/rulebook/coverage')->assertOk();
    expect(saidLately('partly_hidden'))->toBe([
        'Of 4 tasks of the last weeks that meet this, “Rule round” takes 3 before.',
    ]);
    $save = fn(array ...$rules): TestResponse => $this->putJson('/rulebook/draft', [
        'rules' => $rules,
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $save(dearWhateverRule(), House::roundRule());
    expect(saidLately('partly_hidden'))->toBe([]);
    $save(House::roundRule(), dearWhateverRule());
    expect(saidLately('partly_hidden'))->toHaveCount(1);
    $save(House::roundRule());
    expect(saidLately('gap'))->toContain('No rule gives “Quote” to anybody. 2 came in the last weeks.');
});

it('stays set aside however much comes', function (): void {
    $this->getJson('/rulebook/coverage')->assertOk();
    $signature = fn(): string => collect($this->getJson('/rulebook/findings')->json('findings'))->firstWhere(
        'kind',
        'partly_hidden',
    )['signature'];
    $before = $signature();
    House::arrive(facts: ['task.value' => 900]);
    $this->getJson('/rulebook/coverage')->assertOk();
    $this->travel(61)->minutes();
    expect(saidLately('partly_hidden'))->toBe([
        'Of 5 tasks of the last weeks that meet this, “Rule round” takes 4 before.',
    ]);
    expect($signature())->toBe($before);
});

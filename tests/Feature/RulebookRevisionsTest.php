<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Rules\LockedDraft;
use Illuminate\Testing\TestResponse;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\House;
use Tests\Support\OpenPage;

require_once __DIR__ . '/RulebookFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('does not overwrite what somebody else saved', function (): void {
    $seen = LockedDraft::revision();
    $this->putJson('/rulebook/draft', ['rules' => [quoteRule()], 'revision' => $seen])->assertOk();
    $this->putJson('/rulebook/draft', ['rules' => [], 'revision' => $seen])
        ->assertConflict()
        ->assertHeader('Content-Type', 'application/problem+json');
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules)->toHaveCount(1);
});

it('does not take a draft for one that was there before it', function (): void {
    $first = $this->putJson('/rulebook/draft', ['rules' => [quoteRule()], 'revision' => LockedDraft::revision()])->json(
        'revision',
    );
    $this->delete('/rulebook/draft', ['revision' => $first])->assertRedirect('/rulebook');
    $second = $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])
        ->assertOk()
        ->json('revision');

    expect($second)->toBeGreaterThan($first);
    $this->putJson('/rulebook/draft', ['rules' => [], 'revision' => $first])->assertConflict();
    $this->postJson('/rulebook/publish', ['revision' => $first])->assertConflict();
    $this->postJson('/rulebook/publish', ['revision' => $second]);
    $this->putJson('/rulebook/draft', ['rules' => [], 'revision' => $second])->assertConflict();
});

it('takes what is saved already, its answer lost on the way, as saved', function (): void {
    $seen = LockedDraft::revision();
    $lost = $this->putJson('/rulebook/draft', ['rules' => [quoteRule()], 'revision' => $seen]);
    $again = $this->putJson('/rulebook/draft', ['rules' => [quoteRule()], 'revision' => $seen])->assertOk();
    expect($again->json())->toBe($lost->json());
    expect(
        Activity::query()
            ->where('event', 'draft_saved')
            ->whereIn('subject_id', [RulebookVersion::query()->where('state', VersionState::Draft)->sole()->id])
            ->count(),
    )->toBe(1);
});

it('refuses rules that are no list with distinct ids', function (mixed $rules): void {
    $this->putJson('/rulebook/draft', [
        'rules' => $rules,
        'revision' => LockedDraft::revision(),
    ])->assertUnprocessable();
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())->toBeFalse();
})->with([
    'a text' => ['x'],
    'a map' => [['a' => []]],
    'without ids' => [[['name' => 'x']]],
    'the same id twice' => [[['id' => 'a'], ['id' => 'a']]],
]);

it('sends the rules of a revision once, and those of a newer one', function (): void {
    $first = $this->putJson('/rulebook/draft', ['rules' => [quoteRule()], 'revision' => LockedDraft::revision()])->json(
        'revision',
    );
    $reload = OpenPage::visits() + [
        'X-Inertia-Partial-Component' => 'Rulebook/Rulebook',
        'X-Inertia-Partial-Except' => 'notice',
    ];
    $props = fn(string $known): array => $this->get("/rulebook?known={$known}", $reload)
        ->assertOk()
        ->json('props');
    expect($props("{$first}"))
        ->not->toHaveKey('rules')
        ->toHaveKeys(['draft', 'published', 'vocabulary']);
    expect($props("{$first}"))->not->toHaveKey('firstRules');
    // Also where they are asked for by name, since something of the rulebook has changed meanwhile.
    $named = ['X-Inertia-Partial-Data' => 'draft,rules,firstRules', 'X-Inertia-Partial-Except' => ''] + $reload;
    expect(array_keys($this->get("/rulebook?known={$first}", $named)->json('props')))
        ->toContain('draft')
        ->not->toContain('rules', 'firstRules');
    expect(array_column($props('')['rules'], 0))->toBe(['quotes']);
    expect(array_column($props('abc')['firstRules'], 'id'))->toBe(['quotes']);
    $this->putJson('/rulebook/draft', ['rules' => [House::roundRule(), quoteRule()], 'revision' => $first])->assertOk();
    expect(array_column($props("{$first}")['rules'], 0))->toBe(['round', 'quotes']);
    // Fetched as a whole, such as by going back to its address, it has nothing yet.
    $whole = $this->get('/rulebook?known=' . LockedDraft::revision())
        ->assertOk()
        ->viewData('page')['props'];
    expect($whole)->toHaveKeys(['rules', 'firstRules']);
});

it('sends of many rules their ids, those at the top, and others as they are asked for', function (): void {
    $rules = array_map(
        static fn(int $number): array => ['id' => "r{$number}", 'name' => "Rule {$number}"] + House::roundRule(),
        range(1, 200),
    );
    $this->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])->assertOk();
    $page = $this->get('/rulebook', OpenPage::visits())->assertOk()->json('props');
    expect(array_column($page['rules'], 0))->toBe(array_column($rules, 'id'));
    expect($page['firstRules'])->toHaveCount(30);
    expect($page['firstRules'][29]['rule'])->toBe($rules[29]);
    expect($page['firstRules'][29]['hash'])->toBe($page['rules'][29][1]);

    $asked = fn(array $ids): TestResponse => $this->getJson('/rulebook/rules?' . http_build_query(['ids' => $ids]));
    expect(
        $asked(['r150', 'gone', 'r31'])
            ->assertOk()
            ->json('rules'),
    )->toBe([
        ['id' => 'r150', 'hash' => $page['rules'][149][1], 'rule' => $rules[149]],
        ['id' => 'r31', 'hash' => $page['rules'][30][1], 'rule' => $rules[30]],
    ]);
    $asked(array_map(static fn(int $number): string => "r{$number}", range(1, 51)))
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/ids');
});

it('leaves rules as they are of which only the id is sent, wherever they go', function (): void {
    House::publish(House::roundRule(), quoteRule());
    [$round, $quotes] = RulebookVersion::query()->where('state', VersionState::Published)->sole()->rules;
    $third = ['id' => 'third', 'name' => 'Third'] + House::roundRule();
    $save = fn(array $rules, ?int $seen = null): TestResponse => $this->putJson('/rulebook/draft', [
        'rules' => $rules,
        'revision' => $seen ?? LockedDraft::revision(),
    ]);
    $draft = static fn(): array => RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules;

    // Of the rules in force, where there is no draft yet.
    $save(['quotes', $third, 'round'])
        ->assertOk()
        ->assertJson(['faults' => []]);
    expect($draft())->toBe([$quotes, $third, $round]);

    // Of the draft, where there is one; what is not named is taken away.
    $seen = LockedDraft::revision();
    $lost = $save(['third', ['name' => 'Other'] + quoteRule()], $seen)
        ->assertOk()
        ->json();
    expect($draft())->toBe([$third, ['name' => 'Other'] + quoteRule()]);

    // The same again, since the answer was lost on its way.
    expect(
        $save(['third', ['name' => 'Other'] + quoteRule()], $seen)
            ->assertOk()
            ->json(),
    )->toBe($lost);

    $save(['third', 'round'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/rules/1');
    // Somebody else has taken it away meanwhile.
    $save(['third', 'round'], $seen)->assertConflict();
    $save(['third'], $seen)->assertConflict();
    $save(['third', 'third'])->assertUnprocessable();
    expect($draft())->toBe([$third, ['name' => 'Other'] + quoteRule()]);
});

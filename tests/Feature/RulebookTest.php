<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Rules\LockedDraft;
use Illuminate\Testing\TestResponse;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\House;
use Tests\Support\OpenPage;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, mixed> quotes go to Tobias */
function quoteRule(): array
{
    return House::rule(
        'quotes',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
}

it('saves a draft, says what it would catch, publishes it, and the next task obeys', function (): void {
    House::arrive('quote');
    House::arrive();
    $saved = $this->putJson('/rulebook/draft', [
        'rules' => [quoteRule(), House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $coverage = $this->getJson('/rulebook/coverage?revision=' . $saved->json('revision'))->assertOk();
    expect($saved->json('faults'))
        ->toBe([])
        ->and($coverage->json('coverage.finished'))
        ->toBeTrue()
        ->and($coverage->json('coverage.strip'))
        ->toBe([
            'total' => 2,
            'taken' => ['quotes' => 1, 'round' => 1],
            'left' => 0,
            'acts' => ['quotes' => 1, 'round' => 1],
            'estimated' => [],
        ])
        ->and($coverage->json('coverage.changes.count'))
        ->toBe(1)
        ->and($coverage->json('coverage.changes.moves'))
        ->toBe([['from' => null, 'to' => 'Rule quotes', 'count' => 1]])
        ->and(array_column($coverage->json('coverage.changes.examples'), 'title'))
        ->toBe(['Trumpet, stuck valve']);

    expect(House::arrive('quote')->assignee)->toBeNull();
    $this->post('/rulebook/publish', ['revision' => $saved->json('revision'), 'note' => 'Quotes'])->assertRedirect(
        '/rulebook',
    );
    expect(House::arrive('quote')->assignee?->slug)
        ->toBe('tobias')
        ->and(RulebookVersion::query()->orderBy('number')->pluck('state')->all())
        ->toBe([VersionState::Earlier, VersionState::Published]);
});

it('keeps an unfinished rule, says what is wrong with it, and does not publish it', function (): void {
    $unfinished = [
        'id' => 'half',
        'name' => 'Half',
        'when' => [['kind' => 'task_arrives']],
        'give' => ['pool' => ['kind' => 'team', 'team' => 'choir']],
    ];
    $saved = $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule(), $unfinished],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    expect($saved->json('faults'))
        ->toBe([
            ['pointer' => '/rules/1/give/pool/team', 'reason' => 'There is no team "choir".', 'unfinished' => false],
            ['pointer' => '/rules/1/give', 'reason' => '"method" is missing.', 'unfinished' => true],
        ])
        ->and(RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules[1])
        ->toBe($unfinished);

    $this->post('/rulebook/publish', ['revision' => $saved->json('revision')])->assertSessionHas('problem');
    expect(RulebookVersion::query()->where('state', VersionState::Published)->sole()->number)->toBe(1);
});

it('points at the part of the rule that the house does not know', function (): void {
    $rule = quoteRule();
    $rule['give']['pool']['people'] = ['tobias', 'nobody'];
    $saved = $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule(), $rule],
        'revision' => LockedDraft::revision(),
    ]);
    expect($saved->json('faults'))->toBe([
        ['pointer' => '/rules/1/give/pool/people/1', 'reason' => 'There is no person "nobody".', 'unfinished' => false],
    ]);
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
    expect($again->json())
        ->toBe($lost->json())
        ->and(
            Activity::query()
                ->where('event', 'draft_saved')
                ->whereIn('subject_id', [RulebookVersion::query()->where('state', VersionState::Draft)->sole()->id])
                ->count(),
        )
        ->toBe(1);
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
        ->toHaveKeys(['draft', 'published', 'vocabulary'])
        ->and($props("{$first}"))
        ->not->toHaveKey('firstRules')
        ->and(array_column($props('')['rules'], 0))
        ->toBe(['quotes'])
        ->and(array_column($props('abc')['firstRules'], 'id'))
        ->toBe(['quotes']);
    $this->putJson('/rulebook/draft', ['rules' => [House::roundRule(), quoteRule()], 'revision' => $first])->assertOk();
    expect(array_column($props("{$first}")['rules'], 0))->toBe(['round', 'quotes']);
});

it('sends of many rules their ids, those at the top, and others as they are asked for', function (): void {
    $rules = array_map(
        static fn(int $number): array => ['id' => "r{$number}", 'name' => "Rule {$number}"] + House::roundRule(),
        range(1, 200),
    );
    $this->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])->assertOk();
    $page = $this->get('/rulebook', OpenPage::visits())->assertOk()->json('props');
    expect(array_column($page['rules'], 0))
        ->toBe(array_column($rules, 'id'))
        ->and($page['firstRules'])
        ->toHaveCount(30)
        ->and($page['firstRules'][29]['rule'])
        ->toBe($rules[29])
        ->and($page['firstRules'][29]['hash'])
        ->toBe($page['rules'][29][1]);

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
    expect($draft())
        ->toBe([$third, ['name' => 'Other'] + quoteRule()])
        // The same again, since the answer was lost on its way.
        ->and(
            $save(['third', ['name' => 'Other'] + quoteRule()], $seen)
                ->assertOk()
                ->json(),
        )
        ->toBe($lost);

    $save(['third', 'round'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/rules/1');
    // Somebody else has taken it away meanwhile.
    $save(['third', 'round'], $seen)->assertConflict();
    $save(['third'], $seen)->assertConflict();
    $save(['third', 'third'])->assertUnprocessable();
    expect($draft())->toBe([$third, ['name' => 'Other'] + quoteRule()]);
});

it('discards a draft and keeps its rules in the audit trail', function (): void {
    $revision = $this->putJson('/rulebook/draft', [
        'rules' => [quoteRule()],
        'revision' => LockedDraft::revision(),
    ])->json('revision');
    $this->delete('/rulebook/draft', ['revision' => $revision])->assertRedirect('/rulebook');
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())
        ->toBeFalse()
        ->and(Activity::query()->where('event', 'draft_discarded')->sole()->properties['rules'][0]['id'])
        ->toBe('quotes');
});

it('is for members to read and not to write', function (): void {
    $this->actingAs(House::user('ayumi'));
    $this->get('/rulebook')
        ->assertOk()
        ->assertInertia(fn($page) => $page->component('Rulebook/Rulebook', false)->where('mayWrite', false));
    $this->putJson('/rulebook/draft', ['rules' => [], 'revision' => LockedDraft::revision()])->assertForbidden();
    $this->post('/rulebook/publish', ['revision' => 1])->assertForbidden();
    $this->delete('/rulebook/draft', ['revision' => 1])->assertForbidden();
    $this->postJson('/rulebook/import', [])->assertForbidden();
    $this->get('/roster/export')->assertForbidden();
    $this->postJson('/roster/import', [])->assertForbidden();
    $this->get('/floor')->assertForbidden();
});

it('goes out as a file and comes in again as the draft', function (): void {
    $json = (string) $this->get('/rulebook/export')->assertOk()->getContent();
    SchemaCheck::check('rulebook', json_decode($json));
    $this->call(
        'POST',
        '/rulebook/import?revision=' . LockedDraft::revision(),
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        $json,
    )
        ->assertOk()
        ->assertJson(['rules' => 1]);
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules)->toBe(
        RulebookVersion::query()->where('state', VersionState::Published)->sole()->rules,
    );
});

it('refuses a file that is not right, with the place, and changes nothing', function (
    Closure $spoil,
    string $pointer,
): void {
    $document = json_decode((string) $this->get('/rulebook/export')->getContent(), true);
    $response = $this->postJson(
        '/rulebook/import?revision=' . LockedDraft::revision(),
        $spoil($document),
    )->assertUnprocessable();
    expect($response->json('errors.0.pointer'))
        ->toBe($pointer)
        ->and(RulebookVersion::query()->where('state', VersionState::Draft)->exists())
        ->toBeFalse();
})->with([
    'another format' => [fn(array $d): array => ['openbaton' => 'recipe/1'] + $d, '/openbaton'],
    'an unknown field' => [
        fn(array $d): array => ['fields' => [['path' => 'task.hue', 'label' => 'Hue', 'type' => 'text']]] + $d,
        '/fields/0',
    ],
    'an unknown team' => [
        function (array $d): array {
            $d['rules'][0]['give']['pool']['team'] = 'choir';

            return $d;
        },
        '/rules/0/give/pool/team',
    ],
    'something extra' => [
        function (array $d): array {
            $d['rules'][0]['colour'] = 'red';

            return $d;
        },
        '/rules/0/colour',
    ],
]);

it('goes out and in by command', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'rulebook');
    $this->artisan('baton:export', ['what' => 'rulebook', 'file' => $file])->assertExitCode(0);
    $this->artisan('baton:import', ['what' => 'rulebook', 'file' => $file, '--publish' => true])->assertExitCode(0);
    expect(RulebookVersion::query()->where('state', VersionState::Published)->sole()->number)->toBe(2);
    file_put_contents($file, '{"openbaton": "rulebook/1", "fields": [], "rules": [{"id": 1}]}');
    $this->artisan('baton:import', ['what' => 'rulebook', 'file' => $file])
        ->expectsOutputToContain('/rules/0')
        ->assertExitCode(2);
    unlink($file);
});

it('shows a text with fields merged in on a real task, and what is empty there', function (): void {
    $first = House::arrive(facts: ['task.family' => 'brass']);
    House::arrive('quote');
    $ask = fn(string $text, ?int $number = null) => $this->getJson(
        '/rulebook/merged?' . http_build_query(['text' => $text, 'number' => $number]),
    );
    expect($ask('About ~task.title~, ~task.family~', $first->number)->json('preview'))
        ->toBe(['number' => $first->number, 'filled' => 'About Trumpet, stuck valve, Brass', 'missing' => []])
        ->and($ask('~task.family|An instrument~ of ~customer.name~')->json('preview'))
        ->toBe([
            'number' => $first->number + 1,
            'filled' => 'An instrument of (Customer not known)',
            'missing' => ['Instrument family', 'Customer'],
        ])
        ->and($ask('~task.title~', 1)->json('preview'))
        ->toBeNull();
    $ask('half a ~field')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
    $this->actingAs(House::user('ayumi'));
    $ask('~task.title~')->assertForbidden();
});

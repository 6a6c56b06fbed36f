<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Rules\LockedDraft;
use Tests\Support\House;

require_once __DIR__ . '/RulebookFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('saves a draft, says what it would catch, publishes it, and the next task obeys', function (): void {
    House::arrive('quote');
    House::arrive();
    $saved = $this->putJson('/rulebook/draft', [
        'rules' => [quoteRule(), House::roundRule()],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $coverage = $this->getJson('/rulebook/coverage?revision=' . $saved->json('revision'))->assertOk();
    expect($saved->json('faults'))->toBe([]);
    expect($coverage->json('coverage.finished'))->toBeTrue();
    expect($coverage->json('coverage.strip'))->toBe([
        'total' => 2,
        'taken' => ['quotes' => 1, 'round' => 1],
        'left' => 0,
        'acts' => ['quotes' => 1, 'round' => 1],
        'estimated' => [],
    ]);
    expect($coverage->json('coverage.changes.count'))->toBe(1);
    expect($coverage->json('coverage.changes.moves'))->toBe([['from' => null, 'to' => 'Rule quotes', 'count' => 1]]);
    expect(array_column($coverage->json('coverage.changes.examples'), 'title'))->toBe(['Trumpet, stuck valve']);

    expect(House::arrive('quote')->assignee)->toBeNull();
    $this->post('/rulebook/publish', ['revision' => $saved->json('revision'), 'note' => 'Quotes'])->assertRedirect(
        '/rulebook',
    );
    expect(House::arrive('quote')->assignee?->slug)->toBe('tobias');
    expect(RulebookVersion::query()->orderBy('number')->pluck('state')->all())->toBe([
        VersionState::Earlier,
        VersionState::Published,
    ]);
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
    expect($saved->json('faults'))->toBe([
        [
            'pointer' => '/rules/1/give/pool/team',
            'member' => 'team',
            'reason' => 'There is no team "choir".',
            'unfinished' => false,
        ],
        ['pointer' => '/rules/1/give', 'member' => 'method', 'reason' => '"method" is missing.', 'unfinished' => true],
    ]);
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules[1])->toBe($unfinished);

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
        [
            'pointer' => '/rules/1/give/pool/people/1',
            'member' => 'people',
            'reason' => 'There is no person "nobody".',
            'unfinished' => false,
        ],
    ]);
});

<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Models\House\House as HouseRow;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    $this->actingAs(House::user('hanneke'));
});

function stepsOf(mixed $test): array
{
    app()->forgetScopedInstances();
    $props = $test->get('/setup')->assertOk()->viewData('page')['props'];
    expect(PropTypes::check('setup', [['SetupPage', 'SetupPageProps', $props]]))->toBe('');

    return array_column($props['steps'], 'done', 'code');
}

it('leads whoever leads to what is to be set up, until they say that it is', function (): void {
    HouseRow::query()->update(['set_up_at' => null]);
    $this->get('/')->assertRedirect('/setup');
    $this->actingAs(House::user('ayumi'))->get('/')->assertRedirect('/in-hand');
    $this->get('/setup')->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->post('/setup', ['done' => true])
        ->assertRedirect('/');
    $this->get('/')->assertRedirect('/floor');
    $this->post('/setup', ['done' => false])->assertRedirect('/setup');
    $this->get('/')->assertRedirect('/setup');
});

it('ticks off what there is', function (): void {
    expect(array_keys(array_filter(stepsOf($this))))->toBe([
        'people',
        'teams',
        'hours',
        'kinds',
        'fields',
        'places',
        'customers',
        'form',
        'sign_ins',
    ]);
    House::publish(House::roundRule());
    expect(stepsOf($this)['rules'])->toBeTrue();
});

it('adds rules that many houses begin with to the draft, which can be published as they are', function (): void {
    $add = fn(string $code, string $choice, ?string $kind = null) => $this->postJson('/setup/rules', [
        'code' => $code,
        'choice' => $choice,
        'kind' => $kind,
    ]);
    $add('round', 'brass-bench', 'bench-repair')->assertOk();
    $add('place', 'district', 'quote')->assertOk();
    $add('skill', 'brass')->assertOk();
    $add('open', 'brass-bench')->assertOk();
    $add('open', 'brass-bench')->assertOk();
    $add('round', 'nobody')->assertUnprocessable();
    $add('skill', 'brass', 'nothing')->assertUnprocessable();
    $add('place', 'region')->assertUnprocessable();
    $add('shoes', 'brass')->assertUnprocessable();
    expect(array_column((array) RulebookVersion::query()->draft()->sole()->rules, 'name', 'id'))->toBe([
        'bench-repair-round-brass-bench' => 'Bench repair: round Brass bench',
        'quote-whoever-answers-for-the-district' => 'Quote: whoever answers for the District',
        'all-tasks-by-skill-brass' => 'All tasks: by skill, Brass',
        'all-tasks-open-to-brass-bench' => 'All tasks: open to Brass bench',
        'all-tasks-open-to-brass-bench-2' => 'All tasks: open to Brass bench',
    ]);
    app(PublishDraft::class)(LockedDraft::revision(), null, Actor::user(House::user('hanneke')));
    app()->forgetScopedInstances();
    $taken = array_map(static fn(): ?string => House::arrive('bench-repair')->assignee?->slug, range(1, 3));
    expect($taken)->toBe(['ayumi', 'femi', 'callum']);
    $this->actingAs(House::user('ayumi'));
    $add('skill', 'brass')->assertForbidden();
});

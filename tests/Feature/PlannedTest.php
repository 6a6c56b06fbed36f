<?php

declare(strict_types=1);

use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Tests\Support\House;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-06T16:00:00Z'));
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** A rule that gives everything to somebody. */
function allTo(string $person): array
{
    return House::rule(
        "all-{$person}",
        ['all' => []],
        ['pool' => ['kind' => 'people', 'people' => [$person]], 'method' => ['kind' => 'in_order']],
    );
}

function saveDraftOf(array ...$rules): int
{
    return test()
        ->putJson('/rulebook/draft', ['rules' => $rules, 'revision' => LockedDraft::revision()])
        ->assertOk()
        ->json('revision');
}

/** Plans the draft for Monday at six. */
function planDraft(array ...$rules): void
{
    test()
        ->post('/rulebook/publish', [
            'revision' => saveDraftOf(...$rules),
            'note' => 'Tobias for a week',
            'at' => '2026-03-09T06:00:00Z',
        ])
        ->assertSessionHas('done', 'It is planned: Mon 9 Mar, 06:00 the draft is in force by itself.');
}

function tickAt(string $moment): void
{
    test()->travelTo(CarbonImmutable::parse($moment));
    app()->forgetScopedInstances();
    test()->artisan('baton:tick')->assertSuccessful();
}

it('publishes when the time has come, and not before', function (): void {
    planDraft(allTo('tobias'));
    // Another draft is written beside it.
    saveDraftOf(allTo('femi'));
    $this->get('/rulebook')->assertInertia(
        fn($page) => $page
            ->where('planned', [
                'at' => '2026-03-09T06:00:00Z',
                'by' => 'Hanneke de Wit',
                'note' => 'Tobias for a week',
                'fault' => null,
            ])
            ->where('draft.faults', []),
    );
    tickAt('2026-03-09T05:59:00Z');
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    tickAt('2026-03-09T06:00:30Z');
    expect(House::arrive()->assignee?->slug)->toBe('tobias');
    $published = RulebookVersion::query()->published()->sole();
    expect($published->only(['number', 'note', 'saved_by_system', 'publish_at']))->toBe([
        'number' => 2,
        'note' => 'Tobias for a week',
        'saved_by_system' => 'clock',
        'publish_at' => null,
    ]);
    expect($published->published_at?->format('c'))->toBe('2026-03-09T06:00:30+00:00');
    expect(RulebookVersion::query()->draft()->sole()->rules[0]['id'])->toBe('all-femi');
    tickAt('2026-03-09T06:01:30Z');
    expect(RulebookVersion::query()->published()->sole()->number)->toBe(2);
});

it('takes back what is planned, as the draft', function (): void {
    planDraft(allTo('tobias'));
    saveDraftOf(allTo('femi'));
    $this->delete('/rulebook/planned')->assertSessionHas('problem');
    expect(RulebookVersion::query()->planned()->exists())->toBeTrue();
    $this->delete('/rulebook/draft', ['revision' => LockedDraft::revision()]);
    $this->delete('/rulebook/planned')->assertSessionHas('done', 'What was planned is the draft again.');
    expect(RulebookVersion::query()->draft()->sole()->rules[0]['id'])->toBe('all-tobias');
    // Once is enough.
    $this->delete('/rulebook/planned')->assertRedirect('/rulebook');
    tickAt('2026-03-09T06:00:00Z');
    expect(RulebookVersion::query()->published()->sole()->number)->toBe(1);
});

it('refuses a time that is not to come, a second plan, and rules that are not right', function (): void {
    $plan = fn(int $revision, string $at) => $this->post('/rulebook/publish', ['revision' => $revision, 'at' => $at]);
    $revision = saveDraftOf(allTo('tobias'));
    $plan($revision, '2026-03-06T15:59:00Z')->assertSessionHasErrors('at');
    $plan($revision, '2028-03-06T16:00:00Z')->assertSessionHasErrors('at');
    $plan($revision - 1, '2026-03-09T06:00:00Z')->assertSessionHas('problem');
    $unfinished = allTo('tobias');
    unset($unfinished['give']['pool']);
    $plan(saveDraftOf($unfinished), '2026-03-09T06:00:00Z')->assertSessionHas('problem');
    expect(RulebookVersion::query()->planned()->exists())->toBeFalse();
    planDraft(allTo('tobias'));
    $plan(saveDraftOf(allTo('femi')), '2026-03-10T06:00:00Z')->assertSessionHas('problem');
    expect(RulebookVersion::query()->planned()->sole()->rules[0]['id'])->toBe('all-tobias');
});

it('waits and says why where the house has changed so that a rule is no longer right', function (): void {
    $rule = allTo('tobias');
    $rule['if'] = ['field' => 'task.family', 'op' => 'is', 'value' => 'brass'];
    planDraft($rule);
    $options = fn(array $of) => CustomField::query()
        ->where('path', 'task.family')
        ->sole()
        ->update(['options' => $of]);
    $options(['strings' => 'Strings']);
    HouseRow::query()->increment('roster_revision');
    tickAt('2026-03-09T06:00:00Z');
    $this->get('/rulebook')->assertInertia(
        fn($page) => $page->where(
            'planned.fault',
            '"brass" is not a value of Instrument family; its values are strings.',
        ),
    );
    expect(RulebookVersion::query()->published()->sole()->number)->toBe(1);
    $options(['brass' => 'Brass']);
    HouseRow::query()->increment('roster_revision');
    tickAt('2026-03-09T06:01:00Z');
    expect(
        RulebookVersion::query()
            ->published()
            ->sole()
            ->only(['number', 'fault']),
    )->toBe(['number' => 2, 'fault' => null]);
});

it('brings an earlier version back at a press, and leaves the draft alone', function (): void {
    $first = RulebookVersion::query()->published()->sole();
    House::publish(allTo('tobias'));
    saveDraftOf(allTo('femi'));
    expect(House::arrive()->assignee?->slug)->toBe('tobias');
    $this->post("/rulebook/versions/{$first->id}/again")->assertSessionHas('done', 'Version 3 is published.');
    $third = RulebookVersion::query()->published()->sole();
    expect($third->only(['number', 'note', 'rules']))->toBe([
        'number' => 3,
        'note' => 'Version 1 again',
        'rules' => $first->rules,
    ]);
    expect(House::arrive()->assignee?->slug)->toBe('ayumi');
    $draft = RulebookVersion::query()->draft()->sole();
    expect($draft->rules[0]['id'])->toBe('all-femi');
    $this->post("/rulebook/versions/{$draft->id}/again")->assertNotFound();
});

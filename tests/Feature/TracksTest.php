<?php

declare(strict_types=1);

use App\Models\Access\AuditRecord;
use App\Models\Cases\Track;
use App\Models\House\House as HouseRow;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it('takes a track in as a draft, and publishes it', function (): void {
    Cases::track();
    $document = ['name' => 'Hire of instruments'] + Cases::document();
    $document['stages'][] = ['key' => 'returned', 'name' => 'Returned'];
    $this->actingAs(House::user('hanneke'))->postJson('/tracks', $document)->assertCreated();
    $track = Track::query()->sole();
    expect([$track->name, $track->published?->number, $track->draft === null])->toBe(['Hire', 1, false]);
    $revision = HouseRow::query()->sole()->roster_revision;
    $this->postJson('/tracks/hire/publish', ['revision' => $track->revision])->assertOk();
    $track->refresh()->unsetRelation('published');
    expect([$track->name, $track->published?->number, $track->draft])->toBe(['Hire of instruments', 2, null]);
    // What is kept of the house is of another revision now.
    expect(HouseRow::query()->sole()->roster_revision)->toBe($revision + 1);
    expect(AuditRecord::query()->where('event', 'track_published')->count())->toBe(2);
});

it('moves no case by being published, and lets it stand in a stage that is retired', function (): void {
    $case = Cases::open(['stage' => 'fitting', 'owner' => 'ayumi']);
    $document = Cases::document();
    $document['stages'][1] = ['key' => 'fitting', 'name' => 'Fitting', 'retired' => true];
    $this->actingAs(House::user('hanneke'))->postJson('/tracks', $document)->assertCreated();
    $this->postJson('/tracks/hire/publish', ['revision' => Track::query()->sole()->revision])->assertOk();
    expect($case->refresh()->stage)->toBe('fitting');
    app()->forgetScopedInstances();
    $seen = ['revision' => $case->revision];
    $this->postJson("/cases/{$case->id}/move", ['to' => 'on-hire'] + $seen)->assertOk();
    // Nobody comes back to it.
    $back = ['to' => 'fitting', 'reason' => 'Again', 'revision' => $case->refresh()->revision];
    $this->postJson("/cases/{$case->id}/move", $back)->assertStatus(409);
});

it('refuses a document with all that is wrong with it', function (): void {
    Cases::track();
    $document = Cases::document();
    $document['stages'][0]['leave'] = [['kind' => 'field_filled', 'field' => 'case.gone'], ['kind' => 'gone']];
    $document['stages'][1]['movers'] = ['teams' => ['nobody']];
    $document['outcomes'] = [];
    $answer = $this->actingAs(House::user('hanneke'))->postJson('/tracks', $document)->assertUnprocessable();
    expect(array_column($answer->json('errors'), 'pointer'))->toBe([
        '/stages/0/leave/0/field',
        '/stages/0/leave/1/kind',
        '/stages/1/movers/teams/0',
        '/outcomes',
    ]);
    expect(Track::query()->sole()->draft)->toBeNull();
});

it('throws a draft away, and the track with it where it was never published', function (): void {
    Cases::track();
    $this->actingAs(House::user('hanneke'))
        ->postJson('/tracks', ['id' => 'repair'] + Cases::document())
        ->assertCreated();
    $draft = Track::query()->where('slug', 'repair')->sole();
    $this->postJson('/tracks/repair/discard', ['revision' => $draft->revision + 1])->assertStatus(409);
    $this->postJson('/tracks/repair/discard', ['revision' => $draft->revision])->assertOk();
    expect(Track::query()->pluck('slug')->all())->toBe(['hire']);
});

it('is written to a file that can be taken in again', function (): void {
    Cases::track();
    $document = json_decode($this->actingAs(House::user('hanneke'))->get('/tracks/hire/export')->getContent(), true);
    expect($document['stages'][1]['leave'])->toBe(Cases::document()['stages'][1]['leave']);
    $this->postJson('/tracks', $document)->assertCreated();
});

<?php

declare(strict_types=1);

use App\Models\Cases\Track;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\Guides;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
    $this->actingAs(House::user('hanneke'));
    $this->save = fn(array $document, int $revision) => $this->putJson('/tracks', [
        'document' => $document,
        'revision' => $revision,
    ]);
    $this->differences = fn(array $document): array => array_column(
        $this->postJson('/tracks/preview', $document)->assertOk()->json('differences'),
        'text',
    );
});

it('tells in sentences what a document would change', function (): void {
    $document = ['name' => 'Hire of instruments'] + Cases::document();
    $document['stages'][0] =
        ['target' => 'PT12H', 'movers' => ['teams' => ['brass-bench']], 'enter' => [['kind' => 'needed_work_done']]] +
        $document['stages'][0];
    $document['stages'][1]['retired'] = true;
    array_shift($document['stages'][1]['leave']);
    $document['stages'][] = ['key' => 'returned', 'name' => 'Returned'];
    $document['outcomes'][1]['label'] = 'Not taken';
    expect(($this->differences)($document))->toBe([
        'The track is called Hire of instruments, not Hire.',
        'Enquiry: a case should stand there 12 h at most, not 8 h.',
        'Enquiry: moved on by leads and its owner, whoever is in Brass bench.',
        'To enter Enquiry, now also: all that is needed in it is done.',
        'Fitting: no case comes there any more. Those that are there stay until they are moved.',
        'To leave Fitting, no longer: all that is needed in it is done.',
        'New stage: Returned, after On hire.',
        'The outcome Declined is called Not taken.',
    ]);
    expect(($this->differences)(Cases::document()))->toBe([]);
    expect(Track::query()->sole()->draft)->toBeNull();
});

it('tells what stands against a document, unfinished or wrong', function (): void {
    $document = Cases::document();
    $document['stages'][0]['name'] = '';
    $document['stages'][1]['leave'] = [['kind' => 'field_filled', 'field' => 'case.gone']];
    $answer = $this->postJson('/tracks/preview', $document)->assertOk();
    expect($answer->json('differences'))->toBeNull();
    expect(array_column($answer->json('faults'), 'unfinished', 'pointer'))->toBe([
        '/stages/0/name' => true,
        '/stages/1/leave/0/field' => false,
    ]);
});

it('keeps a draft, and refuses one that was written from what it is no more', function (): void {
    $seen = Track::query()->sole()->revision;
    $answer = ($this->save)(['name' => 'Hire of horns'] + Cases::document(), $seen)->assertOk();
    expect($answer->json())->toBe(['id' => 'hire', 'revision' => $seen + 1]);
    ($this->save)(['name' => 'Hire of drums'] + Cases::document(), $seen)->assertStatus(409);
    expect(Track::query()->sole()->draft['name'])->toBe('Hire of horns');
    // The draft is what is written on.
    $page = $this->get('/tracks/hire/edit')->viewData('page')['props'];
    expect([$page['document']['name'], $page['kept']['name'], $page['written']['hasDraft']])->toBe([
        'Hire of horns',
        'Hire',
        true,
    ]);
});

it('makes a new track, and never over one that is there', function (): void {
    ($this->save)(['id' => 'repair', 'name' => 'Repair'] + Cases::document(), 0)->assertOk();
    ($this->save)(Cases::document(), 0)->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/id');
    expect(Track::query()->where('slug', 'hire')->sole()->draft)->toBeNull();
    expect(Track::query()->orderBy('position')->pluck('name')->all())->toBe(['Hire', 'Repair']);
});

it('retires a stage in which cases were, and takes none of them out', function (): void {
    $case = Cases::open(['stage' => 'fitting']);
    $document = Cases::document();
    unset($document['stages'][1], $document['stages'][2]);
    $document['stages'] = array_values($document['stages']);
    $faults = $this->postJson('/tracks/preview', $document)->json('faults');
    expect(array_column($faults, 'reason', 'pointer'))->toBe([
        '/stages' => 'Cases were in the stage "Fitting": it is retired, not left out.',
    ]);
    ($this->save)($document, Track::query()->sole()->revision)->assertUnprocessable();
    // No case was ever on hire.
    $document = Cases::document();
    unset($document['stages'][2]);
    Cases::republish($document);
    expect($case->refresh()->stage)->toBe('fitting');
});

it('hands out earlier versions, and how many cases stand where', function (): void {
    Cases::open();
    Cases::open(['stage' => 'fitting']);
    Cases::open(['stage' => 'fitting']);
    Cases::republish(['name' => 'Hire of horns'] + Cases::document());
    $page = $this->get('/tracks/hire/edit')->viewData('page')['props'];
    expect(array_column($page['versions'], 'number'))
        ->toBe([2, 1])
        ->and((array) $page['open'])
        ->toBe(['enquiry' => 1, 'fitting' => 2]);
    expect($this->getJson('/tracks/hire/versions/1')->assertOk()->json('document.name'))->toBe('Hire');
    $this->getJson('/tracks/hire/versions/7')->assertNotFound();
});

it('knows the guides of stages, and shows that of the stage beside a case', function (): void {
    $guide = Guides::ofRepairs();
    $document = Cases::document();
    $document['stages'][0]['guide'] = 'gone';
    $faults = $this->postJson('/tracks/preview', $document)->json('faults');
    expect(array_column($faults, 'pointer'))->toBe(['/stages/0/guide']);
    $document['stages'][0]['guide'] = $guide->slug;
    expect(($this->differences)($document))->toBe(['Enquiry: the guide “Repairs” stands beside it.']);
    Cases::republish($document);
    $shown = fn(string $id): array => $this->get("/cases/{$id}")->viewData('page')['props']['guides'];
    expect(array_column($shown(Cases::open()->id), 'name'))
        ->toBe(['Repairs'])
        ->and($shown(Cases::open(['stage' => 'fitting'])->id))
        ->toBe([]);
});

<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Rules\LockedDraft;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\House;

require_once __DIR__ . '/RulebookFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('discards a draft and keeps its rules in the audit trail', function (): void {
    $revision = $this->putJson('/rulebook/draft', [
        'rules' => [quoteRule()],
        'revision' => LockedDraft::revision(),
    ])->json('revision');
    $this->delete('/rulebook/draft', ['revision' => $revision])->assertRedirect('/rulebook');
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())->toBeFalse();
    expect(Activity::query()->where('event', 'draft_discarded')->sole()->properties['rules'][0]['id'])->toBe('quotes');
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
    expect($response->json('errors.0.pointer'))->toBe($pointer);
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())->toBeFalse();
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
    expect($ask('About ~task.title~, ~task.family~', $first->number)->json('preview'))->toBe([
        'number' => $first->number,
        'filled' => 'About Trumpet, stuck valve, Brass',
        'missing' => [],
    ]);
    expect($ask('~task.family|An instrument~ of ~customer.name~')->json('preview'))->toBe([
        'number' => $first->number + 1,
        'filled' => 'An instrument of (Customer not known)',
        'missing' => ['Instrument family', 'Customer'],
    ]);
    expect($ask('~task.title~', 1)->json('preview'))->toBeNull();
    $ask('half a ~field')->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
    $this->actingAs(House::user('ayumi'));
    $ask('~task.title~')->assertForbidden();
});

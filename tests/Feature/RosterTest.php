<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Formats\SchemaCheck;
use App\Models\Absence;
use App\Models\Person;
use App\Models\Team;
use Tests\Support\House;

beforeEach(function (): void {
    House::open([['id' => 'away', 'person' => 'callum', 'first' => '2026-03-02', 'last' => '2026-03-06', 'status' => 'approved', 'substitutes' => ['femi', 'ayumi']]]);
    $this->actingAs(House::user('hanneke'));
});

it('goes out as a document that says the same when it comes in again', function (): void {
    $json = (string) $this->get('/roster/export')->assertOk()->getContent();
    SchemaCheck::check('roster', json_decode($json));
    $before = json_decode($json, true);
    $this->postJson('/roster/import', $before)->assertOk();
    expect(json_decode((string) $this->get('/roster/export')->getContent(), true))->toBe($before)
        ->and($before['absences'][0]['substitutes'])->toBe(['femi', 'ayumi'])
        ->and($before['people'][1])->toBe(['id' => 'ayumi', 'name' => 'Ayumi Kato', 'capacity' => ['percent' => 80], 'skills' => ['brass' => 3], 'active' => true]);
});

it('keeps people who are no longer in it, inactive, and lets teams and absences go', function (): void {
    $roster = House::roster();
    $roster['people'] = array_values(array_filter($roster['people'], static fn(array $person): bool => $person['id'] !== 'tobias'));
    $roster['teams'] = [];
    $this->postJson('/roster/import', $roster)->assertOk();
    expect(Person::query()->where('slug', 'tobias')->sole()->active)->toBeFalse()
        ->and(Team::query()->count())->toBe(0)
        ->and(Absence::query()->count())->toBe(0);
});

it('is seen by the next decision', function (): void {
    $before = app(SnapshotSource::class)->current();
    $roster = House::roster();
    $roster['people'][1]['name'] = 'Ayumi Kato-Rees';
    $this->postJson('/roster/import', $roster)->assertOk();
    expect($before->roster->people['ayumi']->name)->toBe('Ayumi Kato')
        ->and(app(SnapshotSource::class)->current()->roster->people['ayumi']->name)->toBe('Ayumi Kato-Rees');
});

it('refuses what is wrong, and what would leave the published rules without their team', function (Closure $spoil, string $pointer): void {
    House::publish(House::roundRule());
    $response = $this->postJson('/roster/import', $spoil(House::roster()))->assertUnprocessable();
    expect($response->json('errors.0.pointer'))->toBe($pointer)
        ->and(Team::query()->count())->toBe(1)
        ->and(Absence::query()->count())->toBe(1);
})->with([
    'a team without the people' => [fn(array $r): array => ['people' => array_slice($r['people'], 0, 2)] + $r, '/teams/0/members/1/person'],
    'the team of a rule is gone' => [fn(array $r): array => ['teams' => []] + $r, '/published rulebook/rules/0/give/pool/team'],
    'a zone that is none' => [function (array $r): array {
        $r['people'][0]['zone'] = 'Port/Selwyn';

        return $r;
    }, '/people/0/zone'],
    'the same person twice' => [function (array $r): array {
        $r['people'][] = $r['people'][0];

        return $r;
    }, '/people/5/id'],
    'something extra' => [fn(array $r): array => $r + ['colour' => 'red'], ''],
]);

it('is not seen after it was refused, not even by the import that comes next', function (): void {
    House::publish(House::roundRule());
    $refused = ['teams' => []] + House::roster();
    $refused['people'][1]['name'] = 'Somebody Else';
    $this->postJson('/roster/import', $refused)->assertUnprocessable();
    $this->postJson('/roster/import', House::roster())->assertOk();
    app()->forgetScopedInstances();
    $roster = app(SnapshotSource::class)->current()->roster;
    expect($roster->people['ayumi']->name)->toBe('Ayumi Kato')->and(array_keys($roster->teams))->toBe(['brass-bench']);
});

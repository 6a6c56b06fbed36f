<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Documents\SchemaCheck;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Models\People\Team;
use Tests\Support\House;

require_once __DIR__ . '/RosterFunctions.php';

beforeEach(function (): void {
    beginRoster();
    $this->actingAs(House::user('hanneke'));
});

it('goes out as a document that says the same when it comes in again', function (): void {
    $json = (string) $this->get('/roster/export')->assertOk()->getContent();
    SchemaCheck::check('roster', json_decode($json));
    $before = json_decode($json, true);
    $this->postJson('/roster/import', $before)->assertOk();
    expect(json_decode((string) $this->get('/roster/export')->getContent(), true))->toBe($before);
    expect($before['absences'][0]['substitutes'])->toBe(['femi', 'ayumi']);
    expect($before['people'][1])->toBe([
        'id' => 'ayumi',
        'name' => 'Ayumi Kato',
        'capacity' => ['percent' => 80],
        'skills' => ['brass' => 3],
        'active' => true,
    ]);
});

/** @return array<string, mixed> the roster without Tobias, teams and absences, and with a new member */
function smallerRoster(): array
{
    $roster = House::roster();
    $roster['people'] = array_values(
        array_filter($roster['people'], static fn(array $person): bool => $person['id'] !== 'tobias'),
    );
    $roster['people'][1]['name'] = 'Ayumi Kato-Rees';
    $roster['people'][] = ['id' => 'oona', 'name' => 'Oona Varga'];
    $roster['teams'] = [];

    return $roster;
}

it('says first what a file would add, change and leave out, and changes nothing', function (): void {
    expect($this->postJson('/roster/preview', smallerRoster())->assertOk()->json())->toBe([
        'skills' => ['added' => [], 'changed' => [], 'missing' => []],
        'people' => [
            'added' => ['Oona Varga'],
            'changed' => ['Ayumi Kato-Rees'],
            'missing' => ['Tobias Lindqvist'],
        ],
        'teams' => ['added' => [], 'changed' => [], 'missing' => ['Brass bench']],
        'absences' => ['added' => [], 'changed' => [], 'missing' => ['away']],
    ]);
    expect(Person::query()->where('slug', 'oona')->exists())->toBeFalse();
});

it('merges: what the file does not have stays', function (): void {
    $this->postJson('/roster/import', smallerRoster())->assertOk();
    expect(Person::query()->where('slug', 'tobias')->sole()->active)->toBeTrue();
    expect(Person::query()->where('slug', 'ayumi')->sole()->name)->toBe('Ayumi Kato-Rees');
    expect(Person::query()->where('slug', 'oona')->exists())->toBeTrue();
    expect([Team::query()->count(), Absence::query()->count()])->toBe([1, 1]);
});

it('takes away what the file does not have where that is chosen; people stay, inactive', function (): void {
    $this->postJson('/roster/import?remove=1', smallerRoster())->assertOk();
    expect(Person::query()->where('slug', 'tobias')->sole()->active)->toBeFalse();
    expect(Team::query()->count())->toBe(0);
    expect(Absence::query()->count())->toBe(0);
});

it('is seen by the next decision', function (): void {
    $before = app(SnapshotSource::class)->current();
    $roster = House::roster();
    $roster['people'][1]['name'] = 'Ayumi Kato-Rees';
    $this->postJson('/roster/import', $roster)->assertOk();
    expect($before->roster->people['ayumi']->name)->toBe('Ayumi Kato');
    expect(app(SnapshotSource::class)->current()->roster->people['ayumi']->name)->toBe('Ayumi Kato-Rees');
});

it('refuses what is wrong, and what would leave the published rules without their team', function (
    Closure $spoil,
    string $pointer,
): void {
    House::publish(House::roundRule());
    $response = $this->postJson('/roster/import?remove=1', $spoil(House::roster()))->assertUnprocessable();
    expect($response->json('errors.0.pointer'))->toBe($pointer);
    expect(Team::query()->count())->toBe(1);
    expect(Absence::query()->count())->toBe(1);
})->with([
    'a team without the people' => [
        fn(array $r): array => ['people' => array_slice($r['people'], 0, 2)] + $r,
        '/teams/0/members/1/person',
    ],
    'the team of a rule is gone' => [
        fn(array $r): array => ['teams' => []] + $r,
        '/published rulebook/rules/0/give/pool/team',
    ],
    'a zone that is none' => [
        function (array $r): array {
            $r['people'][0]['zone'] = 'Port/Selwyn';

            return $r;
        },
        '/people/0/zone',
    ],
    'the same person twice' => [
        function (array $r): array {
            $r['people'][] = $r['people'][0];

            return $r;
        },
        '/people/5/id',
    ],
    'something extra' => [fn(array $r): array => $r + ['colour' => 'red'], '/colour'],
    'something extra of a person' => [
        function (array $r): array {
            $r['people'][0]['shoe_size'] = 44;

            return $r;
        },
        '/people/0/shoe_size',
    ],
    'a team within itself' => [
        function (array $r): array {
            $r['teams'][0]['parent'] = 'brass-bench';

            return $r;
        },
        '/teams/0/parent',
    ],
]);

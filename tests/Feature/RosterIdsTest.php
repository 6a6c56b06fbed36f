<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Bridge\SnapshotSource;
use App\Models\People\Person;
use App\People\ImportRoster;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use OpenBaton\Core\Document\Node;
use Tests\Support\House;

require_once __DIR__ . '/RosterFunctions.php';

beforeEach(function (): void {
    beginRoster();
    $this->actingAs(House::user('hanneke'));
});

it('is not seen after it was refused, not even by the import that comes next', function (): void {
    House::publish(House::roundRule());
    $refused = ['teams' => []] + House::roster();
    $refused['people'][1]['name'] = 'Somebody Else';
    $this->postJson('/roster/import?remove=1', $refused)->assertUnprocessable();
    $this->postJson('/roster/import', House::roster())->assertOk();
    app()->forgetScopedInstances();
    $roster = app(SnapshotSource::class)->current()->roster;
    expect($roster->people['ayumi']->name)->toBe('Ayumi Kato');
    expect(array_keys($roster->teams))->toBe(['brass-bench']);
});

it('refuses ids that differ by small and capital letters alone, with both places', function (): void {
    $before = Person::query()->count();
    $roster = House::roster();
    $roster['people'][] = ['id' => 'FEMI', 'name' => 'Another Femi'];
    $this->actingAs(House::user('hanneke'))
        ->postJson('/roster/import', $roster)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0', [
            'pointer' => '/people/5/id',
            'detail' => '"FEMI" differs from "femi" at /people/2/id by small and capital letters alone.',
        ]);
    // Beside the one who is in the house already, too.
    $this->postJson(
        '/roster/import',
        ['people' => [['id' => 'Femi', 'name' => 'Another Femi']], 'teams' => []] + $roster,
    )->assertUnprocessable();
    expect(Person::query()->count())->toBe($before);
});

it('takes ids of digits alone, everywhere', function (): void {
    $roster = House::roster();
    $roster['people'][] = ['id' => '7', 'name' => 'Seven', 'skills' => ['12' => 2]];
    $roster['skills'][] = ['id' => '12', 'name' => 'Twelve'];
    $roster['teams'][] = ['id' => '3', 'name' => 'Three', 'lead' => '7', 'members' => [['person' => '7']]];
    $roster['absences'][] = [
        'id' => '1',
        'person' => '7',
        'first' => '2026-12-24',
        'last' => '2026-12-24',
        'status' => 'approved',
        'substitutes' => ['femi'],
    ];
    $this->actingAs(House::user('hanneke'))->postJson('/roster/import', $roster)->assertOk();
    House::publish(
        House::rule(
            '9',
            ['all' => []],
            [
                'pool' => ['kind' => 'team', 'team' => '3'],
                'method' => ['kind' => 'round_robin', 'rotation' => '5'],
                'limits' => [['kind' => 'skill_at_least', 'skill' => '12', 'level' => 2]],
            ],
        ),
    );
    app()->forgetScopedInstances();
    expect(House::arrive()->assignee?->slug)->toBe('7');
    foreach (
        ['/floor', '/absences', '/people?person=7', '/rulebook', '/people/7/leaving', '/absences?team=3']
        as $page
    ) {
        app()->forgetScopedInstances();
        $this->get($page)->assertOk();
    }
    expect(
        $this->postJson('/roster/preview', $this->getJson('/roster/export')->json())
            ->assertOk()
            ->json('people'),
    )->toBe(['added' => [], 'changed' => [], 'missing' => []]);
});

it('reads a roster once and writes what differs, however large it is', function (): void {
    $large = static function (int $people): array {
        $roster = House::roster();
        for ($n = 0; $n < $people; ++$n) {
            $roster['people'][] = [
                'id' => "more-{$n}",
                'name' => "More {$n}",
                'skills' => ['brass' => 2],
                'hours' => $roster['house']['hours'],
                'attributes' => ['van'],
                'from' => '2025-01-01',
            ];
            $roster['teams'][0]['members'][] = ['person' => "more-{$n}", 'weight' => 50, 'from' => '2025-02-01'];
            $roster['absences'][] = [
                'id' => "away-{$n}",
                'person' => "more-{$n}",
                'first' => '2026-05-04',
                'last' => '2026-05-05',
                'status' => 'asked',
                'substitutes' => [
                    'femi',
                    ['person' => 'ayumi', 'only' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']],
                ],
            ];
        }

        return $roster;
    };
    $queries = static function (array $roster): array {
        $count = ['select' => 0, 'write' => 0];
        app()->forgetScopedInstances();
        DB::listen(static function (QueryExecuted $query) use (&$count): void {
            ++$count[str_starts_with($query->sql, 'select') ? 'select' : 'write'];
        });
        app(ImportRoster::class)(Node::root(json_decode((string) json_encode($roster))), false, Actor::system('test'));
        Event::forget(QueryExecuted::class);

        return $count;
    };
    $queries($large(5));
    $few = $queries($large(5));
    $queries($large(30));
    $many = $queries($large(30));
    expect($many['select'])->toBe($few['select']);
    expect($many['write'])->toBe($few['write'])->toBeLessThan(8);
    $other = $large(30);
    $other['people'][10]['name'] = 'Somebody else';
    $other['people'][11]['skills'] = ['brass' => 3];
    $queries($other);
    expect(Person::query()->where('slug', 'more-5')->sole()->name)->toBe('Somebody else');
    expect(
        Person::query()
            ->with('skills')
            ->where('slug', 'more-6')
            ->sole()
            ->skills->first()
            ?->getRelation('pivot')
            ->getAttribute('level'),
    )->toBe(3);
});

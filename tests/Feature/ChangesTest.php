<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Access\Audit;
use App\Access\Difference;
use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\TaskKind;
use App\Words\Words;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return list<array<string, mixed>> */
function houseChanges(mixed $test, string $query = ''): array
{
    app()->forgetScopedInstances();
    $props = $test
        ->get("/changes?{$query}")
        ->assertOk()
        ->viewData('page')['props'];
    expect(PropTypes::check('changes', [['ChangesPage', 'ChangesPageProps', $props]]))->toBe('');

    return $props['changes'];
}

it('says who changed what, with before and after, the latest first', function (): void {
    $kind = TaskKind::query()->where('slug', 'quote')->sole();
    $this->put("/house/kinds/{$kind->id}", ['name' => 'Estimate', 'minutes' => 50])->assertSessionHasNoErrors();
    $this->putJson('/customers/' . Customer::query()->sole()->id, [
        'document' => [
            'set' => ['customer.owner' => 'femi'],
            'contacts' => [['name' => 'Ada', 'email' => 'ada@x.example']],
        ],
    ])->assertOk();
    [$customer, $changed] = houseChanges($this);
    expect([$customer['who'], $customer['said'], $customer['lines']])->toBe([
        'Hanneke de Wit',
        'changed the customer The Holms Primary School',
        [
            ['label' => 'looked after by', 'before' => '', 'after' => 'Femi Adeyinka'],
            ['label' => 'contacts', 'before' => '', 'after' => 'name: Ada, address: ada@x.example'],
        ],
    ]);
    expect([$changed['said'], $changed['lines']])->toBe([
        'changed the kind of task Estimate',
        [
            ['label' => 'name', 'before' => 'Quote', 'after' => 'Estimate'],
            ['label' => 'minutes', 'before' => '45', 'after' => '50'],
        ],
    ]);
});

it('says types of fields in words, and of their values what people call them', function (): void {
    $this->post('/house/fields', [
        'of' => 'customer',
        'label' => 'Colour of the door',
        'type' => 'one_of',
        'options' => [['value' => 'red', 'label' => 'Red'], ['value' => 'green', 'label' => 'Green']],
    ])->assertSessionHasNoErrors();
    $this->putJson('/customers/' . Customer::query()->sole()->id, [
        'document' => ['set' => ['customer.colour_of_the_door' => 'red']],
    ])->assertOk();
    [$customer, $field] = houseChanges($this);
    expect(array_column($field['lines'], 'after', 'label'))->toMatchArray([
        'type' => 'one of several',
        'values' => 'Red, Green',
    ]);
    expect(array_column($customer['lines'], 'after'))->toBe(['Colour of the door: Red']);
});

it('says of a kind of task which fields it asks for, and which of them are needed', function (): void {
    $kind = TaskKind::query()->where('slug', 'quote')->sole();
    $this->put("/house/kinds/{$kind->id}", [
        'name' => 'Quote',
        'minutes' => 45,
        'asks' => [['path' => 'task.value', 'required' => true], ['path' => 'task.family', 'required' => false]],
    ])->assertSessionHasNoErrors();
    expect(array_column(houseChanges($this)[0]['lines'], 'after'))->toContain('Value (needed), Instrument family');
});

it('tells of people and teams only what differs', function (): void {
    $this->putJson('/people/femi', [
        'document' => ['name' => 'Femi A.', 'skills' => ['brass' => 3]],
        'teams' => [],
    ])->assertOk();
    $this->putJson('/roster/teams/brass-bench', ['document' => ['name' => 'Brass']])->assertOk();
    [$team, $person] = houseChanges($this);
    expect($team['said'])->toBe('changed the team Brass');
    expect($team['lines'][0]['after'])->toContain('Brass')->not->toContain('Strings');
    expect($person['said'])->toBe('changed what is known of Femi A.');
    expect(array_column($person['lines'], 'after', 'label'))->toHaveKey('name', 'Femi A.');
});

it('is narrowed by whom, of what and when, tokens and the command line included', function (): void {
    Artisan::call('baton:token', ['email' => 'hanneke@alderquill.example', 'name' => 'shop']);
    Clock::set('2026-03-04T10:00:00Z');
    $this->put('/house/tiers', ['labels' => [['value' => 'school', 'label' => 'Schools']]])->assertSessionHasNoErrors();
    $said = fn(string $query): array => array_column(houseChanges($this, $query), 'said');
    expect($said('who=system&of=sign-in'))->toBe(['made a token for Hanneke de Wit']);
    expect(houseChanges($this, 'who=system&of=sign-in')[0]['who'])->toBe('command line');
    expect($said('who=' . House::user('hanneke')->id . '&of=house'))->toBe(['changed the sorts of customers']);
    expect($said('from=2026-03-03&of=house'))->toBe(['changed the sorts of customers']);
    expect($said('until=2026-03-03&of=house'))->toBe([]);
    $this->getJson('/changes?of=shoes')->assertUnprocessable();
    $this->actingAs(House::user('ayumi'))->get('/changes')->assertForbidden();
    $this->get('/changes/export')->assertForbidden();
});

it('goes out as a table, and by pages in as many queries for many as for few', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        $this->get('/changes')->assertOk();

        return count(DB::getQueryLog());
    };
    $count();
    DB::enableQueryLog();
    $few = $count();
    foreach (range(1, 60) as $number) {
        $house = HouseRow::query()->sole();
        Audit::record(Actor::user(House::user('femi')), 'house', 'begun', 'began', $house, [
            'now' => ['owner_id' => House::person($number % 2 === 0 ? 'femi' : 'ayumi')->id],
        ]);
    }
    // One for the people that are named now.
    expect($count())->toBeLessThanOrEqual($few + 1);
    $props = $this->get('/changes')->viewData('page')['props'];
    expect(count($props['changes']))->toBe(50);
    expect(count(houseChanges($this, "before={$props['earlier']}")))->toBeGreaterThan(9);
    $lines = explode("\n", trim($this->get('/changes/export?of=house')->streamedContent()));
    expect($lines[0])->toContain('When,Who,What');
    expect(count($lines))->toBeGreaterThan(60);
    expect($lines[1])->toContain('Femi Adeyinka')->toContain('looked after by');
});

it('records nothing that has no words', function (): void {
    expect(static fn() => Audit::record(Actor::system('test'), 'house', 'danced', 'danced'))->toThrow(
        LogicException::class,
        'audit.house.danced',
    );
});

it('tells of two documents what differs, of lists with ids those that do', function (): void {
    $before = ['teams' => [['id' => 'a', 'n' => 1], ['id' => 'b', 'n' => 1]], 'zone' => 'UTC', 'gone' => 1];
    $after = [
        'teams' => [['id' => 'b', 'n' => 2], ['id' => 'a', 'n' => 1], ['id' => 'c']],
        'zone' => 'UTC',
        'new' => 2,
    ];
    expect(Difference::between($before, $after))->toBe([
        'old' => ['teams' => [['id' => 'b', 'n' => 1]], 'gone' => 1],
        'now' => ['teams' => [['id' => 'b', 'n' => 2], ['id' => 'c']], 'new' => 2],
    ]);
    expect(Difference::between($before, $before))->toBe(['old' => [], 'now' => []]);
});

it('has words for whatever is kept of a person, a customer, a place, a kind, an absence', function (): void {
    $words = app(Words::class);
    $silent = [...Difference::SILENT, 'roster_revision', 'customer_revision', 'draft_revision', 'changes', 'ticked_at'];
    foreach (
        ['people', 'teams', 'places', 'customers', 'custom_fields', 'task_kinds', 'absences', 'houses']
        as $table
    ) {
        foreach (array_diff(Schema::getColumnListing($table), $silent) as $column) {
            $member = preg_replace('/_id$/', '', $column);
            expect($words->has("audit.members.{$member}"))->toBeTrue("{$table}.{$column} has no words");
        }
    }
});

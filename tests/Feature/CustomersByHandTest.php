<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Customers\CustomerMerge;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
    $this->holms = Customer::query()->sole();
});

/** @param array<string, mixed> $document */
function makeCustomer(mixed $test, array $document): TestResponse
{
    app()->forgetScopedInstances();

    return $test->postJson('/customers', $document);
}

function chosenCustomer(mixed $test, string $slug): array
{
    app()->forgetScopedInstances();
    $props = $test
        ->get("/customers?customer={$slug}")
        ->assertOk()
        ->viewData('page')['props'];
    expect(PropTypes::check('customers', [['CustomersPage', 'CustomersPageProps', $props]]))->toBe('');

    return $props['customer'];
}

it('makes customers with an id of their name, contacts, a place and who looks after them', function (): void {
    makeCustomer($this, [
        'name' => 'Weka Hall',
        'tier' => 'school',
        'place' => 'islands',
        'on_form' => true,
        'contacts' => [
            ['name' => 'Ada', 'role' => 'Bursar', 'email' => 'ada@weka.example'],
            ['phone' => '+353 1 5550'],
        ],
        'set' => ['customer.owner' => 'femi'],
    ])
        ->assertCreated()
        ->assertJson(['slug' => 'weka-hall']);
    $props = chosenCustomer($this, 'weka-hall');
    expect(array_intersect_key($props, ['name' => 1, 'tierCode' => 1, 'onForm' => 1, 'revision' => 1]))->toBe([
        'name' => 'Weka Hall',
        'revision' => 1,
        'tierCode' => 'school',
        'onForm' => true,
    ]);
    expect([$props['at']['value'], $props['owner']['slug'], $props['contacts'][0]['role']])->toBe([
        'islands',
        'femi',
        'Bursar',
    ]);
    // Of a house with one sort, in no place; the second of a name has a number.
    makeCustomer($this, ['name' => 'Weka Hall'])->assertJson(['slug' => 'weka-hall-2']);
    expect(House::arrive('quote', customer: 'weka-hall-2')->customer?->tier)->toBeNull();
});

it('refuses what is not right of a customer, each by its place, and makes none', function (
    array $document,
    string $pointer,
): void {
    expect(array_column(makeCustomer($this, $document)->assertUnprocessable()->json('errors'), 'pointer'))->toBe([
        $pointer,
    ]);
    expect(Customer::query()->count())->toBe(1);
})->with([
    'no name' => [['tier' => 'school'], ''],
    'an empty name' => [['name' => ' '], '/name'],
    'no such sort' => [['name' => 'A', 'tier' => 'club'], '/tier'],
    'no such place' => [['name' => 'A', 'place' => 'nowhere'], '/place'],
    'no address' => [['name' => 'A', 'contacts' => [['email' => 'ada']]], '/contacts/0/email'],
    'an empty contact' => [['name' => 'A', 'contacts' => [['role' => 'Bursar']]], '/contacts/0'],
    'somebody who is nobody' => [['name' => 'A', 'set' => ['customer.owner' => 'nobody']], '/set/customer.owner'],
]);

it('changes what is given alone, and refuses what somebody else has changed meanwhile', function (): void {
    $put = fn(array $document, int $seen): TestResponse => $this->putJson("/customers/{$this->holms->id}", [
        'seen' => $seen,
        'document' => $document,
    ]);
    $put(['name' => 'Holms School', 'contacts' => [['email' => 'office@holms.example']]], 1)->assertOk();
    app()->forgetScopedInstances();
    $put(['place' => 'islands'], 1)
        ->assertConflict()
        ->assertJsonPath('detail', fn(string $said): bool => str_contains($said, 'Holms School'));
    app()->forgetScopedInstances();
    $put(['place' => 'islands'], 2)->assertOk();
    app()->forgetScopedInstances();
    $put(['place' => 'islands'], 3)->assertOk();
    $this->holms->refresh()->load('contacts');
    expect([$this->holms->name, $this->holms->revision, $this->holms->contacts->count()])->toBe(['Holms School', 3, 1]);
    expect(Activity::query()->where('log_name', 'customers')->pluck('event')->all())->toBe(['changed', 'changed']);
    app()->forgetScopedInstances();
    $put(['place' => null, 'tier' => null], 3)->assertOk();
    expect([$this->holms->refresh()->place_id, $this->holms->tier])->toBe([null, null]);
});

it('retires a customer whose open tasks go on, and takes them up again', function (): void {
    $task = House::arrive('quote', customer: 'holms-school');
    $this->postJson("/customers/{$this->holms->id}/retire", ['retired' => true])->assertOk();
    expect($this->getJson('/tasks/new/customers?q=Th')->json('found'))->toBe([]);
    expect($this->get('/customers')->viewData('page')['props']['total'])->toBe(0);
    expect($this->get('/customers?retired=1')->viewData('page')['props']['total'])->toBe(1);
    expect($task->refresh()->customer_id)->toBe($this->holms->id);
    $this->postJson("/customers/{$this->holms->id}/retire", ['retired' => false])->assertOk();
    expect($this->get('/customers')->viewData('page')['props']['total'])->toBe(1);
});

it('puts one record into another, with its tasks and contacts, and parts them again as they were', function (): void {
    HouseRow::query()->update(['customer_tiers' => json_encode(['school' => 'School', 'club' => 'Club'])]);
    HouseRow::query()->increment('roster_revision');
    House::publish(House::roundRule(), [
        'id' => 'club',
        'name' => 'Of a club',
        'when' => [
            ['kind' => 'field_changes', 'change' => ['field' => 'customer.tier', 'how' => 'values', 'to' => 'club']],
        ],
        'then' => [['kind' => 'tag', 'tag' => 'club']],
    ]);
    makeCustomer($this, ['name' => 'Weka Hall', 'tier' => 'club', 'contacts' => [['email' => 'ada@weka.example']]]);
    $weka = Customer::query()->where('slug', 'weka-hall')->sole();
    $this->putJson("/customers/{$this->holms->id}", [
        'document' => ['place' => 'islands', 'contacts' => [['email' => 'office@holms.example']]],
    ])->assertOk();
    app()->forgetScopedInstances();
    $open = House::arrive('quote', customer: 'holms-school');
    $done = House::arrive('quote', customer: 'holms-school');
    $done->update(['status' => 'done']);
    $own = House::arrive('quote', customer: 'weka-hall');
    $own->update(['tags' => []]);

    app()->forgetScopedInstances();
    $merge = $this->postJson("/customers/{$this->holms->id}/merge", ['into' => 'weka-hall'])
        ->assertOk()
        ->json('merge');
    foreach ([$open, $done, $own] as $task) {
        expect($task->refresh()->customer_id)->toBe($weka->id);
    }
    expect($open->tags)->toBe(['club']);
    expect($own->tags)->toBe([]);
    $props = chosenCustomer($this, 'weka-hall');
    expect([
        $props['at']['value'],
        array_column($props['contacts'], 'email'),
        array_column($props['merges'], 'name'),
    ])->toBe(['islands', ['ada@weka.example', 'office@holms.example'], [$this->holms->name]]);
    // Whoever names the record that is gone means the one that stays.
    expect(House::arrive('quote', customer: 'holms-school')->customer_id)->toBe($weka->id);
    app()->forgetScopedInstances();
    $this->postJson("/customers/{$weka->id}/merge", ['into' => 'holms-school'])->assertConflict();
    $this->postJson("/customers/{$this->holms->id}/merge", ['into' => 'holms-school'])->assertUnprocessable();

    app()->forgetScopedInstances();
    $this->postJson("/customers/merges/{$merge}/undo")->assertOk();
    expect([$open->refresh()->customer_id, $done->refresh()->customer_id, $own->refresh()->customer_id])->toBe([
        $this->holms->id,
        $this->holms->id,
        $weka->id,
    ]);
    expect(array_column(chosenCustomer($this, 'holms-school')['contacts'], 'email'))->toBe(['office@holms.example']);
    expect(chosenCustomer($this, 'weka-hall')['at'])->toBeNull();
    expect(CustomerMerge::query()->sole()->undone_at)->not->toBeNull();
    expect(Activity::query()->where('log_name', 'customers')->pluck('event')->all())->toBe([
        'made',
        'changed',
        'merged',
        'parted',
    ]);
});

it('tells the page of many customers in as many queries as of few', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        $this->get('/customers?customer=holms-school')->assertOk();

        return count(DB::getQueryLog());
    };
    $count();
    DB::enableQueryLog();
    $few = $count();
    foreach (range(1, 40) as $number) {
        $this->holms
            ->replicate()
            ->fill(['slug' => "c{$number}", 'name' => "C {$number}"])
            ->save();
    }
    Task::query()->update(['customer_id' => $this->holms->id]);
    expect($count())->toBe($few);
});

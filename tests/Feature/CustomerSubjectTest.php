<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Events\Notice;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    CustomField::query()->create(['path' => 'customer.hire_ends', 'label' => 'End of the hire', 'type' => 'date']);
    CustomField::query()->create(['path' => 'customer.size', 'label' => 'Players', 'type' => 'number']);
    HouseRow::query()->increment('roster_revision');
    $this->customer = Customer::query()->sole();
});

/** @param array<string, mixed> $document */
function saveCustomer(mixed $test, array $document): TestResponse
{
    app()->forgetScopedInstances();

    return $test
        ->actingAs(House::user('hanneke'))
        ->putJson("/customers/{$test->customer->id}", ['document' => $document])
        ->assertOk();
}

it('gives a customer who is added an owner, who is told, and it stands in its history', function (): void {
    House::publish([
        'id' => 'looked-after',
        'name' => 'New customers in turn',
        'when' => [['kind' => 'customer_added']],
        'give' => [
            'seat' => 'owner',
            'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
            'method' => ['kind' => 'round_robin', 'rotation' => 'New customers'],
        ],
        'then' => [['kind' => 'tag', 'tag' => 'new']],
    ]);
    $slug = $this->actingAs(House::user('hanneke'))
        ->postJson('/customers', ['name' => 'Weka Hall'])
        ->assertCreated()
        ->json('slug');
    $customer = Customer::query()->where('slug', $slug)->sole();
    $owner = $customer->owner;
    expect([$owner?->slug, $customer->tagList(), $customer->revision])->toBe(['ayumi', ['new'], 1]);
    $handoff = Handoff::query()->sole();
    expect([$handoff->customer_id, $handoff->to_id, $handoff->cause->value])->toBe([
        $customer->id,
        $owner?->id,
        'rule',
    ]);
    $notice = Notice::query()->sole();
    expect([$notice->customer_id, $notice->person_id, $notice->kind->value])->toBe([
        $customer->id,
        $owner?->id,
        'routed',
    ]);
    app()->forgetScopedInstances();
    $whole = $this->get("/customers?customer={$slug}")->viewData('page')['props']['customer'];
    expect(array_column($whole['history']['entries'], 'said'))->toBe(['Hanneke de Wit added the customer']);
    expect($whole['history']['entries'][0]['decision']['rule'])->toBe('New customers in turn');
    expect($whole['owners'])->toBe([
        ['person' => ['slug' => 'ayumi', 'name' => 'Ayumi Kato'], 'from' => '2026-03-02T10:00:00Z', 'until' => null],
    ]);
    $decision = Decision::query()->sole();
    $this->getJson("/customers/{$customer->id}/decisions/{$decision->id}")->assertOk();
    $this->getJson("/customers/{$this->customer->id}/decisions/{$decision->id}")->assertNotFound();
});

it('tells nobody of each of many that a table gives them', function (): void {
    $this->actingAs(House::user('hanneke'))
        ->call(
            'POST',
            '/imports/customers',
            content: "name,owner,tags\nWeka Hall,femi,fair; brass\nThe Holms Primary School,femi,\n",
        )
        ->assertSuccessful();
    expect(Customer::query()->whereHas('owner')->count())->toBe(2);
    expect($this->get('/customers/export')->streamedContent())->toContain('fair; brass');
    expect([Notice::query()->count(), Handoff::query()->whereNotNull('customer_id')->count()])->toBe([0, 2]);
});

it('lets rules answer a field, a tag and an owner, and its open tasks see what they do', function (): void {
    House::publish(
        [
            'id' => 'big',
            'name' => 'Large ensembles',
            'when' => [['kind' => 'tag_on', 'tags' => ['fair'], 'of' => 'customer']],
            'then' => [
                ['kind' => 'set_field', 'set' => ['field' => 'customer.size', 'value' => 60]],
                ['kind' => 'set_field', 'set' => ['field' => 'customer.tier', 'value' => 'school']],
                ['kind' => 'tell', 'people' => ['kind' => 'people', 'people' => ['femi']], 'text' => 'The fair comes'],
            ],
        ],
        [
            'id' => 'seen',
            'name' => 'Seen',
            'when' => [['kind' => 'field_changes', 'change' => ['field' => 'customer.size', 'how' => 'filled']]],
            'then' => [['kind' => 'tag', 'tag' => 'large']],
        ],
    );
    $task = House::arrive('quote', customer: 'holms-school');
    saveCustomer($this, ['tags' => ['Fair']]);
    $customer = $this->customer->refresh();
    expect([$customer->facts, $customer->tagList(), $task->refresh()->tagList()])->toBe([
        ['customer.size' => 60],
        ['Fair'],
        ['large'],
    ]);
    expect(Notice::query()->pluck('text', 'customer_id')->all())->toBe([$customer->id => 'The fair comes']);
    $changes = TaskChange::query()
        ->with('causedBy')
        ->orderBy('id')
        ->get(['task_id', 'customer_id', 'occasion', 'user_id', 'caused_by_id']);
    $rows = $changes->map(
        static fn(TaskChange $one): array => [
            $one->task_id !== null,
            $one->occasion,
            $one->user_id !== null,
            $one->causedBy?->customer_id !== null,
        ],
    );
    // The customer; the task sees the tag, then what the rule did to its customer.
    expect($rows->all())->toBe([
        [false, 'customer_edited', true, false],
        [true, 'customer_edited', true, false],
        [true, 'customer_edited', false, true],
    ]);
    app()->forgetScopedInstances();
    $said = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->viewData('page')['props'];
    expect(json_encode($said))->toContain('on account of The Holms Primary School');
});

it('looks at as many rows for a customer with much as for one with little', function (): void {
    $queries = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->actingAs(House::user('hanneke'))->get('/customers?customer=holms-school')->assertOk();

        return count(DB::getQueryLog());
    };
    saveCustomer($this, ['set' => ['customer.owner' => 'femi']]);
    saveCustomer($this, ['set' => ['customer.owner' => 'ayumi']]);
    $queries();
    $few = $queries();
    foreach (['femi', 'callum', 'ayumi', 'femi', 'callum'] as $day => $owner) {
        CarbonImmutable::setTestNow(CarbonImmutable::parse('2026-03-03T10:00:00Z')->addDays($day));
        saveCustomer($this, ['set' => ['customer.owner' => $owner]]);
    }
    $queries();
    expect($queries())->toBe($few);
});

<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

const CALL_BACK = [
    'id' => 'call-back',
    'name' => 'A hire that ends',
    'when' => [
        [
            'kind' => 'date_reached',
            'field' => 'customer.hire_ends',
            'offset' => '-20 days',
            'time' => '09:00',
            'of' => 'customer',
        ],
    ],
    'then' => [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Call ~customer.name~']],
];

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    CustomField::query()->create(['path' => 'customer.hire_ends', 'label' => 'End of the hire', 'type' => 'date']);
    CustomField::query()->create(['path' => 'customer.size', 'label' => 'Players', 'type' => 'number']);
    HouseRow::query()->increment('roster_revision');
    $this->customer = Customer::query()->sole();
});

/** @param array<string, mixed> $document */
function setOnCustomer(mixed $test, array $document): TestResponse
{
    app()->forgetScopedInstances();

    return $test
        ->actingAs(House::user('hanneke'))
        ->putJson("/customers/{$test->customer->id}", ['document' => $document])
        ->assertOk();
}

it('acts once for a customer and a date, whether anything is open for it or not', function (int $open): void {
    House::publish(CALL_BACK);
    for ($one = 0; $one < $open; ++$one) {
        House::arrive('bench-repair', customer: 'holms-school');
    }
    setOnCustomer($this, ['set' => ['customer.hire_ends' => '2026-04-10']]);
    expect($this->customer->refresh()->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-21T09:00:00Z');
    Clock::tick('2026-03-21T08:59:00Z');
    expect(Task::query()->where('title', 'like', 'Call%')->count())->toBe(0);
    Clock::tick('2026-03-21T09:00:00Z');
    Clock::tick('2026-03-21T09:01:00Z');
    Clock::tick('2026-03-22T09:00:00Z');
    $made = Task::query()->where('title', 'like', 'Call%')->sole();
    expect([$made->title, $made->customer_id, $made->made_by_other, $made->made_by_rule, $made->source->value])->toBe([
        'Call The Holms Primary School',
        $this->customer->id,
        $this->customer->id,
        'call-back',
        'rule',
    ]);
    expect([Timer::query()->sole()->customer_id, $this->customer->refresh()->next_moment_at])->toBe([
        $this->customer->id,
        null,
    ]);
    expect(Decision::query()->where('customer_id', $this->customer->id)->sole()->event)->toBe('date_reached');
})->with([0, 2]);

it(
    'is worked out for customers who are there when rules are published, and missed ticks are made up for',
    function (): void {
        setOnCustomer($this, ['set' => ['customer.hire_ends' => '2026-04-10']]);
        House::publish(CALL_BACK);
        expect($this->customer->refresh()->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-21T09:00:00Z');
        $this->actingAs(House::user('hanneke'))
            ->postJson("/customers/{$this->customer->id}/retire", ['retired' => true])
            ->assertOk();
        expect($this->customer->refresh()->next_moment_at)->toBeNull();
        app()->forgetScopedInstances();
        $this->postJson("/customers/{$this->customer->id}/retire", ['retired' => false])->assertOk();
        Clock::tick('2026-03-28T12:00:00Z');
        expect(Task::query()->where('title', 'like', 'Call%')->count())->toBe(1);
    },
);

it('lets a moment of the calendar act on the house, once, whoever looks and whatever is open', function (): void {
    House::publish([
        'id' => 'reeds',
        'name' => 'The reeds are counted',
        'when' => [
            [
                'kind' => 'schedule',
                'recurrence' => 'FREQ=WEEKLY;BYDAY=FR',
                'from' => '2026-03-02',
                'time' => '10:00',
                'of' => 'house',
            ],
        ],
        'then' => [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Count the reeds']],
    ]);
    House::arrive('quote');
    House::arrive('quote');
    foreach (['2026-03-06T09:59:00Z', '2026-03-06T10:00:00Z', '2026-03-06T10:01:00Z', '2026-03-13T12:00:00Z'] as $at) {
        Clock::tick($at);
    }
    // That of the second Friday is not made while the first is open.
    $made = Task::query()->where('title', 'Count the reeds')->sole();
    expect([$made->made_by_other, $made->customer_id, Timer::query()->whereNotNull('fired_at')->count()])->toBe([
        'house',
        null,
        2,
    ]);
    expect(
        Decision::query()
            ->whereNull(['task_id', 'case_id', 'customer_id'])
            ->count(),
    )->toBe(2);
    expect(ChainCut::query()->count())->toBe(0);
});

it('leaves nothing half where a chain fails, and tries again', function (): void {
    House::publish(CALL_BACK);
    setOnCustomer($this, ['set' => ['customer.hire_ends' => '2026-04-10']]);
    $fail = true;
    DB::listen(static function ($query) use (&$fail): void {
        if ($fail && str_starts_with($query->sql, 'insert into `decisions`')) {
            throw new RuntimeException('no');
        }
    });
    Clock::tick('2026-03-21T09:00:00Z');
    $cut = ChainCut::query()->sole();
    expect([$cut->customer_id, $cut->reason->value, Task::query()->count()])->toBe([$this->customer->id, 'failed', 0]);
    $floor = $this->actingAs(House::user('hanneke'))->get('/floor')->viewData('page')['props']['cuts'][0];
    expect([$floor['taskId'], $floor['customer']['value']])->toBe([null, 'holms-school']);
    $fail = false;
    Clock::tick('2026-03-21T09:05:00Z');
    expect([Task::query()->count(), $this->customer->refresh()->next_moment_at])->toBe([1, null]);
});

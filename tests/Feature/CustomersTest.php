<?php

declare(strict_types=1);

use App\Bridge\TaskSubjects;
use App\Http\Pages\Tasks\MissedLine;
use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\DropTask;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-03-02T10:00:00Z');
    House::open();
    CustomField::query()->create([
        'path' => 'customer.hire_ends',
        'label' => 'End of the hire',
        'type' => 'date',
        'options' => null,
    ]);
    HouseRow::query()->increment('roster_revision');
    $this->customer = Customer::query()->sole();
});

/** @param array<string, mixed> $set */
function changeCustomer(mixed $test, array $set, string $who = 'hanneke'): TestResponse
{
    return $test->actingAs(House::user($who))->putJson("/customers/{$test->customer->id}", [
        'document' => ['set' => $set],
    ]);
}

it('is kept by leads', function (): void {
    $this->actingAs(House::user('ayumi'))->get('/customers')->assertForbidden();
    changeCustomer($this, ['customer.owner' => 'femi'], 'ayumi')->assertForbidden();
    $props = $this->actingAs(House::user('hanneke'))->get('/customers?q=Th&customer=holms-school')->viewData('page')[
        'props'
    ];
    expect(array_column($props['customers'], 'name'))->toBe(['The Holms Primary School']);
    expect(array_column($props['fields'], 'path'))->toBe(['customer.owner', 'customer.hire_ends']);
    expect($this->get('/customers?q=%25')->viewData('page')['props']['total'])->toBe(0);
});

it('moves the dates of tasks that follow one of theirs, and rules answer it', function (): void {
    House::publish(
        House::rule(
            'call',
            ['all' => []],
            [
                'pool' => ['kind' => 'field', 'field' => 'customer.owner'],
                'method' => ['kind' => 'same_person'],
                'otherwise' => ['kind' => 'unplaced'],
            ],
            [['kind' => 'due_follows', 'date_field' => 'customer.hire_ends', 'offset' => '-5 working_days']],
        ),
        [
            'id' => 'moved',
            'name' => 'Moved',
            'when' => [['kind' => 'field_changes', 'change' => ['field' => 'customer.hire_ends']]],
            'then' => [['kind' => 'tag', 'tag' => 'moved']],
        ],
    );
    changeCustomer($this, ['customer.owner' => 'femi', 'customer.hire_ends' => '2026-04-10'])->assertOk();
    $task = House::arrive('quote', customer: 'holms-school');
    expect([$task->assignee?->slug, $task->due_at?->toIso8601ZuluString()])->toBe(['femi', '2026-04-03T16:00:00Z']);
    changeCustomer($this, ['customer.hire_ends' => '2026-04-24'])->assertOk();
    $change = TaskChange::query()->where('task_id', $task->id)->orderBy('id')->firstOrFail();
    expect([$task->refresh()->due_at?->toIso8601ZuluString(), $task->tags])->toBe(['2026-04-17T16:00:00Z', ['moved']]);
    expect($change->occasion)->toBe('customer_edited');
    expect($change->difference)->toBe([
        'due' => ['2026-04-03T16:00:00Z', '2026-04-17T16:00:00Z'],
        'customer.hire_ends' => ['2026-04-10', '2026-04-24'],
    ]);
    expect(House::arrive('quote', customer: 'holms-school')->due_at?->toIso8601ZuluString())->toBe(
        '2026-04-17T16:00:00Z',
    );
    expect(Activity::query()->where('log_name', 'customers')->count())->toBe(2);
});

it('refuses what is not right, and changes nothing', function (array $set, string $pointer): void {
    changeCustomer($this, ['customer.owner' => 'femi'] + $set)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->customer->refresh()->owner_id)->toBeNull();
})->with([
    'a field that there is not' => [['customer.colour' => 'red'], '/document/set/customer.colour'],
    'their name, which is kept elsewhere' => [['customer.name' => 'x'], '/document/set/customer.name'],
    'a date that is none' => [['customer.hire_ends' => 'soon'], '/document/set/customer.hire_ends'],
    'a field of tasks' => [['task.value' => 3], '/document/set/task.value'],
]);

it('does nothing where nothing changes', function (): void {
    changeCustomer($this, ['customer.owner' => null])->assertOk();
    expect(Activity::query()->where('log_name', 'customers')->count())->toBe(0);
});

it('says what a date of theirs has missed for all of their tasks, by as many queries as for one', function (): void {
    Clock::set('2026-03-01T10:00:00Z');
    House::publish(House::roundRule(), [
        'id' => 'ends',
        'name' => 'The hire ends',
        'when' => [
            ['kind' => 'date_reached', 'field' => 'customer.hire_ends', 'offset' => '-20 days', 'time' => '09:00'],
        ],
        'then' => [['kind' => 'tag', 'tag' => 'ends']],
    ]);
    $numbers = array_map(static fn(): ?int => House::arrive('quote', customer: 'holms-school')->number, range(1, 4));
    Clock::tick('2026-03-02T10:30:00Z');
    expect(
        array_column(
            (array) changeCustomer($this, ['customer.hire_ends' => '2026-03-22'])
                ->assertOk()
                ->json('missed'),
            'number',
        ),
    )->toBe($numbers);

    $queries = static function (int $tasks): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $missed = app(MissedLine::class)->of(Task::query()->with(TaskSubjects::RELATIONS)->limit($tasks)->get());
        DB::disableQueryLog();

        return count($missed) === $tasks ? count(DB::getQueryLog()) : -1;
    };
    $queries(1);
    expect($queries(4))->toBe($queries(1))->toBeGreaterThan(0);
});

it(
    'moves the title of a call with the date that it speaks of, and makes no second one while it is open',
    function (): void {
        House::publish([
            'id' => 'ends',
            'name' => 'Ends',
            'when' => [['kind' => 'date_reached', 'field' => 'customer.hire_ends', 'offset' => '-20 days']],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            'then' => [
                [
                    'kind' => 'create_task',
                    'task_kind' => 'bench-repair',
                    'title' => 'Call ~customer.name~ by ~customer.hire_ends~',
                ],
            ],
        ]);
        $hire = House::arrive('quote', customer: 'holms-school', title: 'Hire');
        $ends = function (string $day): void {
            $this->actingAs(House::user('hanneke'))
                ->putJson('/customers/' . Customer::query()->sole()->id, [
                    'document' => ['set' => ['customer.hire_ends' => $day]],
                ])
                ->assertOk();
        };
        $calls = static fn(): array => Task::query()
            ->where('made_by_id', $hire->id)
            ->orderBy('number')
            ->pluck('title')
            ->all();
        $ends('2026-03-24');
        Clock::tick('2026-03-04T09:00:00Z');
        expect($calls())->toBe(['Call The Holms Primary School by Tue 24 Mar']);
        $ends('2026-04-03');
        expect($calls())->toBe(['Call The Holms Primary School by Fri 3 Apr']);
        Clock::tick('2026-03-14T09:00:00Z');
        expect($calls())->toBe(['Call The Holms Primary School by Fri 3 Apr']);
        $call = Task::query()->where('made_by_id', $hire->id)->sole();
        $this->putJson("/tasks/{$call->id}/fields", [
            'seen' => ['task.title' => $call->title],
            'set' => ['task.title' => 'Ring them'],
        ])->assertOk();
        $ends('2026-04-09');
        expect($calls())->toBe(['Ring them']);
        app(DropTask::class)($call->refresh(), 'Rung by chance', House::user('hanneke'));
        Clock::tick('2026-03-21T09:00:00Z');
        expect($calls())->toBe(['Ring them', 'Call The Holms Primary School by Thu 9 Apr']);
    },
);

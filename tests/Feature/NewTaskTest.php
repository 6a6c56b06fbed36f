<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Rules\RotationSeat;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

it('is made by hand, and whoever made it is known', function (): void {
    $answer = $this->actingAs(House::user('femi'))
        ->postJson('/tasks', [
            'title' => 'Horn, dent',
            'kind' => 'bench-repair',
            'customer' => 'holms-school',
            'fields' => ['task.value' => 120],
        ])
        ->assertCreated();
    $task = Task::query()->findOrFail($answer->json('id'));
    expect([
        $task->title,
        $task->assignee?->slug,
        $task->customer?->slug,
        $task->source->value,
        $task->creator_id,
    ])->toBe(['Horn, dent', 'ayumi', 'holms-school', 'by_hand', House::person('femi')->id]);
    // Whoever made it may change and drop it.
    $this->getJson("/tasks/{$task->id}/fields")->assertOk();
    $this->post("/tasks/{$task->id}/drop", ['reason' => 'Entered twice'])->assertSessionHasNoErrors();
});

it('says who would get it, and why, without taking a turn or making anything', function (): void {
    House::arrive();
    $before = [
        Task::query()->count(),
        RotationSeat::query()
            ->orderBy('person_id')
            ->get(['person_id', 'pass'])
            ->toArray(),
    ];
    $trail = $this->actingAs(House::user('ayumi'))
        ->postJson('/tasks/new/preview', ['title' => 'Horn', 'kind' => 'bench-repair'])
        ->assertOk();
    expect($trail->json('pick.slug'))->toBe('femi');
    expect($trail->json('rule.name'))->toBe('Rule round');
    expect([
        Task::query()->count(),
        RotationSeat::query()
            ->orderBy('person_id')
            ->get(['person_id', 'pass'])
            ->toArray(),
    ])->toBe($before);
});

it('says what is wrong with it, each at its place', function (): void {
    $this->actingAs(House::user('ayumi'))
        ->postJson('/tasks', [
            'title' => '',
            'kind' => 'opera',
            'customer' => 'nobody',
            'fields' => ['task.value' => 'much', 'task.status' => 'done'],
        ])
        ->assertUnprocessable();
    $pointers = array_column(
        $this->postJson('/tasks/new/preview', [
            'title' => '',
            'kind' => 'opera',
            'fields' => ['task.value' => 'much', 'task.status' => 'done'],
        ])->json('errors'),
        'pointer',
    );
    expect($pointers)->toBe(['/title', '/kind', '/fields/task.value', '/fields/task.status']);
    expect(Task::query()->count())->toBe(0);
});

it('is for members as far as the house allows, and for leads', function (): void {
    config(['baton.members_create' => false]);
    $this->actingAs(House::user('ayumi'))->get('/tasks/new')->assertForbidden();
    $this->postJson('/tasks', ['title' => 'x', 'kind' => 'quote'])->assertForbidden();
    $this->postJson('/tasks/new/preview', ['title' => 'x', 'kind' => 'quote'])->assertForbidden();
    $this->actingAs(House::user('hanneke'))->get('/tasks/new')->assertOk();
});

it('finds customers by the beginning of their name', function (): void {
    $find = fn(string $text): array => array_column(
        $this->actingAs(House::user('ayumi'))
            ->getJson('/tasks/new/customers?q=' . urlencode($text))
            ->json('found'),
        'value',
    );
    // By words: Process/SearchTest, since the index has what is committed.
    expect($find('th'))->toBe(['holms-school']);
    expect($find('op'))->toBe([]);
    expect($find('%'))->toBe([]);
    // Two of one name are told by their place, and chosen by their id.
    Customer::query()
        ->sole()
        ->replicate()
        ->fill(['slug' => 'holms-school-2', 'place_id' => null])
        ->save();
    expect($this->getJson('/tasks/new/customers?q=Th')->json('found'))->toBe([
        ['value' => 'holms-school', 'label' => 'The Holms Primary School', 'note' => 'The Holms'],
        ['value' => 'holms-school-2', 'label' => 'The Holms Primary School', 'note' => null],
    ]);
    DB::enableQueryLog();
    $find('a');
    expect(count(DB::getQueryLog()))->toBeLessThan(8);
});

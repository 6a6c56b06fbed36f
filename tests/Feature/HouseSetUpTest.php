<?php

declare(strict_types=1);

use App\Models\House\CustomField;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

it(
    'defines levels of places and sorts of customers by their words, and keeps those that are in use',
    function (): void {
        $this->actingAs(House::user('hanneke'));
        $put = fn(string $what, array $labels, ?int $answering = null) => $this->put("/house/{$what}", [
            'labels' => array_map(static fn(array $one): array => ['value' => $one[0], 'label' => $one[1]], $labels),
            'answering' => $answering,
        ]);
        $put('levels', [['region', 'County'], ['district', 'Town'], [null, 'Street 5']], 2)->assertSessionHasNoErrors();
        $house = HouseRow::query()->sole();
        expect([$house->levels(), $house->answering_level])->toBe([
            ['region' => 'County', 'district' => 'Town', 'street_5' => 'Street 5'],
            'street_5',
        ]);
        // Places are at the first two.
        $put('levels', [[null, 'Land'], ['region', 'County'], ['district', 'Town']])->assertSessionHas('problem');
        $put('levels', [['region', 'County']])->assertSessionHas('problem');
        $put('levels', [['region', 'Same'], ['district', 'same']])->assertSessionHasErrors('labels.1.label');
        expect(HouseRow::query()->sole()->levels())->toHaveCount(3);
        $put('tiers', [['school', 'Schools'], [null, 'Landlord']])->assertSessionHasNoErrors();
        expect(HouseRow::query()->sole()->tiers())->toBe(['school' => 'Schools', 'landlord' => 'Landlord']);
        $put('tiers', [[null, 'Landlord']])->assertSessionHas('problem');
        $this->actingAs(House::user('ayumi'));
        $put('tiers', [])->assertForbidden();
    },
);

it('asks of a kind for what it says, in every form, and takes nothing else', function (): void {
    $this->actingAs(House::user('hanneke'));
    $quote = TaskKind::query()->where('slug', 'quote')->sole();
    $this->put("/house/kinds/{$quote->id}", [
        'name' => 'Quote',
        'minutes' => 45,
        'asks' => [['path' => 'task.value', 'required' => true], ['path' => 'task.needed', 'required' => false]],
    ])->assertSessionHasNoErrors();
    $kinds = array_column($this->get('/tasks/new')->viewData('page')['props']['kinds'], 'asks', 'value');
    expect($kinds)->toBe([
        'bench-repair' => null,
        'quote' => [['path' => 'task.value', 'required' => true], ['path' => 'task.needed', 'required' => false]],
        'approval' => null,
    ]);
    app()->forgetScopedInstances();
    $missing = $this->postJson('/tasks', ['title' => 'A', 'kind' => 'quote'])
        ->assertUnprocessable()
        ->json('errors');
    expect($missing)->toBe([
        ['pointer' => '/fields', 'detail' => '"task.value" is missing.', 'missing' => 'task.value'],
    ]);
    $this->postJson('/tasks', [
        'title' => 'A',
        'kind' => 'quote',
        'fields' => ['task.value' => 5, 'task.family' => 'brass'],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'Tasks of this kind have no "task.family".');
    $task = House::arrive('quote', ['task.value' => 5]);
    $fields = fn(): array => array_column(
        $this->getJson("/tasks/{$task->id}/fields")
            ->assertOk()
            ->json('fields'),
        'path',
    );
    expect(array_intersect($fields(), ['task.family', 'task.value', 'task.needed']))->toHaveCount(2);
    $this->putJson("/tasks/{$task->id}/fields", [
        'seen' => ['task.value' => 5],
        'set' => ['task.value' => null],
    ])->assertUnprocessable();
    $this->put("/house/kinds/{$quote->id}", [
        'name' => 'Quote',
        'minutes' => 45,
        'asks' => [['path' => 'task.no', 'required' => true]],
    ])->assertSessionHasErrors('asks.0.path');
});

it('sets the web form up: kinds, fields, words, and how customers are asked for', function (): void {
    $this->actingAs(House::user('hanneke'));
    $ids = fn(string $model, string $by): array => $model::query()->pluck('id', $by)->all();
    [$kinds, $fields] = [$ids(TaskKind::class, 'slug'), $ids(CustomField::class, 'path')];
    TaskKind::query()
        ->whereKey($kinds['quote'])
        ->update(['asks' => json_encode([['path' => 'task.value', 'required' => false]])]);
    $set = [
        'lead' => 'What shall we mend?',
        'customers' => 'typed',
        'kinds' => [$kinds['quote'] => 'What it costs', $kinds['bench-repair'] => ' '],
        'fields' => [$fields['task.value'] => 'Worth', $fields['task.family'] => 'Of which family'],
    ];
    $this->put('/house/form', $set)->assertSessionHasNoErrors();
    $this->get('/stand-ins/web-form')
        ->assertSee('What shall we mend?')
        ->assertSee('What it costs')
        ->assertDontSee('A repair')
        ->assertSee('option[value="quote"]:checked) [data-field="task.family"]', false)
        ->assertDontSee('[data-field="task.value"] { display', false);
    $send = fn(array $more) => $this->post('/stand-ins/web-form', ['kind' => 'quote', 'title' => 'Tuba'] + $more);
    $send([
        'customer_name' => 'the holms primary school',
        'contact' => 'Ada',
        'task_family' => 'brass',
    ])->assertSessionHasNoErrors();
    $send(['customer_name' => 'Weka Hall', 'contact' => 'Bea', 'task_value' => '40'])->assertSessionHasNoErrors();
    $tasks = Task::query()->with('customer')->orderBy('number')->get();
    expect([$tasks[0]->customer?->slug, $tasks[0]->contact, $tasks[0]->facts])->toBe(['holms-school', 'Ada', []]);
    expect([$tasks[1]->customer, $tasks[1]->contact, $tasks[1]->facts])->toBe([
        null,
        'Weka Hall, Bea',
        ['task.value' => 40],
    ]);
    $this->put('/house/form', ['customers' => 'none', 'kinds' => [], 'fields' => []])->assertSessionHasNoErrors();
    $this->get('/stand-ins/web-form')->assertDontSee('customer_name')->assertSee('Tell us what you need.');
});

it('has kinds with a list of what they ask for ask for a new field, where that is wanted', function (): void {
    $this->actingAs(House::user('hanneke'));
    $quote = TaskKind::query()->where('slug', 'quote')->sole();
    $quote->update(['asks' => [['path' => 'task.value', 'required' => true]]]);
    $field = ['of' => 'task', 'type' => 'text'];
    $this->post('/house/fields', $field + ['label' => 'Colour', 'asked' => '1'])->assertSessionHasNoErrors();
    $this->post('/house/fields', $field + ['label' => 'Maker'])->assertSessionHasNoErrors();
    expect($quote->refresh()->asks)->toBe([
        ['path' => 'task.value', 'required' => true],
        ['path' => 'task.colour', 'required' => false],
    ]);
    expect(TaskKind::query()->where('slug', 'bench-repair')->sole()->asks)->toBeNull();
});

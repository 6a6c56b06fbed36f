<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Models\Access\Role;
use App\Models\House\CustomField;
use App\Models\Tasks\Checklist;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Database\Factories\Access\UserFactory;
use OpenBaton\Core\Document\DocumentError;
use Spatie\Activitylog\Models\Activity;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

it('is shaped by an administrator or a lead, and by nobody else', function (): void {
    $this->actingAs(House::user('ayumi'))->get('/house')->assertForbidden();
    $this->actingAs(House::user('ayumi'))
        ->post('/house/fields', ['of' => 'task', 'label' => 'Colour', 'type' => 'text'])
        ->assertForbidden();
    $this->actingAs(UserFactory::new()->who(Role::Administrator)->create())
        ->get('/house')
        ->assertOk();
    $this->actingAs(House::user('hanneke'))->get('/house')->assertOk();
});

it('takes a field of its own from its definition to the form, to criteria, to a decision', function (): void {
    $this->actingAs(House::user('hanneke'));
    $this->post('/house/fields', [
        'of' => 'task',
        'label' => 'Finish',
        'type' => 'one_of',
        'options' => [
            ['value' => 'silver', 'label' => 'Silver plated'],
            ['value' => 'lacquer', 'label' => 'Lacquered'],
        ],
    ])
        ->assertSessionHasNoErrors()
        ->assertRedirect();
    $fields = array_column($this->get('/tasks/new')->viewData('page')['props']['fields'], null, 'path');
    expect($fields['task.finish'])->toMatchArray(['label' => 'Finish', 'type' => 'one_of']);
    expect(array_column($fields['task.finish']['options'], 'label'))->toBe(['Silver plated', 'Lacquered']);
    expect(Activity::query()->where('event', 'field_defined')->count())->toBe(1);
    House::publish(
        House::rule(
            'silver',
            ['field' => 'task.finish', 'op' => 'is', 'value' => 'silver'],
            ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
        ),
        House::roundRule(),
    );
    expect(House::arrive(facts: ['task.finish' => 'silver'])->assignee?->slug)->toBe('tobias');
    expect(House::arrive(facts: ['task.finish' => 'lacquer'])->assignee?->slug)->toBe('ayumi');
    expect(static fn() => House::arrive(facts: ['task.finish' => 'gold']))->toThrow(
        DocumentError::class,
        'its values are silver, lacquer',
    );
});

it('refuses a field that can not be', function (array $wrong, string $field): void {
    $this->actingAs(House::user('hanneke'))
        ->post('/house/fields', $wrong + ['of' => 'task', 'label' => 'Colour', 'type' => 'text'])
        ->assertSessionHasErrors($field);
    expect(CustomField::query()->where('path', 'task.colour')->count())->toBe(0);
})->with([
    'without a label' => [['label' => ''], 'label'],
    'of what there is not' => [['of' => 'house'], 'of'],
    'that every task has' => [['label' => 'Priority'], 'label'],
    'that there is' => [['label' => 'INSTRUMENT family'], 'label'],
    'of no type' => [['type' => 'picture'], 'type'],
    'to choose from nothing' => [['type' => 'one_of'], 'options'],
    'with the same value twice' => [
        ['type' => 'one_of', 'options' => [['value' => 'a', 'label' => 'A'], ['value' => 'a', 'label' => 'B']]],
        'options.1.value',
    ],
]);

it('renames values and adds some, and retires those that are taken out', function (): void {
    $old = House::arrive(facts: ['task.family' => 'strings']);
    $family = CustomField::query()->where('path', 'task.family')->sole();
    $set = fn(array $values) => $this->actingAs(House::user('hanneke'))
        ->put("/house/fields/{$family->id}", [
            'label' => 'Family',
            'options' => array_map(
                static fn(string $value, string $label): array => ['value' => $value, 'label' => $label],
                array_keys($values),
                $values,
            ),
        ])
        ->assertSessionHasNoErrors();
    $offered = fn(): array => array_column(
        array_filter(
            array_column($this->get('/tasks/new')->viewData('page')['props']['fields'], 'options', 'path')[
                'task.family'
            ],
            static fn(array $one): bool => !isset($one['retired']),
        ),
        'value',
    );
    $set(['keys' => 'Keys', 'brass' => 'Brass instruments']);
    expect(app(SnapshotSource::class)->current()->catalogue->find('task.family')?->options)->toBe([
        'keys' => 'Keys',
        'brass' => 'Brass instruments',
        'strings' => 'Strings',
    ]);
    expect($offered())->toBe(['keys', 'brass']);
    expect($old->refresh()->facts)->toBe(['task.family' => 'strings']);
    expect(
        array_column($this->get("/tasks/{$old->id}")->viewData('page')['props']['task']['facts'], 'value', 'label')[
            'Family'
        ],
    )->toBe('Strings');
    expect(
        array_column($this->get('/house')->viewData('page')['props']['fields'], 'retiredOptions', 'path')[
            'task.family'
        ],
    )->toBe([['value' => 'strings', 'label' => 'Strings']]);
    $set(['strings' => 'Strings again', 'brass' => 'Brass']);
    app()->forgetScopedInstances();
    expect($offered())->toBe(['strings', 'brass']);
});

it('retires a field, and takes it up again: what is kept in it stays known', function (): void {
    $task = House::arrive(facts: ['task.value' => 300]);
    $value = CustomField::query()->where('path', 'task.value')->sole();
    $offered = function (): array {
        app()->forgetScopedInstances();

        return array_column($this->get('/tasks/new')->viewData('page')['props']['fields'], 'path');
    };
    $this->actingAs(House::user('hanneke'))
        ->post("/house/fields/{$value->id}/retire", ['retired' => true])
        ->assertRedirect();
    expect($offered())->not->toContain('task.value');
    expect(app(SnapshotSource::class)->current()->catalogue->find('task.value')?->retired)->toBeTrue();
    expect(Task::query()->findOrFail($task->id)->facts)->toBe(['task.value' => 300]);
    $this->post("/house/fields/{$value->id}/retire", ['retired' => false]);
    expect($offered())->toContain('task.value');
});

it('puts fields in another order', function (): void {
    $paths = static fn(): array => CustomField::query()->orderBy('position')->pluck('path')->all();
    $this->actingAs(House::user('hanneke'));
    foreach (CustomField::query()->orderBy('id')->get() as $place => $field) {
        $field->update(['position' => $place]);
    }
    $before = $paths();
    $this->post('/house/fields/' . CustomField::query()->where('path', $before[0])->value('id') . '/move', [
        'places' => 1,
    ]);
    expect($paths())->toBe([$before[1], $before[0], ...array_slice($before, 2)]);
    $this->post('/house/fields/' . CustomField::query()->where('path', $before[0])->value('id') . '/move', [
        'places' => -9,
    ]);
    expect($paths())->toBe($before);
});

it('makes kinds of task with what they begin with', function (): void {
    $this->actingAs(House::user('hanneke'));
    $this->post('/house/kinds', [
        'name' => 'Cleaning',
        'minutes' => 25,
        'defaults' => ['task.family' => 'brass', 'task.value' => null],
    ])->assertSessionHasNoErrors();
    $task = House::arrive('cleaning');
    expect($task->facts)->toBe(['task.family' => 'brass']);
    expect(House::arrive('cleaning', ['task.family' => 'strings'])->facts)->toBe(['task.family' => 'strings']);
    expect(TaskKind::query()->where('slug', 'cleaning')->sole()->usual_minutes)->toBe(25);
    $this->post('/house/kinds', ['name' => 'cleaning', 'minutes' => 25])->assertSessionHasErrors('name');
    $this->post('/house/kinds', ['name' => 'Cleaning!', 'minutes' => 25])->assertSessionHasNoErrors();
    expect(TaskKind::query()->where('slug', 'cleaning-2')->sole()->name)->toBe('Cleaning!');
    $this->postJson('/house/kinds', [
        'name' => 'Polish',
        'minutes' => 25,
        'defaults' => ['task.family' => 'glass'],
    ])->assertUnprocessable();
    expect(TaskKind::query()->where('slug', 'polish')->count())->toBe(0);
});

it('keeps checklists in one place: tasks have theirs', function (): void {
    $this->actingAs(House::user('hanneke'));
    $this->post('/house/checklists', [
        'name' => 'Bench',
        'items' => ['Photograph it', 'Play it'],
    ])->assertSessionHasNoErrors();
    House::publish(
        House::rule(
            'list',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['ayumi']], 'method' => ['kind' => 'in_order']],
            [['kind' => 'checklist', 'checklist' => 'bench']],
        ),
    );
    $task = House::arrive();
    $this->put('/house/checklists/' . Checklist::query()->where('slug', 'bench')->value('id'), [
        'name' => 'Bench',
        'items' => ['Only this'],
    ])->assertSessionHasNoErrors();
    expect(array_column($task->refresh()->items(), 'text'))->toBe(['Photograph it', 'Play it']);
    expect(array_column(House::arrive()->items(), 'text'))->toBe(['Only this']);
    $this->post('/house/checklists', ['name' => 'Empty', 'items' => []])->assertSessionHasErrors('items');
});

it('has a rule refused that names a checklist which there is not', function (): void {
    expect(
        static fn() => House::publish(
            House::rule(
                'list',
                ['all' => []],
                ['pool' => ['kind' => 'people', 'people' => ['ayumi']], 'method' => ['kind' => 'in_order']],
                [['kind' => 'checklist', 'checklist' => 'attic']],
            ),
        ),
    )->toThrow(DocumentError::class, 'There is no checklist "attic".');
});

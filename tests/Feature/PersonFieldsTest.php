<?php

declare(strict_types=1);

use App\Documents\SchemaCheck;
use App\Models\House\CustomField;
use App\Models\People\Person;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Document\DocumentError;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    foreach (
        [
            ['label' => 'Van', 'type' => 'yes_no'],
            ['label' => 'Locker', 'type' => 'number'],
            [
                'label' => 'Speaks',
                'type' => 'many_of',
                'options' => [['value' => 'fi', 'label' => 'Finnish'], ['value' => 'sv', 'label' => 'Swedish']],
            ],
        ]
        as $field
    ) {
        app()->forgetScopedInstances();
        $this->actingAs(House::user('hanneke'))
            ->post('/house/fields', ['of' => 'person'] + $field)
            ->assertSessionHasNoErrors();
    }
});

/** @param array<string, mixed> $fields */
function keepOf(mixed $test, string $slug, array $fields): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user('hanneke'))->putJson("/people/{$slug}", [
        'document' => ['name' => House::person($slug)->name, 'fields' => $fields],
        'teams' => [],
    ]);
}

it('keeps of people what the house has defined, and forms ask for it', function (): void {
    keepOf($this, 'femi', ['person.van' => true, 'person.locker' => 12, 'person.speaks' => ['fi', 'sv']])->assertOk();
    app()->forgetScopedInstances();
    $props = $this->get('/people?person=femi')->viewData('page')['props'];
    expect((array) ((array) $props['person']['document'])['fields'])->toBe([
        'person.van' => true,
        'person.locker' => 12,
        'person.speaks' => ['fi', 'sv'],
    ]);
    expect(array_column($props['fields'], 'type', 'path'))->toBe([
        'person.van' => 'yes_no',
        'person.locker' => 'number',
        'person.speaks' => 'many_of',
    ]);
    keepOf($this, 'femi', ['person.van' => null, 'person.locker' => ''])->assertOk();
    expect(House::person('femi')->facts)->toBeNull();
});

it('says what is not right with it, and changes nothing', function (array $fields, string $pointer): void {
    $response = keepOf($this, 'femi', $fields)->assertUnprocessable();
    expect($response->json('errors.0.pointer'))->toEndWith($pointer);
    expect(House::person('femi')->facts)->toBeNull();
})->with([
    'a field that there is not' => [['person.shoes' => 44], '/fields/person.shoes'],
    'a field of tasks' => [['task.title' => 'Horn'], '/fields/task.title'],
    'another type' => [['person.locker' => 'twelve'], '/fields/person.locker'],
    'a value that is not offered' => [['person.speaks' => ['fi', 'la']], '/fields/person.speaks/1'],
]);

it('gives to those of whom a field says so, and criteria of tasks do not ask for it', function (): void {
    keepOf($this, 'femi', ['person.van' => false, 'person.speaks' => ['fi']])->assertOk();
    keepOf($this, 'tobias', ['person.van' => true, 'person.speaks' => ['sv', 'fi']])->assertOk();
    app()->forgetScopedInstances();
    House::publish(
        House::rule(
            'van',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            [
                'pool' => ['kind' => 'person_field', 'having' => ['field' => 'person.van', 'value' => true]],
                'method' => ['kind' => 'in_order'],
            ],
        ),
        House::rule(
            'fi',
            ['all' => []],
            [
                'pool' => ['kind' => 'person_field', 'having' => ['field' => 'person.speaks', 'value' => ['fi']]],
                'method' => ['kind' => 'in_order'],
            ],
        ),
    );
    expect(House::arrive('quote')->assignee?->slug)->toBe('tobias');
    expect(House::arrive()->assignee?->slug)->toBe('femi');
    $wrong = static fn(array $rule): Closure => static fn() => House::publish($rule);
    expect(
        $wrong(
            House::rule(
                'a',
                ['field' => 'person.van', 'op' => 'is', 'value' => true],
                ['pool' => ['kind' => 'team', 'team' => 'brass-bench'], 'method' => ['kind' => 'in_order']],
            ),
        ),
    )->toThrow(DocumentError::class, 'There is no field "person.van".');
    expect(
        $wrong(
            House::rule(
                'b',
                ['all' => []],
                [
                    'pool' => ['kind' => 'person_field', 'having' => ['field' => 'task.value', 'value' => 1]],
                    'method' => ['kind' => 'in_order'],
                ],
            ),
        ),
    )->toThrow(DocumentError::class, 'There is no field "task.value" of people.');
    app()->forgetScopedInstances();
    $vocabulary = $this->get('/rulebook')->viewData('page')['props']['vocabulary'];
    expect(array_column($vocabulary['personFields'], 'path'))->toBe(['person.van', 'person.locker', 'person.speaks']);
    expect(
        array_filter(
            array_column($vocabulary['fields'], 'path'),
            static fn(string $path): bool => str_starts_with($path, 'person.'),
        ),
    )->toBe([]);
});

it('goes out and comes in by document and by table', function (): void {
    keepOf($this, 'femi', ['person.van' => true, 'person.locker' => 12.5, 'person.speaks' => ['fi', 'sv']])->assertOk();
    app()->forgetScopedInstances();
    $document = (string) $this->get('/roster/export?form=json')->assertOk()->getContent();
    SchemaCheck::check('roster', json_decode($document));
    $table = (string) $this->get('/roster/export?form=csv')->assertOk()->getContent();
    [$heading, , , $femi] = explode("\n", $table);
    expect($heading)->toEndWith(',teams,person.van,person.locker,person.speaks');
    expect($femi)->toStartWith('femi,')->toEndWith(',yes,12.5,"fi; sv"');
    foreach (['json' => $document, 'csv' => $table] as $form => $text) {
        Person::query()->update(['facts' => null]);
        app()->forgetScopedInstances();
        $this->call(
            'POST',
            "/roster/import?form={$form}",
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/plain'],
            $text,
        )->assertOk();
        expect([$form, House::person('femi')->facts])->toBe([
            $form,
            ['person.van' => true, 'person.locker' => 12.5, 'person.speaks' => ['fi', 'sv']],
        ]);
    }
    $bad = $this->call(
        'POST',
        '/roster/import?form=csv',
        [],
        [],
        [],
        ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/plain'],
        "id,name,person.van,person.locker\nfemi,Femi,perhaps,12\n",
    );
    expect($bad->assertUnprocessable()->json('errors.0.pointer'))->toBe('/line 2/person.van');
});

it('offers one that is retired no longer, and keeps what is in it', function (): void {
    keepOf($this, 'femi', ['person.locker' => 12])->assertOk();
    $field = CustomField::query()->where('path', 'person.locker')->sole();
    $this->actingAs(House::user('hanneke'))
        ->post("/house/fields/{$field->id}/retire", ['retired' => true])
        ->assertRedirect();
    app()->forgetScopedInstances();
    $props = $this->get('/people?person=femi')->viewData('page')['props'];
    expect(array_column($props['fields'], 'path'))->toBe(['person.van', 'person.speaks']);
    expect(House::person('femi')->facts)->toBe(['person.locker' => 12]);
});

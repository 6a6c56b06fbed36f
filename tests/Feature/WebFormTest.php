<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Models\Tasks\TaskSource;
use Tests\Support\Cases;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

it('is open to everybody and says that it is a stand-in', function (): void {
    $this->get('/stand-ins/web-form')->assertOk()->assertSee('stand-in')->assertSee('The Holms Primary School');
});

it('sends a request through the same intake as other systems', function (): void {
    $this->post('/stand-ins/web-form', [
        'kind' => 'bench-repair',
        'title' => 'Trumpet, stuck valve',
        'task_family' => 'brass',
        'task_value' => '320.50',
        'customer' => 'holms-school',
        'contact' => 'office@holms.example',
    ])
        ->assertRedirect('/stand-ins/web-form')
        ->assertSessionHas('number', Task::query()->sole()->number);
    $task = Task::query()->sole();
    expect($task->assignee?->slug)->toBe('ayumi');
    expect($task->source)->toBe(TaskSource::WebForm);
    expect($task->facts)->toBe(['task.family' => 'brass', 'task.value' => 320.5]);
});

it('says what is wrong beside the field and loses nothing', function (): void {
    $this->from('/stand-ins/web-form')
        ->post('/stand-ins/web-form', [
            'kind' => 'bench-repair',
            'title' => '',
            'task_value' => 'a lot',
            'task_family' => 'kazoo',
            'description' => 'Long story',
        ])
        ->assertSessionHasErrors(['title', 'task_value', 'task_family']);
    $this->get('/stand-ins/web-form')->assertSee('Long story');
    expect(Task::query()->count())->toBe(0);
});

it('offers and takes only what the house offers to strangers', function (): void {
    Customer::query()->create(['slug' => 'ada', 'name' => 'Ada at home', 'tier' => 'private']);
    $this->get('/stand-ins/web-form')->assertDontSee('Ada at home');
    $this->post('/stand-ins/web-form', [
        'kind' => 'bench-repair',
        'title' => 'Trumpet',
        'customer' => 'ada',
    ])->assertSessionHasErrors(['customer' => 'Choose one of the list, or none.']);
    TaskKind::query()
        ->where('slug', 'bench-repair')
        ->update(['form_label' => null]);
    $this->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => 'Trumpet'])->assertSessionHasErrors([
        'kind' => 'Choose one of what we offer.',
    ]);
    expect(Task::query()->count())->toBe(0);
    $this->actingAs(House::user('hanneke'))
        ->putJson('/customers/' . Customer::query()->where('slug', 'ada')->sole()->id, [
            'document' => ['on_form' => true],
        ])
        ->assertOk();
    $this->get('/stand-ins/web-form')->assertSee('Ada at home');
});

it('takes no more than a letter', function (array $sent, array $wrong): void {
    $this->post(
        '/stand-ins/web-form',
        $sent + ['kind' => 'bench-repair', 'title' => 'Trumpet'],
    )->assertSessionHasErrors($wrong);
    expect(Task::query()->count())->toBe(0);
})->with([
    'a long story' => [
        ['description' => str_repeat('ä', 5_001)],
        ['description' => 'This has at most 5000 characters.'],
    ],
    'a long field' => [['task_value' => str_repeat('1', 201)], ['task_value']],
    'a long title' => [['title' => str_repeat('x', 256)], ['title']],
    'a list' => [['description' => ['a']], ['description']],
]);

it('reads nothing of what is too large', function (): void {
    $this->call(
        'POST',
        '/stand-ins/web-form',
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/x-www-form-urlencoded', 'CONTENT_LENGTH' => '70000'],
        'title=' . str_repeat('x', 69_994),
    )->assertStatus(413);
    expect(Task::query()->count())->toBe(0);
});

it('opens a case with what is asked for, where the kind says so; the task is in it', function (): void {
    Cases::track();
    House::publish(House::roundRule(), [
        'id' => 'owner',
        'name' => 'New hires are Ayumi’s',
        'active' => true,
        'when' => [['kind' => 'case_opens']],
        'if' => ['all' => []],
        'give' => [
            'pool' => ['kind' => 'people', 'people' => ['ayumi']],
            'method' => ['kind' => 'lightest_load'],
        ],
        'then' => [],
    ]);
    $kind = TaskKind::query()->where('slug', 'bench-repair')->sole();
    $this->actingAs(House::user('hanneke'));
    $set = ['customers' => 'offered', 'kinds' => [$kind->id => 'A hire'], 'fields' => []];
    $this->put('/house/form', $set + ['tracks' => [$kind->id => 'nowhere']])->assertSessionHasErrors();
    $this->put('/house/form', $set + ['tracks' => [$kind->id => 'hire']])->assertSessionHasNoErrors();
    $this->post('/stand-ins/web-form', [
        'kind' => 'bench-repair',
        'title' => 'Forty clarinets',
        'customer' => 'holms-school',
    ])->assertSessionHasNoErrors();
    $case = CustomerCase::query()
        ->with(['track', 'owner', 'customer'])
        ->sole();
    expect([$case->track->slug, $case->stage, $case->title, $case->owner?->slug, $case->customer?->slug])->toBe([
        'hire',
        'enquiry',
        'Forty clarinets',
        'ayumi',
        'holms-school',
    ]);
    expect(Task::query()->sole()->case_id)->toBe($case->id);
    expect(Decision::query()->where('case_id', $case->id)->sole()->outcome->value)->toBe('assigned');

    // What is not on the form opens nothing any more.
    $this->put('/house/form', ['kinds' => [], 'tracks' => [$kind->id => 'hire']] + $set)->assertSessionHasNoErrors();
    expect($kind->refresh()->form_track_id)->toBeNull();
});

it('opens no case where what is sent is wrong, and a task alone where the kind says nothing', function (): void {
    TaskKind::query()
        ->where('slug', 'bench-repair')
        ->update(['form_track_id' => Cases::track()->id]);
    $send = fn(string $title) => $this->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => $title]);
    $send('')->assertSessionHasErrors('title');
    expect(CustomerCase::query()->count())->toBe(0);
    TaskKind::query()->update(['form_track_id' => null]);
    $send('Trumpet')->assertSessionHasNoErrors();
    expect([CustomerCase::query()->count(), Task::query()->count()])->toBe([0, 1]);
});

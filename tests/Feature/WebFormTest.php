<?php

declare(strict_types=1);

use App\Intake\TaskSource;
use App\Models\Task;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
});

it('is open to everybody and says that it is a stand-in', function (): void {
    $this->get('/stand-ins/web-form')->assertOk()->assertSee('stand-in')->assertSee('The Holms Primary School');
});

it('sends a request through the same intake as other systems', function (): void {
    $this->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => 'Trumpet, stuck valve', 'task_family' => 'brass', 'task_value' => '320.50', 'customer' => 'holms-school', 'contact' => 'office@holms.example'])
        ->assertRedirect('/stand-ins/web-form')->assertSessionHas('number', Task::query()->sole()->number);
    $task = Task::query()->sole();
    expect($task->assignee?->slug)->toBe('ayumi')->and($task->source)->toBe(TaskSource::WebForm)->and($task->facts)->toBe(['task.family' => 'brass', 'task.value' => 320.5]);
});

it('says what is wrong beside the field and loses nothing', function (): void {
    $this->from('/stand-ins/web-form')->post('/stand-ins/web-form', ['kind' => 'bench-repair', 'title' => '', 'task_value' => 'a lot', 'task_family' => 'kazoo', 'description' => 'Long story'])
        ->assertSessionHasErrors(['title', 'task_value', 'task_family']);
    $this->get('/stand-ins/web-form')->assertSee('Long story');
    expect(Task::query()->count())->toBe(0);
});

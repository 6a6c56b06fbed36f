<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\MoveCase;
use App\Models\Tasks\Task;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Flow\OpenWork;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
    House::publish(
        House::rule(
            'fitting',
            ['field' => 'case.stage', 'op' => 'is', 'value' => 'hire.enquiry'],
            ['pool' => ['kind' => 'field', 'field' => 'case.owner'], 'method' => ['kind' => 'same_person']],
            [['kind' => 'tag', 'tag' => 'asked']],
        ),
    );
    $this->case = Cases::open(['owner' => 'femi', 'customer' => 'holms-school']);
});

/** @param array<string, mixed> $more */
function newInCase(mixed $test, string $who, array $more = []): TestResponse
{
    app()->forgetScopedInstances();
    config(['baton.members_create' => true]);

    return $test
        ->actingAs(House::user($who))
        ->postJson('/tasks', ['title' => 'Ring them', 'kind' => 'quote', 'case' => $test->case->id] + $more);
}

it('belongs to its case from the beginning: rules see it, and the stage waits for it', function (): void {
    $preview = $this->actingAs(House::user('femi'))->postJson('/tasks/new/preview', [
        'title' => 'Ring them',
        'kind' => 'quote',
        'case' => $this->case->id,
    ]);
    expect(json_encode($preview->json()))->toContain('Femi Adeyinka');
    newInCase($this, 'femi', ['needed' => true])->assertCreated();
    $task = Task::query()->with('assignee')->sole();
    expect([$task->case_id, $task->case_stage, $task->needed, $task->assignee?->slug, $task->tagList()])->toBe([
        $this->case->id,
        'enquiry',
        true,
        'femi',
        ['asked'],
    ]);
    expect([$this->case->refresh()->open_needed, $this->case->revision])->toBe([1, 2]);
    newInCase($this, 'hanneke')->assertCreated();
    expect(Task::query()->latest('number')->firstOrFail()->needed)->toBeFalse();
});

it('is offered with the case, to whoever may put tasks into it', function (): void {
    $props = fn(string $who): mixed => $this->actingAs(House::user($who))
        ->get("/tasks/new?case={$this->case->id}")
        ->viewData('page')['props']['case'];
    config(['baton.members_create' => true]);
    expect($props('femi'))->toMatchArray([
        'id' => $this->case->id,
        'customer' => ['value' => 'holms-school', 'label' => 'The Holms Primary School'],
    ]);
    app()->forgetScopedInstances();
    expect($props('callum'))->toBeNull();
});

it('is not made in a case that is closed, that there is not, or that is not theirs', function (): void {
    newInCase($this, 'callum')->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/case');
    newInCase($this, 'femi', ['needed' => 'yes'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/needed');
    app(MoveCase::class)->close(
        $this->case,
        $this->case->revision,
        'declined',
        OpenWork::Drop,
        null,
        true,
        Actor::user(House::user('hanneke')),
    );
    newInCase($this, 'femi')->assertUnprocessable()->assertJsonPath('errors.0.pointer', '/case');
    expect(Task::query()->count())->toBe(0);
});

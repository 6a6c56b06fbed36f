<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\TaskInCase;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
    $this->actingAs(House::user('hanneke'));
    $this->look = fn(array $more = []) => $this->postJson(
        '/cases/preview',
        $more + ['track' => 'hire', 'title' => 'Six cellos'],
    );
});

it('says before a case is opened who would own it and why, and takes no turn', function (): void {
    House::publish(
        ofCases(
            'owns',
            ['kind' => 'case_opens'],
            [],
            [
                'give' => [
                    'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
                    'method' => ['kind' => 'round_robin', 'rotation' => 'Cases'],
                ],
            ],
        ),
    );
    $first = ($this->look)()->assertOk()->json();
    expect($first['summary'])->toEndWith('→ Ayumi Kato');
    expect(($this->look)()->json('summary'))->toBe($first['summary']);
    expect(CustomerCase::query()->count())->toBe(0);
    // It is so when it is opened.
    $this->postJson('/cases', ['track' => 'hire', 'title' => 'Six cellos'])->assertCreated();
    expect(CustomerCase::query()->sole()->owner?->slug)->toBe('ayumi');
    app()->forgetScopedInstances();
    expect(($this->look)()->json('summary'))->toEndWith('→ Femi Adeyinka');
});

it('refuses to look at what could not be opened', function (): void {
    ($this->look)(['stage' => 'gone'])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/stage');
    ($this->look)(['title' => ''])->assertUnprocessable();
});

it('tells whoever does the last that a stage needs that the case may go on', function (): void {
    $case = Cases::open(['stage' => 'fitting', 'owner' => 'ayumi']);
    $tasks = [neededIn($case, 'femi'), neededIn($case, 'femi')];
    $free = app(TaskInCase::class)->put(
        tap(House::arrive('quote'), fn(Task $one) => $one->update(['assignee_id' => House::person('femi')->id])),
        $case->refresh(),
        false,
        Actor::user(House::user('hanneke')),
    );
    $done = function (Task $task): string {
        app()->forgetScopedInstances();
        $this->actingAs(House::user('femi'))
            ->post("/tasks/{$task->id}/complete", ['revision' => $task->refresh()->revision, 'note' => 'Done.'])
            ->assertSessionHasNoErrors();

        return (string) session('done');
    };
    $said =
        "That was the last task that case № {$case->number} needed in its stage; " .
        'still missing there: “Terms signed on” is empty.';
    expect($done($tasks[0]))
        ->not->toContain($said)
        ->and($done($tasks[1]))
        ->toContain($said)
        ->and($done($free))
        ->not->toContain($said);

    $other = Cases::open(['stage' => 'fitting', 'owner' => 'ayumi', 'facts' => ['case.terms' => '2026-03-02']]);
    expect($done(neededIn($other, 'femi')))->toContain(
        "That was the last that case № {$other->number} needed in its stage: it may go on.",
    );
});

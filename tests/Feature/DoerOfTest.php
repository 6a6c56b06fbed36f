<?php

declare(strict_types=1);

use App\Bridge\DoneTasks;
use App\Bridge\Houses;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        [
            'id' => 'next',
            'name' => 'Next',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['done']]],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
            'then' => [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Tell them what it cost']],
        ],
        House::rule(
            'told',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            ['pool' => ['kind' => 'doer_of', 'task_kind' => 'bench-repair'], 'method' => ['kind' => 'same_person']],
        ),
        House::roundRule(),
    );
});

it('gives what follows to whoever did the repair, and tells so when it is tried', function (): void {
    $repair = House::arrive();
    $who = (string) $repair->assignee?->slug;
    $this->actingAs(House::user($who))
        ->post("/tasks/{$repair->id}/complete")
        ->assertRedirect();
    $quote = Task::query()->with('assignee')->where('made_by_id', $repair->id)->firstOrFail();
    expect($quote->assignee?->slug)->toBe($who);
    $why = $this->actingAs(House::user('hanneke'))
        ->getJson("/rulebook/why?task={$quote->number}&rule=told")
        ->assertOk();
    expect((string) $why->getContent())->toContain($quote->assignee->name);
});

it('asks once who did what belongs with however many tasks', function (): void {
    $tasks = array_map(static fn(): Task => House::arrive(), range(1, 4));
    $ayumi = House::person('ayumi')->id;
    $done = ['status' => TaskStatus::Done, 'assignee_id' => $ayumi];
    $tasks[0]->update($done + ['completed_at' => now()->subDay()]);
    $tasks[1]->update(['assignee_id' => House::person('femi')->id, 'completed_at' => now()] + $done);
    $tasks[2]->update(['made_by_id' => $tasks[0]->id]);
    $tasks[3]->linked()->sync([$tasks[0]->id, $tasks[1]->id]);
    $house = app(Houses::class)->now();
    $subjects = array_map(
        static fn(int $place) => app(TaskSubjects::class)->of(
            Task::query()->with(TaskSubjects::RELATIONS)->findOrFail($tasks[$place]->id),
            $house,
        ),
        [2, 3],
    );
    DB::enableQueryLog();
    $found = DoneTasks::with($subjects, $house->snapshot);
    expect(DB::getQueryLog())->toHaveCount(1);
    $first = new DoneTask($tasks[0]->id, 'bench-repair', 'ayumi');
    expect($found)->toEqual([
        $tasks[2]->id => [$first],
        $tasks[3]->id => [new DoneTask($tasks[1]->id, 'bench-repair', 'femi'), $first],
    ]);
});

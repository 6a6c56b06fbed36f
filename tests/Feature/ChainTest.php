<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskSource;
use App\Tasks\AskReview;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/ChainFunctions.php';

beforeEach(function (): void {
    House::open();
});

it('sends what is to be reviewed round others than whoever did it, and says what caused what', function (): void {
    House::publish(
        House::roundRule(),
        on(
            'review',
            ['kind' => 'status_becomes', 'statuses' => ['in_review']],
            [
                'seat' => 'reviewer',
                'pool' => [
                    'kind' => 'except',
                    'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
                    'without' => ['kind' => 'field', 'field' => 'task.assignee'],
                ],
                'method' => ['kind' => 'round_robin', 'rotation' => 'Quality'],
            ],
            [['kind' => 'tag', 'tag' => 'checked']],
        ),
        on('tagged', ['kind' => 'tag_on', 'tags' => ['checked']], null, [['kind' => 'priority', 'priority' => 'high']]),
    );
    $task = House::arrive();
    app(AskReview::class)($task, 'Please look at the slide.', House::user('ayumi'));
    $task->refresh();
    $decisions = Decision::query()->where('task_id', $task->id)->orderBy('id')->get();
    $changes = TaskChange::query()->where('task_id', $task->id)->orderBy('id')->get();

    expect([$task->status, $task->assignee?->slug, $task->reviewer?->slug, $task->tags, $task->priority])->toBe([
        TaskStatus::InReview,
        'ayumi',
        'femi',
        ['checked'],
        Priority::High,
    ]);
    expect($decisions->pluck('rule')->all())->toBe(['round', 'review', null]);
    expect(
        $changes->map(static fn(TaskChange $one): array => [$one->cause, $one->occasion, $one->reason])->all(),
    )->toBe([[Cause::Person, 'review_asked', 'Please look at the slide.'], [Cause::FollowUp, 'followed', null]]);
    expect($changes[0]->difference)->toBe(['status' => ['new', 'in_review']]);
    expect($decisions[1]->change_id)->toBe($changes[0]->id);
    expect($changes[1]->caused_by_id)->toBe($decisions[1]->id);
    expect($decisions[2]->change_id)->toBe($changes[1]->id);

    // The reviewer is no handoff: it is still Ayumi's.
    expect(Handoff::query()->where('task_id', $task->id)->count())->toBe(1);
});

it('records no decision where no rule listens, and the change all the same', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    edit(
        $task,
        static fn(TaskSubject $subject): TaskSubject => $subject
            ->tagged('vip')
            ->withField('task.value', 40_000)
            ->dueAt(null),
    );
    expect(Decision::query()->count())->toBe(1);
    expect(TaskChange::query()->sole()->difference)->toBe([
        'due' => [$task->due_at?->toIso8601ZuluString(), null],
        'tags' => [null, ['vip']],
        'task.value' => [null, 400],
    ]);
    expect($task->refresh()->facts)->toBe(['task.value' => 400]);
    expect($task->revision)->toBe(2);
});

it('does nothing where nothing changes', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->prioritised(Priority::Normal));
    expect(TaskChange::query()->count())->toBe(0);
    expect($task->refresh()->revision)->toBe(1);
});

it('makes a task for the same customer, which is routed by the rules, and waits for it', function (): void {
    House::publish(
        House::roundRule(),
        on('parts', ['kind' => 'tag_on', 'tags' => ['parts']], null, [
            [
                'kind' => 'create_task',
                'task_kind' => 'quote',
                'title' => 'Parts for ~customer.name~: ~task.title~',
                'details' => 'Asked for by ~task.assignee~',
                'estimate' => 'PT15M',
                'due' => ['kind' => 'due_in', 'after' => 'PT4H'],
                'wait' => true,
            ],
        ]),
        House::rule(
            'quotes',
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                    ['field' => 'task.source', 'op' => 'is', 'value' => TaskSource::Rule->value],
                ],
            ],
            ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
        ),
    );
    $task = House::arrive(customer: 'holms-school');
    edit($task, static fn(TaskSubject $subject): TaskSubject => $subject->tagged('parts'), 'ayumi');
    $made = Task::query()->where('made_by_id', $task->id)->sole();
    expect([
        $made->title,
        $made->description,
        $made->estimate_minutes,
        $made->assignee?->slug,
        $made->customer?->slug,
        $made->source->value,
        $made->number,
    ])->toBe([
        'Parts for The Holms Primary School: Trumpet, stuck valve',
        'Asked for by Ayumi Kato',
        15,
        'tobias',
        'holms-school',
        'rule',
        $task->number + 1,
    ]);
    expect([$task->refresh()->status, $task->waitsOn()->pluck('tasks.id')->all()])->toBe([
        TaskStatus::Waiting,
        [$made->id],
    ]);
    test()
        ->actingAs(House::user('tobias'))
        ->post("/tasks/{$made->id}/complete", ['from' => 'in-hand'])
        ->assertRedirect();
    expect([$task->refresh()->status, $task->waitsOn()->count()])->toBe([TaskStatus::New, 0]);
});

it('gives the customer an owner, and their other tasks see it', function (): void {
    House::publish(
        House::rule(
            'own',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'in_order']],
            [['kind' => 'customer_owner']],
        ),
        House::roundRule(),
        on(
            'follow',
            ['kind' => 'field_changes', 'change' => ['field' => 'customer.owner']],
            ['pool' => ['kind' => 'field', 'field' => 'customer.owner'], 'method' => ['kind' => 'same_person']],
        ),
    );
    $repair = House::arrive(customer: 'holms-school');
    $strange = House::arrive();
    House::arrive('quote', customer: 'holms-school');
    expect(Customer::query()->with('owner')->sole()->owner?->slug)->toBe('femi');
    expect($repair->refresh()->assignee?->slug)->toBe('femi');
    expect($strange->refresh()->assignee?->slug)->toBe('femi');

    // The next that comes for them sees it, too: nothing of the customer is remembered that is no longer so.
    expect(House::arrive('quote', customer: 'holms-school')->assignee?->slug)->toBe('femi');
    expect(
        Handoff::query()
            ->where('task_id', $repair->id)
            ->with(['from', 'to'])
            ->get()
            ->map(static fn(Handoff $one): string => "{$one->from?->slug} {$one->to?->slug}")
            ->all(),
    )->toBe([' ayumi', 'ayumi femi']);
});

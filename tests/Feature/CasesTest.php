<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Cases\ChangeCase;
use App\Cases\TaskInCase;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\TaskChange;
use App\Tasks\CompleteTask;
use OpenBaton\Core\Document\Node;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it('is opened by hand, and rules say whose it is and what is to be done', function (): void {
    House::publish(
        ofCases(
            'owner',
            ['kind' => 'case_opens'],
            [],
            [
                'give' => [
                    'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
                    'method' => ['kind' => 'round_robin', 'rotation' => 'Cases'],
                ],
            ],
        ),
        ofCases(
            'at-enquiry',
            ['kind' => 'stage_becomes', 'stages' => ['hire.enquiry']],
            [['kind' => 'create_task', 'task_kind' => 'quote', 'title' => 'Quote ~case.title~', 'needed' => true]],
        ),
    );
    $answer = $this->actingAs(House::user('hanneke'))
        ->postJson('/cases', ['track' => 'hire', 'title' => 'Forty clarinets', 'customer' => 'holms-school'])
        ->assertCreated();
    $case = CustomerCase::query()->findOrFail($answer->json('id'));
    // The database counts on over what other tests have taken back.
    expect($case->number)->toBe($answer->json('number'))->toBeGreaterThan(100);
    expect([$case->stage, $case->owner?->slug, $case->customer?->slug, $case->open_needed])->toBe([
        'enquiry',
        'ayumi',
        'holms-school',
        1,
    ]);
    $task = $case->tasks()->sole();
    expect([$task->title, $task->case_stage, $task->needed, $task->made_by_case_id, $task->made_by_id])->toBe([
        'Quote Forty clarinets',
        'enquiry',
        true,
        $case->id,
        null,
    ]);
    // The turn of the rotation is used up: the next is the other's.
    expect(Cases::open()->owner?->slug)->toBe('femi');
    $handoff = Handoff::query()->where('case_id', $case->id)->sole();
    expect([$handoff->to?->slug, $handoff->cause->value, $handoff->task_id])->toBe(['ayumi', 'rule', null]);
});

it('refuses what can not be opened, with where it is wrong', function (array $sent, string $pointer): void {
    $this->actingAs(House::user('hanneke'))
        ->postJson('/cases', $sent)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect(CustomerCase::query()->count())->toBe(0);
})->with([
    'no track' => [['track' => 'gone', 'title' => 'A'], '/track'],
    'a stage of none' => [['track' => 'hire', 'title' => 'A', 'stage' => 'gone'], '/stage'],
    'no title' => [['track' => 'hire', 'title' => ''], '/title'],
    'nobody' => [['track' => 'hire', 'title' => 'A', 'owner' => 'nemo'], '/owner'],
    'a field of tasks' => [['track' => 'hire', 'title' => 'A', 'facts' => ['task.value' => 3]], '/facts/task.value'],
    'a stranger' => [['track' => 'hire', 'title' => 'A', 'colour' => 'red'], '/colour'],
]);

it('moves where the gates are open, says what is missing where not, and lets a lead have it pass', function (): void {
    $case = Cases::open(['owner' => 'ayumi', 'stage' => 'fitting']);
    $task = neededIn($case, 'femi');
    $refused = deed(House::user('ayumi'), $case, 'move', ['to' => 'on-hire'])->assertStatus(409);
    expect($refused->json('detail'))->toBe('Something is missing before it can go on.');
    $page = $this->actingAs(House::user('ayumi'))
        ->get("/cases/{$case->id}")
        ->viewData('page')['props'];
    $ahead = array_column($page['stages'], null, 'key')['on-hire'];
    expect(
        array_map(static fn(array $one): array => [$one['what'], $one['who']['slug'] ?? null], $ahead['missing']),
    )->toBe([["{$task->title} is not done", 'femi'], ['“Terms signed on” is empty', 'ayumi']]);
    deed(House::user('hanneke'), $case, 'move', ['to' => 'on-hire'])->assertStatus(409);
    expect($case->refresh()->stage)->toBe('fitting');
    Clock::set('2026-03-03T10:00:00Z');
    deed(House::user('hanneke'), $case, 'move', [
        'to' => 'on-hire',
        'reason' => 'It is agreed by telephone.',
    ])->assertOk();
    $stays = CaseStay::query()->where('case_id', $case->id)->orderBy('place')->get();
    expect($stays->pluck('stage')->all())->toBe(['fitting', 'on-hire']);
    // Monday from ten to five and Tuesday from nine to ten.
    expect([$stays[0]?->minutes, $stays[1]?->reason, count((array) $stays[1]?->passed)])->toBe([
        480,
        'It is agreed by telephone.',
        1,
    ]);
    expect(TaskChange::query()->where('case_id', $case->id)->where('occasion', 'moved')->sole()->reason)->toBe(
        'It is agreed by telephone.',
    );
});

it('moves by itself once what is needed is done, where a rule says so', function (): void {
    House::publish(
        ofCases(
            'all-done',
            [
                'kind' => 'field_changes',
                'change' => ['field' => 'case.open_needed', 'how' => 'values', 'from' => 1, 'to' => 0],
                'of' => 'case',
            ],
            [['kind' => 'move_stage', 'stage' => 'hire.on-hire']],
        ),
    );
    $case = Cases::open(['owner' => 'ayumi', 'stage' => 'fitting']);
    $tasks = [neededIn($case, 'femi'), neededIn($case, 'femi')];
    app(CompleteTask::class)($tasks[0], House::user('femi'));
    expect([$case->refresh()->stage, $case->open_needed, $case->refused])->toBe(['fitting', 1, null]);
    app(CompleteTask::class)($tasks[1], House::user('femi'));
    // The terms are not signed: the rule is refused, and the case says so.
    expect([$case->refresh()->stage, $case->open_needed, ((array) $case->refused)['to'] ?? null])->toBe([
        'fitting',
        0,
        'on-hire',
    ]);
    app(ChangeCase::class)->fields(
        $case,
        $case->revision,
        Node::root(['facts' => ['case.terms' => '2026-03-02']]),
        Actor::user(House::user('ayumi')),
    );
    deed(House::user('ayumi'), $case, 'move', ['to' => 'on-hire'])->assertOk();
    expect([$case->refresh()->stage, $case->refused])->toBe(['on-hire', null]);
});

it('goes backwards only with a reason', function (): void {
    $case = Cases::open(['owner' => 'ayumi', 'stage' => 'on-hire']);
    deed(House::user('ayumi'), $case, 'move', ['to' => 'enquiry'])->assertStatus(409);
    deed(House::user('ayumi'), $case, 'move', ['to' => 'enquiry', 'reason' => 'They want others.'])->assertOk();
    expect($case->refresh()->stage)->toBe('enquiry');
});

it('is closed, with what becomes of its open tasks, and opened again', function (string $open, string $status): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $task = app(TaskInCase::class)->put(House::arrive('quote'), $case, false, Actor::user(House::user('hanneke')));
    deed(House::user('ayumi'), $case, 'close', ['outcome' => 'declined', 'open' => $open])->assertOk();
    expect([
        $case->refresh()->outcome,
        $case->isOpen(),
        $task->refresh()->status->value,
        $task->case_id === null,
    ])->toBe(['declined', false, $status, $open === 'keep']);
    deed(House::user('ayumi'), $case, 'move', ['to' => 'fitting'])->assertStatus(409);
    deed(House::user('ayumi'), $case, 'reopen', ['to' => 'fitting'])->assertOk();
    expect([$case->refresh()->outcome, $case->isOpen(), $case->stage])->toBe([null, true, 'fitting']);
})->with([['drop', 'dropped'], ['keep', 'new']]);

it('is not closed with needed work open but by a lead who says why', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    neededIn($case, 'femi');
    $close = ['outcome' => 'declined', 'open' => 'drop'];
    deed(House::user('ayumi'), $case, 'close', $close + ['reason' => 'Enough'])->assertStatus(409);
    deed(House::user('hanneke'), $case, 'close', $close)->assertStatus(409);
    deed(House::user('hanneke'), $case, 'close', $close + ['reason' => 'They went elsewhere.'])->assertOk();
    expect($case->refresh()->isOpen())->toBeFalse();
});

it('goes to another owner with the tasks that the one before held in it', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $own = neededIn($case, 'ayumi');
    $others = neededIn($case, 'femi');
    deed(House::user('ayumi'), $case, 'give', ['to' => 'tobias', 'reason' => 'He knows them.'])->assertOk();
    expect([$case->refresh()->owner?->slug, $case->previous_owner_id === House::person('ayumi')->id])->toBe([
        'tobias',
        true,
    ]);
    expect([$own->refresh()->assignee?->slug, $others->refresh()->assignee?->slug])->toBe(['tobias', 'femi']);
    $handoff = Handoff::query()->where('task_id', $own->id)->orderByDesc('at')->orderByDesc('id')->firstOrFail();
    expect([$handoff->from?->slug, $handoff->to?->slug])->toBe(['ayumi', 'tobias']);
});

it('tells whoever comes second that it has moved meanwhile', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $seen = $case->refresh()->revision;
    deed(House::user('ayumi'), $case, 'move', ['to' => 'fitting'])->assertOk();
    app()->forgetScopedInstances();
    $this->actingAs(House::user('hanneke'))
        ->postJson("/cases/{$case->id}/move", ['revision' => $seen, 'to' => 'on-hire', 'reason' => 'Now'])
        ->assertStatus(409);
    expect($case->refresh()->stage)->toBe('fitting');
});

it('is seen by its owner, its team, whoever has work in it, and leads', function (): void {
    App\Models\House\House::query()->update(['tasks_are_open' => false, 'roster_revision' => 900]);
    $case = Cases::open(['owner' => 'ayumi']);
    $sees = static function (string $who) use ($case): bool {
        app()->forgetScopedInstances();

        return test()
            ->actingAs(House::user($who))
            ->get("/cases/{$case->id}")
            ->getStatusCode() === 200;
    };
    expect([$sees('hanneke'), $sees('ayumi'), $sees('tobias')])->toBe([true, true, false]);
    neededIn($case, 'tobias');
    expect($sees('tobias'))->toBeTrue();
    // Whoever sees it does not move it.
    deed(House::user('tobias'), $case, 'move', ['to' => 'fitting'])->assertForbidden();
    deed(House::user('tobias'), $case, 'comment', ['body' => 'They called.'])->assertRedirect();
    expect($case->refresh()->comments_count)->toBe(1);
});

it('acts on a date of a case once', function (): void {
    House::publish(
        ofCases(
            'terms',
            [
                'kind' => 'date_reached',
                'field' => 'case.terms',
                'offset' => '-2 days',
                'time' => '09:00',
                'of' => 'case',
            ],
            [['kind' => 'tag', 'tag' => 'soon']],
        ),
    );
    $case = Cases::open(['facts' => ['case.terms' => '2026-03-06']]);
    expect($case->next_moment_at?->toIso8601ZuluString())->toBe('2026-03-04T09:00:00Z');
    Clock::tick('2026-03-04T09:01:00Z');
    expect($case->refresh()->tagList())->toBe(['soon']);
    Clock::tick('2026-03-04T09:02:00Z');
    expect(TaskChange::query()->where('case_id', $case->id)->where('cause', 'timer')->count())->toBe(1);
});

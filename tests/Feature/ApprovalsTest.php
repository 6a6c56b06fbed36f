<?php

declare(strict_types=1);

use App\Models\Approvals\Approval;
use App\Models\Events\Notice;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\ApprovalRule;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/ApprovalFunctions.php';
require_once __DIR__ . '/CoverFunctions.php';
require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it(
    'gives each who is asked a task in the case, due when the answer is, and whoever is asked sees the case',
    function (): void {
        $case = Cases::open(['owner' => 'ayumi', 'customer' => 'holms-school']);
        $this->actingAs(House::user('ayumi'))
            ->postJson("/cases/{$case->id}/approvals", [
                'name' => 'Estimate',
                'people' => ['tobias', 'femi'],
                'way' => 'at_least',
                'least' => 2,
                'details' => 'It comes to 900.',
                'latest' => '2026-03-04T12:00:00Z',
            ])
            ->assertCreated();
        $approval = Approval::query()->sole();
        expect(answerTasks($approval))->toBe(['tobias new', 'femi new']);
        $task = asksOf($approval, 'tobias');
        expect([
            $task->title,
            $task->kind->slug,
            $task->description,
            $task->case_id,
            $task->customer_id,
            $task->due_at->toIso8601String(),
        ])->toBe([
            'Estimate: Forty clarinets',
            'approval',
            'It comes to 900.',
            $case->id,
            $case->customer_id,
            '2026-03-04T12:00:00+00:00',
        ]);
        app()->forgetScopedInstances();
        $this->actingAs(House::user('tobias'))
            ->get("/in-hand?task={$task->id}")
            ->assertInertia(
                static fn($page) => $page
                    ->where('task.asked.name', 'Estimate')
                    ->where('task.asked.of.title', 'Forty clarinets')
                    ->where('task.asked.of.customer', 'The Holms Primary School')
                    ->where('task.asked.of.seen', true)
                    ->where('task.asked.mine', true)
                    ->where('task.may.complete', false)
                    ->where('task.may.drop', false),
            );
        expect(answersWith('tobias', $task, 'yes')->assertOk()->json('outcome'))->toBeNull();
        expect(answersWith('femi', asksOf($approval, 'femi'), 'yes')->assertOk()->json('outcome'))->toBe('yes');
        expect(answerTasks($approval))->toBe(['tobias done', 'femi done']);
    },
);

it('holds a gate of its name until it is given in the stay in which the case stands', function (): void {
    $document = Cases::document();
    $document['stages'][0]['leave'] = [['kind' => 'approval_given', 'approval' => 'Estimate']];
    Cases::republish($document);
    $case = Cases::open(['owner' => 'ayumi']);
    $moves = static fn(): mixed => deed(House::user('ayumi'), $case, 'move', ['to' => 'fitting']);
    $moves()->assertStatus(409);
    $approval = approvalOf($case, ['tobias'], ApprovalRule::oneOf());
    $moves()->assertStatus(409);
    $page = $this->actingAs(House::user('ayumi'))
        ->get("/cases/{$case->id}")
        ->viewData('page')['props'];
    $missing = array_column($page['stages'], null, 'key')['fitting']['missing'][0];
    expect([$missing['what'], $missing['who']['slug']])->toBe(['“Estimate” is not approved', 'tobias']);
    answersWith('tobias', asksOf($approval, 'tobias'), 'yes')->assertOk();
    $moves()->assertOk();
    // Back again, it has to be approved again.
    deed(House::user('ayumi'), $case, 'move', ['to' => 'enquiry', 'reason' => 'Other instruments.'])->assertOk();
    Clock::set('2026-03-02T11:00:00Z');
    deed(House::user('hanneke'), $case, 'move', ['to' => 'fitting', 'reason' => 'In a hurry.'])->assertOk();
    deed(House::user('ayumi'), $case, 'move', ['to' => 'enquiry', 'reason' => 'Once more.'])->assertOk();
    $moves()->assertStatus(409);
});

it('takes back what is not asked for any more once it is certain, and tells whoever asked', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = approvalOf($case, ['tobias', 'femi'], ApprovalRule::oneOf());
    $femis = asksOf($approval, 'femi');
    answersWith('tobias', asksOf($approval, 'tobias'), 'yes')->assertOk();
    expect(answerTasks($approval))->toBe(['tobias done', 'femi dropped']);
    // The other's answer comes too late, and is told so.
    answersWith('femi', $femis->refresh(), 'no', ['reason' => 'Too dear.'])
        ->assertStatus(409)
        ->assertJsonPath('title', 'The approval has gone on.');
    expect($approval->refresh()->outcome)->toBe(ApprovalOutcome::Yes);
    handedOut();
    expect(Notice::query()->where('kind', 'approval_yes')->sole()->person->slug)->toBe('hanneke');
});

it('wants a reason for a no, which stands in the history of what was not approved', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = approvalOf($case, ['tobias', 'femi']);
    $task = asksOf($approval, 'tobias');
    answersWith('tobias', $task, 'no')->assertUnprocessable()->assertJsonPath('errors.0.detail', 'Say why not.');
    answersWith('tobias', $task, 'no', ['reason' => 'Too dear.'])
        ->assertOk()
        ->assertJsonPath('outcome', 'no');
    $change = TaskChange::query()->where('case_id', $case->id)->where('occasion', 'answered_no')->sole();
    expect([$change->occasion, $change->reason])->toBe(['answered_no', 'Too dear.']);
    expect($task->refresh()->outcome_note)->toBe('Too dear.');
    expect(answerTasks($approval))->toBe(['tobias done', 'femi dropped']);
});

it(
    'asks a substitute for somebody who is away, and nobody who asked, owns the case, or has worked in it',
    function (): void {
        away('callum', '2026-03-02', '2026-03-06', ['tobias']);
        $case = Cases::open(['owner' => 'ayumi']);
        neededIn($case, 'femi')->update(['status' => 'done', 'completed_at' => now()]);
        $approval = approvalOf($case, ['callum', 'hanneke', 'ayumi', 'femi']);
        expect(answerTasks($approval))->toBe(['tobias new']);
        $this->actingAs(House::user('hanneke'))
            ->get("/cases/{$case->id}")
            ->assertInertia(
                static fn($page) => $page
                    ->where('approvals.0.places.0.for.slug', 'callum')
                    ->where('approvals.0.places.0.by.slug', 'tobias')
                    ->where('approvals.0.places.0.asked', true),
            );
        answersWith('tobias', asksOf($approval, 'tobias'), 'yes')->assertOk()->assertJsonPath('outcome', 'yes');
    },
);

it('is answered by whoever has the task by then, but not by somebody who may not', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = approvalOf($case, ['tobias', 'femi']);
    $task = asksOf($approval, 'tobias');
    $hands = fn(Task $task, string $to) => $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/hand-on", [
        'to' => $to,
        'reason' => 'Away.',
        'revision' => $task->refresh()->revision,
    ]);
    $hands($task, 'ayumi');
    answersWith('ayumi', $task->refresh(), 'yes')->assertStatus(409);
    answersWith('tobias', $task->refresh(), 'yes')->assertForbidden();
    $hands($task, 'callum');
    answersWith('callum', $task->refresh(), 'yes')->assertOk();
    $place = $approval->refresh()->state['places'][0];
    expect([$place['for'], $place['by'], $place['vote']])->toBe(['tobias', 'callum', 'yes']);
    // Nobody answers twice.
    $task = asksOf($approval, 'femi');
    $hands($task, 'callum');
    answersWith('callum', $task->refresh(), 'yes')->assertStatus(409);
});

it('passes on to somebody who is not asked yet, and is vacant where they may not answer', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = approvalOf($case, ['tobias', 'femi']);
    $task = asksOf($approval, 'tobias');
    answersWith('tobias', $task, 'not_me', ['to' => 'callum'])->assertOk();
    expect(answerTasks($approval))->toBe(['callum new', 'femi new']);
    answersWith('callum', $task->refresh(), 'not_me', ['to' => 'ayumi'])
        ->assertOk()
        ->assertJsonPath('outcome', 'nobody');
    expect(answerTasks($approval))->toBe(['callum dropped', 'femi dropped']);
    handedOut();
    expect(Notice::query()->where('kind', 'approval_nobody')->sole()->person->slug)->toBe('hanneke');
});

it('is reminded of and taken back by whoever asked, and by nobody else', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = approvalOf($case, ['tobias', 'femi'], ApprovalRule::inOrder());
    expect(answerTasks($approval))->toBe(['tobias new']);
    $this->actingAs(House::user('tobias'))
        ->postJson("/approvals/{$approval->id}/remind")
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->postJson("/approvals/{$approval->id}/remind")
        ->assertOk();
    handedOut();
    expect(Notice::query()->where('kind', 'answer_wanted')->with('person')->get()->pluck('person.slug')->all())->toBe([
        'tobias',
    ]);
    answersWith('tobias', asksOf($approval, 'tobias'), 'yes')->assertOk();
    expect(answerTasks($approval))->toBe(['tobias done', 'femi new']);
    app()->forgetScopedInstances();
    $this->actingAs(House::user('hanneke'))
        ->postJson("/approvals/{$approval->id}/withdraw", ['reason' => 'Too late.'])
        ->assertOk();
    expect(answerTasks($approval))
        ->toBe(['tobias done', 'femi dropped'])
        ->and($approval->refresh()->outcome)
        ->toBe(ApprovalOutcome::Withdrawn);
    $this->postJson("/approvals/{$approval->id}/withdraw")->assertStatus(409);
});

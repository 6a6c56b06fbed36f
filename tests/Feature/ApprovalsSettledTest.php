<?php

declare(strict_types=1);

use App\Models\Approvals\Approval;
use App\Models\Tasks\Task;
use OpenBaton\Core\Flow\ApprovalOutcome;
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

it('is over without an answer at its latest moment, and with what was to be approved', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    $late = approvalOf($case, ['tobias'], latest: '2026-03-02T12:00:00Z');
    Clock::tick('2026-03-02T11:59:00Z');
    expect($late->refresh()->outcome)->toBeNull();
    Clock::tick('2026-03-02T12:00:00Z');
    expect($late->refresh()->outcome)
        ->toBe(ApprovalOutcome::NoAnswer)
        ->and(answerTasks($late))
        ->toBe(['tobias dropped']);
    $open = approvalOf($case->refresh(), ['tobias']);
    deed(House::user('hanneke'), $case, 'close', [
        'outcome' => 'declined',
        'open' => 'keep',
        'reason' => 'They did not answer.',
    ])->assertOk();
    handedOut();
    expect($open->refresh()->outcome)
        ->toBe(ApprovalOutcome::Withdrawn)
        ->and(answerTasks($open))
        ->toBe(['tobias dropped']);
});

it('asks by a rule, and a rule hears what it came to', function (): void {
    House::publish(
        ofCases(
            'asks',
            ['kind' => 'stage_becomes', 'stages' => ['hire.enquiry']],
            [
                [
                    'kind' => 'ask_approval',
                    'approval' => 'Estimate',
                    'people' => ['kind' => 'people', 'people' => ['tobias', 'femi']],
                    'way' => 'one_of',
                ],
            ],
        ),
        ofCases(
            'moves',
            ['kind' => 'approval_settled', 'of' => 'case', 'approval' => 'Estimate', 'outcome' => 'yes'],
            [['kind' => 'move_stage', 'stage' => 'hire.fitting']],
        ),
    );
    $case = Cases::open(['owner' => 'ayumi']);
    $approval = Approval::query()->sole();
    expect(answerTasks($approval))->toBe(['tobias new', 'femi new']);
    answersWith('femi', asksOf($approval, 'femi'), 'yes')->assertOk();
    expect($case->refresh()->stage)->toBe('fitting');
});

it('tells the leads where a rule asks and nobody may answer', function (): void {
    House::publish(
        ofCases(
            'asks',
            ['kind' => 'case_opens'],
            [
                [
                    'kind' => 'ask_approval',
                    'approval' => 'Estimate',
                    'people' => ['kind' => 'people', 'people' => ['ayumi']],
                ],
            ],
        ),
    );
    Cases::open(['owner' => 'ayumi']);
    handedOut();
    handedOut();
    $approval = Approval::query()->sole();
    expect([$approval->outcome, answerTasks($approval)])->toBe([ApprovalOutcome::Nobody, []]);
    expect(told())->toContain('hanneke approval_nobody Estimate');
});

it('is asked of a task, too, and neither completed nor dropped but by the answer', function (): void {
    $task = House::arrive();
    $task->update(['assignee_id' => House::person('ayumi')->id]);
    $this->actingAs(House::user('ayumi'))
        ->postJson("/tasks/{$task->id}/approvals", ['name' => 'Estimate', 'people' => ['tobias'], 'way' => 'all'])
        ->assertCreated();
    $this->postJson("/tasks/{$task->id}/approvals", ['name' => 'Estimate', 'people' => ['femi'], 'way' => 'all'])
        ->assertStatus(409)
        ->assertJsonPath(
            'detail',
            '“Estimate” is being asked for already. Withdraw that first, or wait for its answers.',
        );
    $approval = Approval::query()->sole();
    $asks = asksOf($approval, 'tobias');
    expect(House::user('tobias')->can('view', $task->refresh()))->toBeTrue();
    $this->actingAs(House::user('tobias'));
    foreach (['complete', 'drop', 'ask-review'] as $deed) {
        $this->postJson("/tasks/{$asks->id}/{$deed}", ['reason' => 'No.', 'revision' => $asks->revision])->assertStatus(
            409,
        );
    }
    answersWith('tobias', $asks, 'yes')->assertOk();
    $this->postJson("/tasks/{$asks->id}/reopen", ['revision' => $asks->refresh()->revision])->assertStatus(409);
    expect(Task::query()->whereKey($asks->id)->value('status')->value)->toBe('done');
});

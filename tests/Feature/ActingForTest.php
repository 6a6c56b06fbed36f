<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Absences\HandOverAbsence;
use App\Access\Actor;
use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'same_person']],
        ),
    );
});

/** Callum is away on hours of today, or on days; Femi stands in. */
function callumAway(?string $from, ?string $to, HeldPolicy $held = HeldPolicy::FallsDue): Absence
{
    app()->forgetScopedInstances();
    $moment = static fn(?string $text): ?CarbonImmutable => $text === null ? null : CarbonImmutable::parse($text);

    return app(AskAbsence::class)->__invoke(
        House::person('callum'),
        new AbsenceTerms(
            AbsenceKind::Training,
            null,
            null,
            $moment($from),
            $moment($to),
            substitutes: ['femi'],
            held: $held,
        ),
        true,
        Actor::user(House::user('hanneke')),
    );
}

/** Done by Tobias, waits for Callum's review; due today. */
function reviewOfCallum(): Task
{
    $task = House::arrive();
    $task->update([
        'status' => TaskStatus::InReview,
        'reviewer_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-02T15:00:00Z'),
    ]);

    return $task;
}

function does(mixed $test, string $who, Task $task, string $what, array $data = []): TestResponse
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who))->post("/tasks/{$task->id}/{$what}", $data);
}

it('signs off what whoever is away would have, and is named as doing so for them', function (): void {
    $task = reviewOfCallum();
    does($this, 'femi', $task, 'approve')->assertForbidden();
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    expect([$task->refresh()->reviewer?->slug, $task->assignee?->slug, TaskCover::query()->sole()->seat])->toBe([
        'femi',
        'tobias',
        SeatName::Reviewer,
    ]);
    does($this, 'callum', $task, 'approve')->assertForbidden();
    does($this, 'femi', $task, 'approve', ['note' => 'Plays well'])->assertRedirect();
    $change = TaskChange::query()
        ->where('occasion', 'approved')
        ->with(['user', 'for'])
        ->sole();
    expect([$task->refresh()->status, $change->user?->name, $change->for?->name])->toBe([
        TaskStatus::Done,
        'Femi Adeyinka',
        'Callum Rees',
    ]);
    expect(TaskCover::query()->count())->toBe(0);
});

it('gives a review back that nobody has begun, and new reviews to the substitute', function (): void {
    $task = reviewOfCallum();
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    Clock::set('2026-03-02T14:00:00Z');
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
    expect($task->refresh()->reviewer?->slug)->toBe('callum');
    expect(
        Notice::query()->where('person_id', House::person('callum')->id)->where('task_id', $task->id)->count(),
    )->toBe(2);
});

it('keeps a review that whoever covers has said something on', function (): void {
    $task = reviewOfCallum();
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    does($this, 'femi', $task, 'comment', ['body' => 'I have it on the bench'])->assertRedirect();
    expect(Comment::query()->with('for')->sole()->for?->slug)->toBe('callum');
    expect(TaskCover::query()->sole()->touched_by)->toBe(['femi']);
    Clock::set('2026-03-02T14:00:00Z');
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
    expect($task->refresh()->reviewer?->slug)->toBe('femi');
    expect(TaskCover::query()->count())->toBe(0);
});

it('acts for somebody only on what is covered, and only while it is', function (): void {
    $task = House::arrive();
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'creator_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-02T12:00:00Z'),
    ]);
    $other = House::arrive();
    $other->update(['assignee_id' => House::person('callum')->id, 'due_at' => null]);
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    expect([$task->refresh()->assignee?->slug, $other->refresh()->assignee?->slug])->toBe(['femi', 'callum']);
    does($this, 'femi', $other, 'start')->assertForbidden();
    does($this, 'femi', $task, 'start')->assertRedirect();
    Clock::set('2026-03-02T14:00:00Z');
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
    // She has begun it, so that it is hers, and she does it for herself.
    does($this, 'femi', $task, 'complete')->assertRedirect();
    expect(TaskChange::query()->where('occasion', 'completed')->sole()->for_id)->toBeNull();
});

it('names nobody where somebody else does something on a covered task', function (): void {
    $task = House::arrive();
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-02T12:00:00Z'),
    ]);
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    does($this, 'hanneke', $task, 'comment', ['body' => 'How does it go?']);
    expect(Comment::query()->sole()->for_id)->toBeNull();
    expect(TaskCover::query()->sole()->touched_by)->toBe([]);
});

it('acts for somebody from when the work was handed over, be it before they go', function (): void {
    $task = House::arrive();
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-04T12:00:00Z'),
        'estimate_minutes' => 4800,
    ]);
    $absence = callumAway('2026-03-03T09:00:00Z', '2026-03-05T14:00:00Z');
    expect(app(HandOverAbsence::class)($absence, Actor::user(House::user('hanneke'))))->toBe(1);
    does($this, 'femi', $task, 'start')->assertRedirect();
    expect(TaskChange::query()->where('occasion', 'started')->with('for')->sole()->for?->slug)->toBe('callum');
});

it('asks rules that listen about what passes, and lets them decide', function (): void {
    House::publish([
        'id' => 'watch',
        'name' => 'Ayumi has what Femi gets',
        'when' => [['kind' => 'holder_changes', 'to' => ['people' => ['femi']]]],
        'give' => [
            'pool' => ['kind' => 'people', 'people' => ['ayumi']],
            'method' => ['kind' => 'same_person'],
            'anew' => true,
        ],
    ]);
    $task = Task::query()->findOrFail(House::arrive()->id);
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-02T12:00:00Z'),
    ]);
    callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('ayumi');
    expect(TaskCover::query()->count())->toBe(0);
    expect(Decision::query()->where('task_id', $task->id)->where('event', 'holder_changes')->sole()->rule)->toBe(
        'watch',
    );
});

it(
    'records that what comes back from review went to the substitute, where a rule listens to that as well',
    function (): void {
        House::publish(
            House::rule(
                'one',
                ['all' => []],
                ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
            ),
            [
                'id' => 'back',
                'name' => 'Marked',
                'when' => [['kind' => 'status_leaves', 'statuses' => ['in_review']]],
                'then' => [['kind' => 'tag', 'tag' => 'again']],
            ],
        );
        $task = House::arrive();
        $task->update(['status' => TaskStatus::InReview, 'reviewer_id' => House::person('tobias')->id]);
        callumAway('2026-03-02T09:00:00Z', '2026-03-02T14:00:00Z', HeldPolicy::Nothing);
        does($this, 'tobias', $task->refresh(), 'send-back', ['reason' => 'Not yet'])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $handoff = Handoff::query()->where('task_id', $task->id)->orderByDesc('id')->first();
        expect([$task->refresh()->assignee?->slug, $task->tags, $handoff?->cause, $handoff?->to?->slug])->toBe([
            'femi',
            ['again'],
            HandoffCause::Cover,
            'femi',
        ]);
        expect(Notice::query()->where('person_id', House::person('femi')->id)->sole()->kind)->toBe(NoticeKind::Covers);
    },
);

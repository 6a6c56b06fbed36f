<?php

declare(strict_types=1);

use App\Absences\EndAbsence;
use App\Access\Actor;
use App\Access\Speaker;
use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use App\Models\Events\Notice;
use App\Models\Tasks\TaskChange;
use App\Policies\TaskPolicy;
use App\Tasks\CommentOn;
use App\Tasks\HandOnTask;
use App\Tasks\StartTask;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CalendarFunctions.php';

require_once __DIR__ . '/CoverFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

it('acts in the place of whoever is away, and says so, until they are back', function (): void {
    $task = due('2026-03-04');
    $task->update(['creator_id' => House::person('callum')->id]);
    away('callum', '2026-03-02', '2026-03-03', ['femi']);
    $femi = House::user('femi');
    $standings = static function () use ($task, $femi): array {
        app()->forgetScopedInstances();

        return array_column(TaskPolicy::standings($femi->refresh(), $task->refresh()), 'value');
    };
    expect($standings())->toBe(['holder', 'creator']);
    app(StartTask::class)($task, $femi);
    $change = TaskChange::query()
        ->where('occasion', 'started')
        ->with(['user', 'for'])
        ->sole();
    expect([$change->user?->name, $change->for?->name])->toBe(['Femi Adeyinka', 'Callum Rees']);
    // The tick has not come yet, and the cover is over all the same.
    Clock::set('2026-03-04T00:00:00Z');
    expect($standings())->toBe(['holder']);
});

it('tells both in the product at once, until they have read it', function (): void {
    $task = due('2026-03-04', 'Horn');
    away('callum', '2026-03-02', '2026-03-03', ['femi']);
    $page = function (string $who): array {
        app()->forgetScopedInstances();

        return $this->actingAs(House::user($who))->get('/in-hand')->assertOk()->viewData('page')['props'];
    };
    $told = static fn(array $props): array => array_map(
        static fn(array $notice): string => "{$notice['title']}: {$notice['said']}",
        array_filter($props['notices'], static fn(array $notice): bool => $notice['taskId'] !== null),
    );
    expect($told($page('femi')))->toBe(['Horn: yours in place of Callum Rees']);
    expect($told($page('callum')))->toBe(['Horn: with Femi Adeyinka while you are away']);
    expect($page('femi')['tasks'][0]['coversFor'])->toBe(['slug' => 'callum', 'name' => 'Callum Rees']);
    expect($page('femi')['task']['covers'])->toBe([
        [
            'seat' => 'holder',
            'for' => ['slug' => 'callum', 'name' => 'Callum Rees'],
            'until' => '2026-03-04T00:00:00Z',
        ],
    ]);
    $notice = Notice::query()->where('person_id', House::person('femi')->id)->sole();
    $this->actingAs(House::user('callum'))
        ->post("/notices/{$notice->id}/seen")
        ->assertNotFound();
    $this->actingAs(House::user('femi'))->post("/notices/{$notice->id}/seen");
    expect($told($page('femi')))->toBe([]);
    expect($told($page('callum')))->toHaveCount(1);
    // Two, of which the later one to be handed out tells of an earlier moment: both are put away at once.
    foreach (['2026-03-02T09:00:00Z', '2026-03-02T08:00:00Z'] as $at) {
        $last = Notice::query()->create([
            ...$notice->only(['person_id', 'task_id', 'kind', 'other_id']),
            'at' => CarbonImmutable::parse($at),
        ]);
    }
    expect([$told($page('femi')), $page('femi')['noticesInAll']])->toBe([
        ['Horn: yours in place of Callum Rees', 'Horn: yours in place of Callum Rees'],
        2,
    ]);
    $this->actingAs(House::user('femi'))->post("/notices/{$last->id}/seen");
    expect($told($page('femi')))->toBe([]);
    app(CommentOn::class)($task->refresh(), 'It needs a new valve', [], Speaker::user(House::user('femi')));
    expect(array_column($page('femi')['task']['history'], 'said'))->toBe([
        'It arrived',
        'It passed to whoever stands in',
        'Femi Adeyinka for Callum Rees said',
    ]);
});

it('draws on the floor who has whose work', function (): void {
    due('2026-03-04');
    due('2026-03-03')->update([
        'status' => TaskStatus::InReview,
        'assignee_id' => House::person('tobias')->id,
        'reviewer_id' => House::person('callum')->id,
    ]);
    away('callum', '2026-03-02', '2026-03-03', ['femi']);
    $floor = $this->actingAs(House::user('hanneke'))->get('/floor')->assertOk()->viewData('page')['props'];
    expect($floor['covers'])->toBe([['for' => 'callum', 'by' => 'femi', 'count' => 2]]);
    expect($floor['handoffs'][0])->toMatchArray(['cause' => 'cover', 'awayUntil' => '2026-03-04T00:00:00Z']);
});

it('lends the rights of a lead for the task that is covered, and for no other', function (): void {
    House::publish(
        House::rule(
            'lead',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['hanneke']], 'method' => ['kind' => 'same_person']],
        ),
    );
    $task = due('2026-03-03');
    $other = due('2026-04-10');
    away('hanneke', '2026-03-02', '2026-03-03', ['femi']);
    $femi = House::user('femi');
    expect(array_column(TaskPolicy::standings($femi, $task->refresh()), 'value'))->toBe(['holder', 'lead']);
    expect(array_column(TaskPolicy::standings($femi, $other->refresh()), 'value'))->toBe([]);
    $this->actingAs($femi)->get('/floor')->assertForbidden();
});

it('passes on what somebody covers who falls ill, and hands all of it back', function (): void {
    $task = due('2026-03-06');
    away('callum', '2026-03-02', '2026-03-06', ['femi', 'tobias']);
    $this->actingAs(House::user('hanneke'))
        ->post('/people/femi/ill')
        ->assertSessionHas('done', 'Femi Adeyinka is away today. New work, and what is due, goes to whoever covers.');
    expect([
        $task->refresh()->assignee?->slug,
        TaskCover::query()
            ->sole()
            ->only(['via']),
    ])->toBe(['tobias', ['via' => ['femi']]]);
    expect(array_slice(handoffs(), 1))->toBe([
        'callum > femi cover for callum until 03-07 00:00',
        'femi > tobias cover for callum until 03-07 00:00',
    ]);
    expect(noticesOf('callum'))->toBe(['covered femi', 'covered tobias']);
    clockAt('2026-03-03T00:00:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    app(EndAbsence::class)->__invoke(
        Absence::query()->where('person_id', House::person('callum')->id)->sole(),
        Actor::user(House::user('callum')),
    );
    expect($task->refresh()->assignee?->slug)->toBe('callum');
    expect(TaskCover::query()->count())->toBe(0);
});

it('forgets the cover where somebody hands the task on by hand', function (): void {
    $task = due('2026-03-06');
    away('callum', '2026-03-02', '2026-03-06', ['femi']);
    app(HandOnTask::class)($task, House::person('ayumi'), 'Knows it', House::user('femi'));
    clockAt('2026-03-07T00:00:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('ayumi');
    expect(noticesOf('ayumi'))->toBe(['got femi']);
});

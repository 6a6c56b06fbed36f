<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Absences\EndAbsence;
use App\Access\Actor;
use App\Access\Speaker;
use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\Absences\CoverSetting;
use App\Models\Absences\TaskCover;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Policies\TaskPolicy;
use App\Tasks\CommentOn;
use App\Tasks\HandOnTask;
use App\Tasks\StartTask;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\HeldPolicy;
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
            ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ),
    );
});

/** Somebody is away on whole days, approved. */
function away(
    string $person,
    string $first,
    string $last,
    array $substitutes,
    HeldPolicy $held = HeldPolicy::FallsDue,
    array $only = [],
): Absence {
    app()->forgetScopedInstances();

    return app(AskAbsence::class)(
        House::person($person),
        new AbsenceTerms(AbsenceKind::Leave, $first, $last, substitutes: $substitutes, only: $only, held: $held),
        true,
        Actor::user(House::user('hanneke')),
    );
}

/** A task of Callum's that is due on a day, at noon; too long to be finished before. */
function due(string $day, string $title = 'Horn'): Task
{
    $task = House::arrive(title: $title);
    $task->update(['due_at' => CarbonImmutable::parse("{$day}T12:00:00Z"), 'estimate_minutes' => 4800]);

    return $task;
}

function clockAt(string $moment): void
{
    Clock::set($moment);
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
}

/** @return list<string> who had it, who got it, why and for whom, in order */
function handoffs(): array
{
    return array_values(
        Handoff::query()
            ->with(['from', 'to', 'standsInFor'])
            ->orderBy('at')
            ->orderBy('id')
            ->get()
            ->map(
                static fn(Handoff $one): string => trim(
                    "{$one->from?->slug} > {$one->to?->slug} {$one->cause->value} " .
                        ($one->standsInFor === null
                            ? ''
                            : "for {$one->standsInFor->slug} until {$one->away_until?->format('m-d H:i')}"),
                ),
            )
            ->all(),
    );
}

/** @return list<string> what somebody is told besides that rules gave them something, and has not put away yet */
function noticesOf(string $person): array
{
    return array_values(
        Notice::query()
            ->unseen()
            ->with('other')
            ->where('person_id', House::person($person)->id)
            ->where('kind', '<>', NoticeKind::Routed)
            ->orderBy('id')
            ->get()
            ->map(static fn(Notice $one): string => "{$one->kind->value} {$one->other?->slug}")
            ->all(),
    );
}

it('passes work at the begin of an absence and hands it back at its end, each once', function (): void {
    $task = due('2026-03-10');
    $later = due('2026-04-10', 'Later');
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    clockAt('2026-03-08T23:59:59Z');
    expect(handoffs())->toBe(['> callum rule', '> callum rule']);
    clockAt('2026-03-09T00:00:30Z');
    clockAt('2026-03-09T00:01:30Z');
    expect(handoffs())
        ->toBe(['> callum rule', '> callum rule', 'callum > femi cover for callum until 03-14 00:00'])
        ->and([$task->refresh()->assignee?->slug, $later->refresh()->assignee?->slug])
        ->toBe(['femi', 'callum'])
        ->and([noticesOf('femi'), noticesOf('callum')])
        ->toBe([['covers callum'], ['covered femi']])
        ->and(
            TaskChange::query()
                ->where('task_id', $task->id)
                ->sole()
                ->only(['occasion', 'system', 'difference']),
        )
        ->toBe([
            'occasion' => 'cover_passes',
            'system' => 'clock',
            'difference' => ['holder' => ['callum', 'femi'], 'holds_for' => [null, 'callum']],
        ]);
    clockAt('2026-03-13T23:59:59Z');
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    clockAt('2026-03-14T00:00:00Z');
    clockAt('2026-03-14T00:01:00Z');
    expect(array_slice(handoffs(), 3))
        ->toBe(['femi > callum hand_back'])
        ->and(TaskCover::query()->count())
        ->toBe(0)
        ->and([noticesOf('femi'), noticesOf('callum')])
        ->toBe([['covers callum', 'given_back callum'], ['covered femi', 'back femi']])
        ->and($absence->refresh()->only(['handed_over_at', 'handed_back_at']))
        ->toEqual([
            'handed_over_at' => CarbonImmutable::parse('2026-03-09T00:00:30Z'),
            'handed_back_at' => CarbonImmutable::parse('2026-03-14T00:00:00Z'),
        ]);
});

it('does nothing for an absence of which all ticks were missed', function (): void {
    due('2026-03-10');
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    clockAt('2026-03-20T10:00:00Z');
    expect(handoffs())
        ->toBe(['> callum rule'])
        ->and($absence->refresh()->handed_back_at)
        ->not->toBeNull();
});

it('gives new work to the substitute for the absent, and hands it back', function (): void {
    away('callum', '2026-03-02', '2026-03-03', ['femi']);
    $task = House::arrive();
    expect(handoffs())
        ->toBe(['> femi rule for callum until 03-04 00:00'])
        ->and(
            $task
                ->covers()
                ->sole()
                ->only(['absence', 'held']),
        )
        ->toMatchArray(['held' => false]);
    clockAt('2026-03-04T00:00:00Z');
    expect(array_slice(handoffs(), 1))->toBe(['femi > callum hand_back']);
});

it('leaves with the substitute what they have begun, and tells both', function (): void {
    $task = due('2026-03-10');
    away('callum', '2026-03-02', '2026-03-13', ['femi']);
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    app(StartTask::class)($task, House::user('femi'));
    expect(TaskCover::query()->sole()->touched_by)->toBe(['femi']);
    clockAt('2026-03-14T00:00:00Z');
    expect($task->refresh()->assignee?->slug)
        ->toBe('femi')
        ->and(TaskCover::query()->count())
        ->toBe(0)
        ->and([noticesOf('femi'), noticesOf('callum')])
        ->toBe([['covers callum', 'keeps callum'], ['covered femi', 'kept femi']]);
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
        $props['notices'],
    );
    expect($told($page('femi')))
        ->toBe(['Horn: yours in place of Callum Rees'])
        ->and($told($page('callum')))
        ->toBe(['Horn: with Femi Adeyinka while you are away'])
        ->and($page('femi')['tasks'][0]['coversFor'])
        ->toBe(['slug' => 'callum', 'name' => 'Callum Rees'])
        ->and($page('femi')['task']['covers'])
        ->toBe([
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
    expect($told($page('femi')))->toBe([])->and($told($page('callum')))->toHaveCount(1);
    // Two, of which the later one to be handed out tells of an earlier moment: both are put away at once.
    foreach (['2026-03-02T09:00:00Z', '2026-03-02T08:00:00Z'] as $at) {
        $last = Notice::query()->create([
            ...$notice->only(['person_id', 'task_id', 'kind', 'other_id']),
            'at' => CarbonImmutable::parse($at),
        ]);
    }
    expect($told($page('femi')))->toHaveCount(2);
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
    expect($floor['covers'])
        ->toBe([['for' => 'callum', 'by' => 'femi', 'count' => 2]])
        ->and($floor['handoffs'][0])
        ->toMatchArray(['cause' => 'cover', 'awayUntil' => '2026-03-04T00:00:00Z']);
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
    expect(array_column(TaskPolicy::standings($femi, $task->refresh()), 'value'))
        ->toBe(['holder', 'lead'])
        ->and(array_column(TaskPolicy::standings($femi, $other->refresh()), 'value'))
        ->toBe([]);
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
    ])
        ->toBe(['tobias', ['via' => ['femi']]])
        ->and(array_slice(handoffs(), 1))
        ->toBe(['callum > femi cover for callum until 03-07 00:00', 'femi > tobias cover for callum until 03-07 00:00'])
        ->and(noticesOf('callum'))
        ->toBe(['covered femi', 'covered tobias']);
    clockAt('2026-03-03T00:00:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    app(EndAbsence::class)->__invoke(
        Absence::query()->where('person_id', House::person('callum')->id)->sole(),
        Actor::user(House::user('callum')),
    );
    expect($task->refresh()->assignee?->slug)
        ->toBe('callum')
        ->and(TaskCover::query()->count())
        ->toBe(0);
});

it('forgets the cover where somebody hands the task on by hand', function (): void {
    $task = due('2026-03-06');
    away('callum', '2026-03-02', '2026-03-06', ['femi']);
    app(HandOnTask::class)($task, House::person('ayumi'), 'Knows it', House::user('femi'));
    clockAt('2026-03-07T00:00:00Z');
    expect($task->refresh()->assignee?->slug)
        ->toBe('ayumi')
        ->and(noticesOf('ayumi'))
        ->toBe(['got femi']);
});

it('asks substitutes for the work that is theirs alone', function (): void {
    away(
        'callum',
        '2026-03-02',
        '2026-03-06',
        ['femi', 'tobias'],
        only: ['femi' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']],
    );
    expect([House::arrive('quote')->assignee?->slug, House::arrive('bench-repair')->assignee?->slug])->toBe([
        'femi',
        'tobias',
    ]);
});

it('gives what was set by hand to whom it was set, and keeps what is to stay', function (): void {
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    $tasks = [due('2026-03-10', 'Given'), due('2026-03-10', 'Kept'), due('2026-03-10', 'Neither')];
    CoverSetting::query()->create([
        'absence_id' => $absence->id,
        'task_id' => $tasks[0]->id,
        'person_id' => House::person('ayumi')->id,
    ]);
    CoverSetting::query()->create(['absence_id' => $absence->id, 'task_id' => $tasks[1]->id, 'person_id' => null]);
    clockAt('2026-03-09T00:00:00Z');
    expect(array_map(static fn(Task $task): ?string => $task->refresh()->assignee?->slug, $tasks))->toBe([
        'ayumi',
        'callum',
        'femi',
    ]);
});

it('hands back what was covered where an import has taken the absence away', function (): void {
    $task = due('2026-03-06');
    $absence = away('callum', '2026-03-02', '2026-03-06', ['femi']);
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    $absence->delete();
    App\Models\House\House::query()->increment('roster_revision');
    clockAt('2026-03-02T10:01:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('callum');
});

it('moves many tasks with a number of queries each that does not grow', function (): void {
    $queries = static function (int $tasks): int {
        for ($count = 0; $count < $tasks; ++$count) {
            due('2026-03-10');
        }
        $absence = away('callum', '2026-03-03', '2026-03-04', ['femi'], HeldPolicy::All);
        DB::enableQueryLog();
        DB::flushQueryLog();
        clockAt('2026-03-03T00:00:00Z');
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();
        expect(Task::query()->where('assignee_id', House::person('femi')->id)->count())->toBe($tasks);
        Clock::set('2026-03-02T10:00:00Z');
        app(EndAbsence::class)($absence, Actor::system('test'));
        Task::query()->update([
            'assignee_id' => null,
            'status' => TaskStatus::Dropped,
            'completed_at' => CarbonImmutable::now(),
        ]);

        return $count;
    };
    $queries(1);
    $few = $queries(5);
    $many = $queries(10);
    expect($queries(45) - $many)->toBe(7 * ($many - $few));
});

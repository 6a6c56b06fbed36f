<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Bridge\WorkReader;
use App\Models\Absences\Absence;
use App\Models\Absences\TaskCover;
use App\Models\Access\User;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Artisan;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\Person as CorePerson;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;

/** @return list<string> names of people who have more due in the next five working days than they can do */
function overloaded(): array
{
    $house = app(SnapshotSource::class)->current();
    $work = WorkReader::ofEverybody($house);
    $now = CarbonImmutable::now()->getTimestamp();
    $over = array_filter(
        $house->roster->people,
        static fn(CorePerson $person): bool => LoadPlanner::plan(
            $person->hours,
            $house->roster->presenceOf($person->id),
            $person->capacity,
            $work->held($person->id)->loading,
            $now,
        )
            ->ratio()
            ->exceedsPercent(100) && $house->roster->absenceOf($person->id, $now) === null,
    );

    return array_values(array_map(static fn(CorePerson $person): string => $person->name, $over));
}

function demoUser(?string $slug): User
{
    return User::query()
        ->where('email', explode('-', (string) $slug)[0] . '@alderquill.example')
        ->sole();
}

/** @return array<string, mixed> */
function shown(mixed $test, string $who, string $url): array
{
    return $test->actingAs(demoUser($who))->get($url)->assertOk()->viewData('page')['props'];
}

/** @return array<string, mixed> what a press sends: what was seen of the task, and more */
function pressed(Task $task, string $by, string $action, array $more = []): array
{
    test()
        ->actingAs(demoUser($by))
        ->post("/tasks/{$task->id}/{$action}", ['revision' => $task->refresh()->revision] + $more)
        ->assertSessionHasNoErrors();

    return $task->refresh()->only(['status', 'reviewer_id']);
}

/** Steps 1 to 8 of the tour in the README, as far as no browser is needed for them. */
function walkTheTour(mixed $test): void
{
    readWhyNobodyHolds($test);
    $task = askOnTheWebForm($test, 'bench-repair', 'Clarinet, pads leak', ['task_family' => 'woodwind']);
    doAndHaveReviewed($task);
    moveTheEndOfAHire($test);
    publishAndObey($test);
    coverWhoIsAway($test);
}

function readWhyNobodyHolds(mixed $test): void
{
    $floor = shown($test, 'hanneke', '/floor');
    expect($floor['unplaced'])->toHaveCount(5);
    expect(array_column($floor['status']['away'], 'name'))->toContain('Callum Rees');
    // The five questions that a lead asks of the floor first, at whatever hour.
    $answers = $floor['answers'];
    expect($answers['unplaced'])->toBe(5);
    expect(array_column($answers['away']['people'], 'name'))->toContain('Callum Rees');
    expect($answers['room']['count'])->toBeGreaterThan(5);
    expect(array_column($answers['over']['people'], 'name'))->toContain('Winnie Achieng', 'Leo Marchetti');
    expect($answers['late']['tooLate'])->toBeGreaterThan(3);
    expect($answers['late']['worst'][0]['lateBy'] ?? PHP_INT_MAX)->toBeGreaterThan(0);
    expect($floor['days'])->toHaveCount(5);
    expect($floor['unplaced'][0]['help']['inPool'])->toBe(3);
    $trail = shown($test, 'hanneke', '/floor?task=' . $floor['unplaced'][0]['id'])['task']['reasons'][0]['trail'];
    expect($trail['summary'])->toBe(
        '24 people → 3 in Brass bench → 2 present → 0 with few enough open tasks → unplaced',
    );
}

/** @param array<string, string> $fields */
function askOnTheWebForm(mixed $test, string $kind, string $title, array $fields = []): Task
{
    auth()->logout();
    $test->post('/stand-ins/web-form', ['kind' => $kind, 'title' => $title] + $fields)->assertSessionHasNoErrors();

    return Task::query()->with('assignee')->where('title', $title)->sole();
}

function doAndHaveReviewed(Task $task): void
{
    $doer = (string) $task->assignee?->slug;
    expect($doer)->toBeIn(['marek-dobry', 'nadia-haddad']);
    pressed($task, $doer, 'start');
    expect(pressed($task, $doer, 'ask-review')['status'])->toBe(TaskStatus::InReview);
    $reviewer = (string) Person::query()->find($task->reviewer_id)?->slug;
    expect($reviewer)->toBeIn(['greta-solheim', 'jun-morita']);
    pressed($task, $reviewer, 'send-back', ['reason' => 'It still leaks.']);
    expect($task->assignee_id)->toBe(Person::query()->where('slug', $doer)->sole()->id);
    expect(pressed($task, $doer, 'complete', ['spent' => 30])['status'])->toBe(TaskStatus::Done);
}

function moveTheEndOfAHire(mixed $test): void
{
    $hire = Task::query()
        ->open()
        ->whereHas('kind', static fn($kind) => $kind->where('slug', 'hire'))
        ->whereNotNull('due_at')
        ->firstOrFail();
    $end = CarbonImmutable::now()->addWeekdays(60)->format('Y-m-d');
    $test
        ->actingAs(demoUser('hanneke'))
        ->putJson('/customers/' . Customer::query()->findOrFail($hire->customer_id)->id, [
            'document' => [
                'set' => ['customer.hire_ends' => $end],
            ],
        ])
        ->assertOk();
    expect($hire->refresh()->due_at?->setTimezone('Europe/Dublin')->format('Y-m-d'))->toBe($end);
}

function publishAndObey(mixed $test): void
{
    $rules = array_values((array) RulebookVersion::query()->published()->sole()->rules);
    array_unshift($rules, [
        'id' => 'fittings',
        'name' => 'Fittings',
        'when' => [['kind' => 'task_arrives']],
        'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'fitting'],
        'give' => ['pool' => ['kind' => 'people', 'people' => ['siobhan-quirke']], 'method' => ['kind' => 'in_order']],
    ]);
    $revision = $test
        ->putJson('/rulebook/draft', [
            'rules' => $rules,
            'revision' => shown($test, 'hanneke', '/rulebook')['draftRevision'] ?? 0,
        ])
        ->assertOk()
        ->json('revision');
    $test
        ->post('/rulebook/publish', ['revision' => $revision])
        ->assertRedirect('/rulebook')
        ->assertSessionMissing('problem');
    expect(askOnTheWebForm($test, 'fitting', 'Half-size cello')->assignee?->slug)->toBe('siobhan-quirke');
}

function coverWhoIsAway(mixed $test): void
{
    $leo = Absence::query()->where('slug', 'leo-later')->sole();
    expect(shown($test, 'hanneke', "/absences/{$leo->id}")['maySet'])->toBeTrue();
    $test->post("/absences/{$leo->id}/decide", ['approve' => true])->assertSessionHasNoErrors();
    expect($leo->refresh()->status)->toBe(AbsenceStatus::Approved);
    expect(
        array_column(array_filter(array_column(shown($test, 'femi', '/in-hand')['tasks'], 'coversFor')), 'name'),
    )->toContain('Callum Rees');
}

it('begins with work for everybody to look at, and lets the tour be walked, whatever day and hour it is', function (
    string $moment,
): void {
    Clock::set($moment);
    app()->forgetScopedInstances();
    app(DemoSeeder::class)->run(1, 3);
    Clock::set($moment);
    app()->forgetScopedInstances();
    $now = CarbonImmutable::now();

    expect(Task::query()->unplaced()->count())->toBe(5);
    expect(overloaded())->toContain('Winnie Achieng', 'Leo Marchetti');
    expect(count(overloaded()))->toBeLessThanOrEqual(4);
    expect(
        Task::query()
            ->open()
            ->where('due_at', '<', $now)
            ->whereNotIn('status', [TaskStatus::Waiting, TaskStatus::InReview])
            ->count(),
    )->toBeGreaterThanOrEqual(3);
    $away = Absence::query()
        ->with(['person', 'substitutes'])
        ->where('slug', 'callum-now')
        ->sole();
    $covered = TaskCover::query()
        ->with('task.assignee')
        ->where('for_id', $away->person_id)
        ->get()
        ->map(static fn(TaskCover $cover): ?string => $cover->task?->assignee?->slug)
        ->unique()
        ->values()
        ->all();
    expect($away->handed_over_at)->not->toBeNull();
    expect($away->handed_back_at)->toBeNull();
    expect($covered)->toBe(['femi-adeyinka']);
    expect(Absence::query()->where('status', AbsenceStatus::Asked)->pluck('slug')->all())->toBe(['leo-later']);

    walkTheTour($this);

    // What is unplaced stays so until somebody acts.
    foreach ([1, 60 * 14, 60 * 24 * 3, 60 * 24 * 6] as $minutes) {
        Clock::set($now->addMinutes($minutes)->format('c'));
        app()->forgetScopedInstances();
        expect(Artisan::call('baton:tick'))->toBe(0);
        expect(Task::query()->unplaced()->count())->toBe(5);
    }
})->with([
    'Monday night' => '2026-11-23T00:30:00Z',
    'Monday at one' => '2026-11-23T13:10:00Z',
    'Tuesday at ten' => '2026-11-24T10:00:00Z',
    'Wednesday at half past five' => '2026-11-25T17:29:00Z',
    'Thursday at nine' => '2026-11-26T09:00:00Z',
    'Friday evening' => '2026-11-27T18:30:00Z',
    'Saturday' => '2026-11-28T14:00:00Z',
    'Saturday before midnight' => '2026-11-28T23:40:00Z',
    'Sunday at ten' => '2026-11-29T10:00:00Z',
    'clocks go back' => '2026-10-25T01:30:00Z',
    'clocks go forward' => '2027-03-28T01:30:00Z',
    'Christmas Eve' => '2026-12-24T15:00:00Z',
    'leap day' => '2028-02-29T12:00:00Z',
    'New Year' => '2027-01-01T11:00:00Z',
]);

<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceKind;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        [
            'id' => 'his',
            'name' => 'His own',
            'when' => [['kind' => 'task_arrives']],
            'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            'give' => ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ],
        [
            'id' => 'round',
            'name' => 'Round the bench',
            'when' => [['kind' => 'task_arrives']],
            'if' => ['all' => []],
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['callum', 'ayumi']],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 1]],
                'otherwise' => ['kind' => 'person', 'person' => 'callum'],
            ],
        ],
    );
});

/** @param list<string> $substitutes */
function absence(string $person, string $first, string $last, array $substitutes, bool $approved = false): Absence
{
    app()->forgetScopedInstances();

    return app(AskAbsence::class)->__invoke(
        House::person($person),
        new AbsenceTerms(AbsenceKind::Leave, $first, $last, substitutes: $substitutes),
        $approved,
        Actor::user(House::user('hanneke')),
    );
}

/** Callum's, due on a day at noon, and too long to be finished before. */
function callums(string $day, string $title = 'Horn', string $kind = 'quote'): Task
{
    $task = House::arrive($kind, title: $title);
    $task->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse("{$day}T12:00:00Z"),
        'estimate_minutes' => 4800,
    ]);

    return $task;
}

/** @return array<string, mixed> the props of a page */
function coverProps(TestResponse $page): array
{
    return $page->assertOk()->viewData('page')['props'];
}

/** @param array<string, mixed> $props of the page, as "title: who, why" */
function lines(array $props): array
{
    return array_map(
        static fn(array $line): string => "{$line['task']['title']}: " .
            ($line['to']['slug'] ?? ($line['gap'] ? 'nobody' : 'stays')) .
            ", {$line['reason']}" .
            implode('', array_map(static fn(string $one): string => "; {$one}", $line['warnings'])),
        $props['plan']['lines'],
    );
}

function as_(mixed $test, string $who): mixed
{
    app()->forgetScopedInstances();

    return $test->actingAs(House::user($who));
}

it('shows what becomes of every task before it is approved, and where they are named', function (): void {
    callums('2026-03-10', 'Due');
    callums('2026-04-10', 'Later');
    $repair = House::arrive('bench-repair', title: 'Repair');
    $repair->update([
        'assignee_id' => House::person('callum')->id,
        'due_at' => CarbonImmutable::parse('2026-03-11T12:00:00Z'),
        'estimate_minutes' => 60,
    ]);
    Customer::query()->update(['owner_id' => House::person('callum')->id]);
    House::arrive('bench-repair', ['task.repaired_by' => 'callum'], title: 'Once his');
    $asked = absence('callum', '2026-03-09', '2026-03-13', ['tobias']);
    $props = coverProps(as_($this, 'hanneke')->get("/absences/{$asked->id}"));
    expect(lines($props))
        ->toBe([
            // 80 % of eight hours a day from Monday 9 March on: done on Wednesday 25 March.
            'Due: tobias, Due before they are back at it; 14 days late by their load',
            'Repair: tobias, Due before they are back at it; not one of those whom the rule chooses from; Brass ' .
            'at level 0, 1 needed; 14 days late by their load',
            'Later: stays, Due after they are back',
        ])
        ->and($props['plan']['gaps'])
        ->toBe(0)
        ->and(
            array_map(
                static fn(array $load): array => [$load['person']['slug'], $load['tasks']],
                $props['plan']['loads'],
            ),
        )
        ->toBe([['tobias', 2]])
        ->and(
            array_map(
                static fn(array $one): string => $one['said'] . ' ' . ($one['instead'][0]['slug'] ?? '-'),
                $props['named'],
            ),
        )
        ->toBe([
            '“His own” gives to them tobias',
            '“Round the bench” chooses from a pool with them -',
            '“Round the bench” gives to them where it finds nobody tobias',
            'Looks after 1 customer tobias',
            'Repaired by of 1 open task tobias',
        ])
        ->and($props['maySet'])
        ->toBeTrue()
        ->and(Handoff::query()->where('cause', 'cover')->count())
        ->toBe(0);
});

it('shows gaps where nobody is left', function (): void {
    callums('2026-03-10', 'Due');
    absence('ayumi', '2026-03-09', '2026-03-13', [], true);
    $asked = absence('callum', '2026-03-09', '2026-03-13', []);
    $props = coverProps(as_($this, 'hanneke')->get("/absences/{$asked->id}"));
    expect(lines($props))
        ->toBe(['Due: nobody, Due before they are back at it'])
        ->and([$props['plan']['gaps'], $props['named'][0]['gap']])
        ->toBe([1, true]);
});

it('is set task by task, and what was set acts when the absence begins', function (): void {
    $task = callums('2026-03-10');
    $absence = absence('callum', '2026-03-09', '2026-03-13', ['tobias']);
    $set = fn(array $data): TestResponse => as_($this, 'hanneke')->post("/absences/{$absence->id}/cover", [
        'task' => $task->id,
        ...$data,
    ]);
    $shown = fn(): array => lines(coverProps(as_($this, 'hanneke')->get("/absences/{$absence->id}")));
    $set(['auto' => 0, 'to' => 'ayumi'])->assertSessionHasNoErrors();
    expect($shown())->toBe(['Horn: ayumi, Given by hand; 15 days late by their load']);
    $set(['auto' => 0, 'to' => ''])->assertSessionHasNoErrors();
    expect($shown())->toBe(['Horn: stays, Kept by hand']);
    $set(['auto' => 1])->assertSessionHasNoErrors();
    expect($shown()[0])->toStartWith('Horn: tobias, Due before');
    $set(['auto' => 0, 'to' => 'callum'])->assertSessionHasErrors('to');
    $set(['auto' => 0, 'to' => 'ayumi']);
    as_($this, 'hanneke')->post("/absences/{$absence->id}/decide", ['approve' => 1]);
    expect($task->refresh()->assignee?->slug)->toBe('callum');
    Clock::set('2026-03-09T00:00:00Z');
    app()->forgetScopedInstances();
    app(SettleAbsences::class)(CarbonImmutable::now());
    expect($task->refresh()->assignee?->slug)->toBe('ayumi');
    // What is set while it runs acts at once; what has passed stays where it is.
    $kept = callums('2026-04-10', 'Later');
    as_($this, 'hanneke')->post("/absences/{$absence->id}/cover", ['task' => $kept->id, 'auto' => 0, 'to' => 'tobias']);
    expect($kept->refresh()->assignee?->slug)->toBe('tobias');
});

it('is a matter of leads, and of whoever is away to look at', function (): void {
    $task = callums('2026-03-10');
    $absence = absence('callum', '2026-03-09', '2026-03-13', ['tobias']);
    expect(coverProps(as_($this, 'callum')->get("/absences/{$absence->id}"))['maySet'])->toBeFalse();
    as_($this, 'femi')
        ->get("/absences/{$absence->id}")
        ->assertForbidden();
    foreach (['callum', 'femi'] as $who) {
        as_($this, $who)
            ->post("/absences/{$absence->id}/cover", ['task' => $task->id, 'to' => 'ayumi'])
            ->assertForbidden();
        as_($this, $who)
            ->post("/absences/{$absence->id}/hand-over")
            ->assertForbidden();
    }
    as_($this, 'femi')
        ->post("/absences/{$absence->id}", ['person' => 'callum'])
        ->assertForbidden();
    as_($this, 'femi')->get('/absences/what-if?person=callum&first=2026-03-09&last=2026-03-13')->assertForbidden();
    as_($this, 'callum')->get('/absences/what-if?person=callum&first=2026-03-09&last=2026-03-13')->assertOk();
});

it('hands over before it begins where the lead asks for it, once', function (): void {
    $task = callums('2026-03-10');
    $absence = absence('callum', '2026-03-09', '2026-03-13', ['tobias'], true);
    as_($this, 'hanneke')
        ->post("/absences/{$absence->id}/hand-over")
        ->assertSessionHas('done', '1 task of Callum Rees’s has passed.');
    expect($task->refresh()->assignee?->slug)->toBe('tobias');
    as_($this, 'hanneke')
        ->post("/absences/{$absence->id}/hand-over")
        ->assertSessionHas('problem');
    as_($this, 'hanneke')->post("/absences/{$absence->id}/end");
    expect($task->refresh()->assignee?->slug)->toBe('callum');
});

it(
    'passes what now falls due where it is extended, and hands back what no longer should pass where it is moved',
    function (): void {
        [$soon, $later] = [callums('2026-03-06', 'Soon'), callums('2026-03-12', 'Later')];
        $absence = absence('callum', '2026-03-02', '2026-03-05', ['tobias'], true);
        $holders = static fn(): array => [$soon->refresh()->assignee?->slug, $later->refresh()->assignee?->slug];
        expect($holders())->toBe(['tobias', 'callum']);
        $change = fn(string $first, string $last): TestResponse => as_($this, 'hanneke')->post(
            "/absences/{$absence->id}",
            [
                'person' => 'callum',
                'days' => 1,
                'first' => $first,
                'last' => $last,
                'kind' => 'leave',
                'substitutes' => ['tobias'],
            ],
        );
        $change('2026-03-02', '2026-03-11')->assertSessionHas('done', 'The absence of Callum Rees is changed.');
        expect($holders())->toBe(['tobias', 'tobias']);
        $change('2026-03-02', '2026-03-05');
        expect($holders())->toBe(['tobias', 'callum']);
        $change('2026-03-16', '2026-03-20');
        expect($holders())
            ->toBe(['callum', 'callum'])
            ->and($absence->refresh()->handed_over_at)
            ->toBeNull();
        // Its begin acts anew.
        Clock::set('2026-03-16T00:00:00Z');
        app()->forgetScopedInstances();
        app(SettleAbsences::class)(CarbonImmutable::now());
        expect($holders())->toBe(['tobias', 'tobias']);
    },
);

it('takes substitutes for some work only, and says what is wrong with the criteria', function (): void {
    $ask = fn(array $only): TestResponse => as_($this, 'callum')->post('/absences', [
        'person' => 'callum',
        'days' => 1,
        'first' => '2026-03-09',
        'last' => '2026-03-13',
        'kind' => 'leave',
        'held' => 'all',
        'hand_back' => 'unfinished',
        'substitutes' => ['femi', 'tobias'],
        'only' => $only,
    ]);
    $ask(['femi' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'polish']])->assertSessionHasErrors('only.femi');
    expect(Absence::query()->count())->toBe(0);
    $ask([
        'femi' => ['all' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']]],
    ])->assertSessionHasNoErrors();
    $line = coverProps(as_($this, 'callum')->get('/absences'))['absences'][0];
    expect([$line['held'], $line['handBack'], array_column($line['substitutes'], 'only', 'slug')])->toEqual([
        'all',
        'unfinished',
        ['femi' => ['all' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']]], 'tobias' => null],
    ]);
});

it('shows what would be if somebody were away, and changes nothing', function (): void {
    callums('2026-03-10');
    $before = [Absence::query()->count(), HouseRow::query()->sole()->roster_revision];
    $props = coverProps(
        as_($this, 'hanneke')->get(
            '/absences/what-if?person=callum&first=2026-03-09&last=2026-03-13&substitutes[0]=femi',
        ),
    );
    expect(lines($props)[0])
        ->toStartWith('Horn: femi, Due before')
        ->and([Absence::query()->count(), HouseRow::query()->sole()->roster_revision])
        ->toBe($before)
        ->and(coverProps(as_($this, 'hanneke')->get('/absences/what-if'))['plan'])
        ->toBeNull();
    as_($this, 'hanneke')
        ->get('/absences/what-if?person=nobody&first=2026-03-09&last=2026-03-01')
        ->assertSessionHasErrors(['person', 'last']);
});

it('asks no more of the database for more tasks', function (): void {
    $absence = absence('callum', '2026-03-09', '2026-03-13', ['tobias']);
    $queries = function (int $tasks) use ($absence): int {
        for ($count = 0; $count < $tasks; ++$count) {
            callums('2026-03-10');
        }
        $ask = fn(): int => count(coverProps(as_($this, 'hanneke')->get("/absences/{$absence->id}"))['plan']['lines']);
        $ask();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $ask();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    expect($queries(3))->toBe($queries(20));
});

it('says who answers for which work where a substitute stands in for some only', function (): void {
    House::publish([
        'id' => 'his',
        'name' => 'His own',
        'when' => [['kind' => 'task_arrives']],
        'give' => ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
    ]);
    $asked = absence('callum', '2026-03-09', '2026-03-13', ['femi', 'tobias']);
    $asked->syncSubstitutes(
        [House::person('femi')->id, House::person('tobias')->id],
        [House::person('femi')->id => ['all' => [['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair']]]],
    );
    app()->forgetScopedInstances();
    expect(coverProps(as_($this, 'hanneke')->get("/absences/{$asked->id}"))['named'][0]['instead'])->toBe([
        ['slug' => 'femi', 'name' => 'Femi Adeyinka', 'work' => 'Kind of task is Bench repair'],
        ['slug' => 'tobias', 'name' => 'Tobias Lindqvist', 'work' => 'the rest'],
    ]);
});

<?php

declare(strict_types=1);

use App\Clock\SettleAbsences;
use App\Models\Absences\Absence;
use App\Models\House\House as HouseRow;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CoverPlanFunctions.php';

beforeEach(function (): void {
    beginCoverPlan();
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
        expect($holders())->toBe(['callum', 'callum']);
        expect($absence->refresh()->handed_over_at)->toBeNull();
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
    expect(lines($props)[0])->toStartWith('Horn: femi, Due before');
    expect([Absence::query()->count(), HouseRow::query()->sole()->roster_revision])->toBe($before);
    expect(coverProps(as_($this, 'hanneke')->get('/absences/what-if'))['plan'])->toBeNull();
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

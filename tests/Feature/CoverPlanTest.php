<?php

declare(strict_types=1);

use App\Clock\SettleAbsences;
use App\Models\Customers\Customer;
use App\Models\Tasks\Handoff;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CoverPlanFunctions.php';

beforeEach(function (): void {
    beginCoverPlan();
});

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
    expect(lines($props))->toBe([
        // 80 % of eight hours a day from Monday 9 March on: done on Wednesday 25 March.
        'Due: tobias, Due before they are back at it; 14 days late by their load',
        'Repair: tobias, Due before they are back at it; not one of those whom the rule chooses from; Brass ' .
        'at level 0, 1 needed; 14 days late by their load',
        'Later: stays, Due after they are back',
    ]);
    expect($props['plan']['gaps'])->toBe(0);
    expect(
        array_map(static fn(array $load): array => [$load['person']['slug'], $load['tasks']], $props['plan']['loads']),
    )->toBe([['tobias', 2]]);
    expect(
        array_map(
            static fn(array $one): string => $one['said'] . ' ' . ($one['instead'][0]['slug'] ?? '-'),
            $props['named'],
        ),
    )->toBe([
        '“His own” gives to them tobias',
        '“Round the bench” chooses from a pool with them -',
        '“Round the bench” gives to them where it finds nobody tobias',
        'Looks after 1 customer tobias',
        'Repaired by of 1 open task tobias',
    ]);
    expect($props['maySet'])->toBeTrue();
    expect(Handoff::query()->where('cause', 'cover')->count())->toBe(0);
});

it('shows gaps where nobody is left', function (): void {
    callums('2026-03-10', 'Due');
    absence('ayumi', '2026-03-09', '2026-03-13', [], true);
    $asked = absence('callum', '2026-03-09', '2026-03-13', []);
    $props = coverProps(as_($this, 'hanneke')->get("/absences/{$asked->id}"));
    expect(lines($props))->toBe(['Due: nobody, Due before they are back at it']);
    expect([$props['plan']['gaps'], $props['named'][0]['gap']])->toBe([1, true]);
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

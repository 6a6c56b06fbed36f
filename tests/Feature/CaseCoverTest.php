<?php

declare(strict_types=1);

use App\Absences\SettleAbsence;
use App\Access\Actor;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Handoff;
use OpenBaton\Core\Absence\HeldPolicy;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/CoverFunctions.php';
require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it('passes a case to whoever stands in, with what its owner held in it, and all of it back', function (): void {
    $case = Cases::open(['owner' => 'callum']);
    $task = neededIn($case, 'callum');
    $others = neededIn($case, 'femi');
    away('callum', '2026-03-03', '2026-03-05', ['tobias']);
    Clock::tick('2026-03-03T00:00:00Z');
    expect([$case->refresh()->owner->slug, $task->refresh()->assignee->slug, $others->refresh()->assignee->slug])->toBe(
        ['tobias', 'tobias', 'femi'],
    );
    $handoff = Handoff::query()->where('case_id', $case->id)->latest('id')->firstOrFail();
    expect([$handoff->cause->value, $handoff->standsInFor?->slug])->toBe(['cover', 'callum']);
    handedOut();
    expect(told())->toContain('tobias covers callum');
    $this->actingAs(House::user('callum'));
    app()->forgetScopedInstances();
    Clock::tick('2026-03-06T00:00:00Z');
    expect([$case->refresh()->owner->slug, $case->covering, $case->covering_for_id])->toBe(['callum', null, null]);
    expect($task->refresh()->assignee->slug)->toBe('callum');
});

it('moves as many as somebody owns, in pieces, and none that they keep', function (): void {
    for ($number = 0; $number < 23; ++$number) {
        Cases::open(['owner' => 'callum']);
    }
    $kept = Cases::open(['owner' => 'femi']);
    $absence = away('callum', '2026-03-02', '2026-03-04', ['tobias']);
    $owners = CustomerCase::query()
        ->whereKeyNot($kept->id)
        ->with('owner')
        ->get()
        ->map(static fn($case): ?string => $case->owner?->slug)
        ->unique()
        ->all();
    expect($owners)->toBe(['tobias']);
    away('femi', '2026-03-02', '2026-03-04', ['tobias'], HeldPolicy::Nothing);
    expect($kept->refresh()->owner?->slug)->toBe('femi');
    // Once more it moves nothing.
    expect(app(SettleAbsence::class)($absence->id, Actor::system('test'), again: true))->toBe(0);
});

it('says in the cover plan who answers for which case', function (): void {
    $case = Cases::open(['owner' => 'callum']);
    Cases::open(['owner' => 'femi']);
    $absence = away('callum', '2026-03-09', '2026-03-11', ['tobias']);
    $this->actingAs(House::user('hanneke'))
        ->get("/absences/{$absence->id}")
        ->assertInertia(
            static fn($page) => $page
                ->has('cases', 1)
                ->where('cases.0.number', $case->number)
                ->where('cases.0.stage', 'Enquiry')
                ->where('cases.0.to.slug', 'tobias'),
        );
});

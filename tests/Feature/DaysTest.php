<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use OpenBaton\Core\Absence\AbsenceKind;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it('says which days of a month are off, and on which of their days somebody is away', function (): void {
    $terms = new AbsenceTerms(AbsenceKind::Leave, '2026-03-12', '2026-03-16', substitutes: ['femi']);
    app(AskAbsence::class)->__invoke(House::person('callum'), $terms, true, Actor::user(House::user('hanneke')));
    app()->forgetScopedInstances();
    $days = fn(string $query): array => $this->actingAs(House::user('ayumi'))
        ->getJson("/days?{$query}")
        ->assertOk()
        ->json();
    $house = $days('month=2026-03');
    $callum = $days('month=2026-03&person=callum');
    expect($house['away'])->toBe([]);
    expect($house['off'])->toContain('2026-03-14', '2026-03-15')->not->toContain('2026-03-12');

    // Weeks are shown whole: some days before and after the month.
    expect([$house['off'][0], end($house['off'])])->toBe(['2026-02-22', '2026-04-05']);
    expect($callum['away'])->toBe(['2026-03-12', '2026-03-13', '2026-03-16']);
    expect($callum['off'])->toBe($house['off']);
    expect($days('month=2026-03&person=nobody'))->toBe($house);
});

it('refuses what is no month', function (string $month): void {
    $this->actingAs(House::user('ayumi'))
        ->getJson("/days?month={$month}")
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.detail', 'Give a month such as 2026-03.');
})->with(['', '2026', '2026-13', '2026-3', '0001-01', '9999-01']);

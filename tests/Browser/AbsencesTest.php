<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceStatus;

it('is asked for, approved, and entered in two clicks where somebody is ill', function (): void {
    $day = CarbonImmutable::now()->addDays(20)->format('Y-m-d');
    $this->signIn('marek', '/absences');
    $this->press('Ask for an absence');
    $this->fill('First day', $day);
    $this->fill('Last day', $day);
    $this->fill('Note', 'A wedding');
    $this->choose('Substitute 1', 'Nadia Haddad');
    $this->press('Ask', "//*[@role='dialog']");
    $this->see('The absence of Marek Dobry is asked for.');
    $this->see('Nadia Haddad in their place');
    $absence = Absence::query()
        ->whereHas('person', static fn($person) => $person->where('slug', 'marek-dobry'))
        ->latest('id')
        ->firstOrFail();
    expect([
        $absence->status,
        $absence->first_day?->format('Y-m-d'),
        $absence->last_day?->format('Y-m-d'),
        $absence->reason,
    ])->toBe([AbsenceStatus::Asked, $day, $day, 'A wedding']);

    $this->signInInstead('hanneke', '/absences');
    $this->see('Leave: A wedding');
    $this->click("//li[contains(., 'Marek Dobry')]//button[normalize-space(.)='Approve']");
    $this->fill('A word', 'Have a good time');
    $this->press('Approve', "//*[@role='dialog']");
    $this->see('The absence of Marek Dobry is approved.');
    expect($absence->refresh()->status)->toBe(AbsenceStatus::Approved);
    expect($absence->decided_word)->toBe('Have a good time');

    $this->visit('/floor');
    $this->press('Femi Adeyinka');
    $this->press('Ill today');
    $this->see('Femi Adeyinka is ill');
    $this->see('in that time');
    $this->press('Enter it', "//*[@role='dialog']");
    $this->see('Femi Adeyinka is away today.');
    expect(
        Absence::query()
            ->where('person_id', Person::query()->where('slug', 'femi-adeyinka')->sole()->id)
            ->where('kind', 'ill')
            ->sole()->status,
    )->toBe(AbsenceStatus::Approved);
    $this->press('They are not away');
    $this->see('The absence of Femi Adeyinka is called off, or ended now.');
});

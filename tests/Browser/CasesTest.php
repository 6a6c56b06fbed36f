<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;

require_once __DIR__ . '/CaseWorkFunctions.php';

it('leads a hire from its enquiry to its end: by a date, past a closed gate, to another owner', function (): void {
    $this->signIn('hanneke', '/cases');
    $this->press('Open a case');
    $this->fill('Title', 'Forty clarinets for the browser');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->see('Its way');
    $case = CustomerCase::query()->where('title', 'Forty clarinets for the browser')->sole();
    // Rules have said whose it is.
    $this->see($case->owner->name);
    $this->press('Change it');
    $this->fill('Fitting on', now()->addDays(3)->format('Y-m-d'));
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->find("//li[@aria-current='step'][contains(., 'Fitting')]");
    $this->see('Fit Forty clarinets for the browser is not done');
    expect($case->refresh()->tasks()->count())->toBe(3);

    $this->press('Move on to On hire');
    $this->see('You can have it pass all the same, with a reason.');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->see('Say why: it goes backwards, or past what is missing.');
    $this->press('Leave it where it is');
    expect($case->refresh()->stage)->toBe('fitting');

    doNeeded($this, $case);
    $this->visit("/cases/{$case->id}");
    $this->press('Give it to somebody');
    $this->choose('To whom', 'Rónán Breathnach');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->until(fn(): bool => $case->refresh()->owner?->name === 'Rónán Breathnach', fn(): string => 'no owner');
    // What is changed next is seen with the new owner.
    $this->visit("/cases/{$case->id}");

    $this->press('Change it');
    $this->fill('Terms signed on', now()->format('Y-m-d'));
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->find("//li[@aria-current='step'][contains(., 'On hire')]");
    $this->press('Close it');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->see('as Renewed');
    expect([
        $case->refresh()->outcome,
        Task::query()->where('case_id', $case->id)->whereNull('completed_at')->count(),
    ])->toBe(['renewed', 0]);
});

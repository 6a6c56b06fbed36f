<?php

declare(strict_types=1);

use App\Models\People\Person;
use App\Models\Rules\Rotation;
use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationSeat;
use App\Models\Rules\RotationTurn;
use OpenBaton\Core\Routing\Rotation as CoreRotation;

it('skips a turn of a rotation and gives it back', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $this->click("//a[.='Whose turn is next, and why']");
    $this->click("//nav//a[starts-with(., 'Brass bench')]");
    $this->find("//h2[.='Brass bench']");
    $next = fn(): string => $this->find("//tr[td[.='next']]/td[1]")->getText();
    $first = $next();
    $pass = static fn(): int => RotationSeat::query()
        ->where('rotation_id', Rotation::query()->where('name', 'Brass bench')->value('id'))
        ->where('person_id', Person::query()->where('name', $first)->value('id'))
        ->firstOrFail()->pass;
    $before = $pass();
    $this->click("//tr[td[.='next']]//button[.='Skip']");
    $this->fill('Why', 'Trains a beginner today');
    $this->press('Skip', "//*[@role='dialog']");
    $this->see("Hanneke de Wit skipped the turn of {$first}");
    $this->see('Trains a beginner today');
    // It may be theirs again, by the order of joining, where others are as far.
    $skipped = $pass();
    expect($skipped - $before)->toBeGreaterThanOrEqual(CoreRotation::stride(100));
    $this->press("Give back the last turn of {$first}");
    $this->press('Give back', "//*[@role='dialog']");
    $this->see("Hanneke de Wit gave {$first} their last turn back");
    expect($skipped - $pass())->toBe(CoreRotation::stride(100));
    expect(
        RotationTurn::query()
            ->whereNot('kind', RotationAct::Taken)
            ->orderBy('id')
            ->get()
            ->map(static fn(RotationTurn $one): RotationAct => $one->kind)
            ->all(),
    )->toBe([RotationAct::Skipped, RotationAct::PutBack]);
});

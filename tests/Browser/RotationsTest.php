<?php

declare(strict_types=1);

use App\Models\Rules\RotationAct;
use App\Models\Rules\RotationTurn;

it('skips a turn of a rotation and gives it back', function (): void {
    $this->signIn('hanneke');
    $this->visit('/rulebook');
    $this->click("//a[.='Whose turn is next, and why']");
    $this->click("//nav//a[starts-with(., 'Brass bench')]");
    $this->find("//h2[.='Brass bench']");
    $next = fn(): string => $this->find("//tr[td[.='next']]/td[1]")->getText();
    $first = $next();
    $this->click("//tr[td[.='next']]//button[.='Skip']");
    $this->fill('Why', 'Trains a beginner today');
    $this->press('Skip', "//*[@role='dialog']");
    $this->see("Hanneke de Wit skipped the turn of {$first}");
    $this->see('Trains a beginner today');
    $this->until(fn(): bool => $next() !== $first, fn(): string => $this->text());
    $this->press("Give back the last turn of {$first}");
    $this->press('Give back', "//*[@role='dialog']");
    $this->see("Hanneke de Wit gave {$first} their last turn back");
    expect(
        RotationTurn::query()
            ->whereNot('kind', RotationAct::Taken)
            ->orderBy('id')
            ->get()
            ->map(static fn(RotationTurn $one): RotationAct => $one->kind)
            ->all(),
    )->toBe([RotationAct::Skipped, RotationAct::PutBack]);
});

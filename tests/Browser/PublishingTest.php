<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;

afterEach(function (): void {
    RulebookVersion::query()
        ->whereIn('state', [VersionState::Draft, VersionState::Planned])
        ->delete();
});

it('plans when a draft is published, takes that back, and brings an earlier version back', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $this->press('More for rule 1');
    $this->press('Pause');
    $this->see('Draft saved');
    $this->press('Publish …');
    $this->fill('What is new', 'Without the mark');
    $this->click("//label[contains(., 'at a time')]//input");
    $this->press('Plan it');
    $this->see('What Hanneke de Wit has planned is in force from');
    $this->see('Without the mark');
    $planned = RulebookVersion::query()->planned()->sole();
    expect($planned->publish_at?->isAfter(now()))->toBeTrue();
    expect(RulebookVersion::query()->draft()->exists())->toBeFalse();
    $this->press('Take it back');
    $this->see('What was planned is the draft again.');
    $this->see('Publish …');

    $number = (int) RulebookVersion::query()->published()->sole()->number;
    $this->press('Bring it back: version 1');
    $this->see('Version ' . ($number + 1) . ' is published.');
    expect(RulebookVersion::query()->published()->sole()->note)->toBe('Version 1 again');
    $this->press("Bring it back: version {$number}");
    $this->see('Version ' . ($number + 2) . ' is published.');
    expect(RulebookVersion::query()->draft()->exists())->toBeTrue();
});

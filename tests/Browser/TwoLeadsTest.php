<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use Tests\Support\Browser;

require_once __DIR__ . '/DraftFunctions.php';

beforeEach(function (): void {
    $this->signIn('hanneke');
    $this->visit('/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
});

afterEach(function (): void {
    RulebookVersion::query()->where('state', VersionState::Draft)->delete();
});

it('keeps what two leads change at once, and shows each the other', function (): void {
    $this->press('Edit rule 4');
    $mine = $this->browser;
    $theirs = $this->browser = Browser::open();
    try {
        $this->signIn('admin');
        $this->visit('/rulebook');
        $this->see('Hanneke de Wit is here, too');
        $this->find("//*[@data-rule][.//*[.='Hanneke de Wit is at it']]//button[@aria-label='More for rule 4']");
        pauseRule($this, 3);
        $this->browser = $mine;
        // Before any news of it has come.
        $this->press('More for rule 2');
        $this->press('Pause');
        $this->until(
            static fn(): bool => array_column(array_slice(draftRules(), 1, 2), 'active') === [false, false],
            fn(): string => $this->text(),
        );
        $this->until(
            fn(): bool => str_contains($this->text(), 'Draft saved') && !str_contains($this->text(), 'Not saved'),
            fn(): string => $this->text(),
        );
        $this->browser = $theirs;
        $this->see('Edit');
        $this->find("//*[@data-rule][.//button[@aria-label='More for rule 2']]//*[contains(., 'paused')]");
    } finally {
        $theirs->quit();
        $this->browser = $mine;
    }
});

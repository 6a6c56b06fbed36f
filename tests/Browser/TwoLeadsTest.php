<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use Tests\Support\Browser;

require_once __DIR__ . '/DraftFunctions.php';

beforeEach(function (): void {
    withoutDraft();
    $this->signIn('hanneke', '/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
});

afterEach(function (): void {
    withoutDraft();
});

/** @return list<int> places of rules in force that are not paused */
function activeRules(): array
{
    $active = [];
    foreach (array_values((array) RulebookVersion::query()->published()->sole()->rules) as $at => $rule) {
        if (($rule['active'] ?? true) === true) {
            $active[] = $at + 1;
        }
    }

    return $active;
}

it('keeps what two leads change at once, and shows each the other', function (): void {
    // What other tests have published may have paused some.
    [$open, $ours, $theirs] = activeRules();
    $this->press("Edit rule {$open}");
    $mine = $this->browser;
    $other = $this->browser = Browser::open();
    try {
        $this->signIn('admin', '/rulebook');
        $this->see('Hanneke de Wit is here, too');
        $this->find("//*[@data-rule][.//*[.='Hanneke de Wit is at it']]//button[@aria-label='More for rule {$open}']");
        pauseRule($this, $theirs);
        $this->browser = $mine;
        // Before any news of it has come.
        $this->press("More for rule {$ours}");
        $this->press('Pause');
        $this->until(
            static fn(): bool => [draftRules()[$ours - 1]['active'], draftRules()[$theirs - 1]['active']] === [
                false,
                false,
            ],
            fn(): string => $this->text(),
        );
        $this->until(
            fn(): bool => str_contains($this->text(), 'Draft saved') && !str_contains($this->text(), 'Not saved'),
            fn(): string => $this->text(),
        );
        $this->browser = $other;
        $this->find("//*[@data-rule][.//button[@aria-label='More for rule {$ours}']]//*[.='paused']");
    } finally {
        $other->quit();
        $this->browser = $mine;
    }
});

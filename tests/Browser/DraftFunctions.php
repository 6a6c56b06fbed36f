<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use Tests\BrowserTestCase;

/** @return list<array<string, mixed>> the rules as they are saved in the draft */
function draftRules(): array
{
    /** @var list<array<string, mixed>> */
    return RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules;
}

function pauseRule(BrowserTestCase $test, int $place): void
{
    $test->press("More for rule {$place}");
    $test->press('Pause');
    $test->until(
        fn(): bool => str_contains($test->text(), 'Draft saved') && draftRules()[$place - 1]['active'] === false,
        fn(): string => "Rule {$place} is not saved as paused. The page says:\n" . $test->text(),
    );
}

/** Whoever was there before may have left one. */
function withoutDraft(): void
{
    RulebookVersion::query()->where('state', VersionState::Draft)->delete();
}

<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;

require_once __DIR__ . '/DraftFunctions.php';

/** @return array<string, array{string, string, string}> family, team and rotation of the rules of the table, by name */
function tableRules(): array
{
    $rules = [];
    foreach ((array) RulebookVersion::query()->draft()->firstOrFail()->rules as $rule) {
        $rule = json_decode((string) json_encode($rule), true);
        if (str_contains($rule['name'], 'go round their bench') || str_contains($rule['name'], 'Percussion')) {
            $rules[$rule['name']] = [
                $rule['if']['all'][1]['value'],
                $rule['give']['pool']['team'],
                $rule['give']['method']['rotation'],
            ];
        }
    }

    return $rules;
}

it('edits rules that are alike as a table, with a paste from a spreadsheet', function (): void {
    withoutDraft();
    $this->signIn('hanneke', '/rulebook');
    $this->click("//aside//a[starts-with(., 'Woodwind repairs go round')]");
    $this->see('A table of 3 rules');
    $this->press('From a spreadsheet …');
    $this->find('//textarea')->sendKeys(
        "Name,Instrument family,Team,Rotation\nPercussion to the strings,Strings,No such bench,Percussion",
    );
    $this->click("//*[@role='dialog']//input[@type='checkbox']");
    $this->see('Line 2, Team: There is no team "No such bench".');
    $this->fill(
        'Or what you have copied out of a spreadsheet, with the line of headings',
        "Name,Instrument family,Team,Rotation\nPercussion to the strings,Strings,Strings bench,Percussion\n" .
            'Woodwind repairs go round their bench,,,Reeds',
    );
    $this->click("//*[@role='dialog']//input[@type='checkbox']");
    $this->see('1 new row · 1 changed · none taken out');
    $this->press('Take them in');
    $this->see('A table of 4 rules');
    $this->see('Draft saved');
    $family = "//tr[.//input[@value='Percussion to the strings']]//select[@aria-label='Instrument family']";
    $this->find("{$family}/option[.='Keys and electronics']")->click();
    $this->until(
        static fn(): bool => (tableRules()['Percussion to the strings'][0] ?? '') === 'keys',
        fn(): string => $this->text(),
    );
    expect(tableRules())->toBe([
        'Woodwind repairs go round their bench' => ['woodwind', 'woodwind-bench', 'Reeds'],
        'Strings repairs go round their bench' => ['strings', 'strings-bench', 'Strings bench'],
        'Keys and electronics repairs go round their bench' => ['keys', 'keys-bench', 'Keys and electronics bench'],
        'Percussion to the strings' => ['keys', 'strings-bench', 'Percussion'],
    ]);
    // The row below is hidden by the one above it that takes all keys.
    $this->find("//tr[.//input[@value='Percussion to the strings']]//li[contains(., 'Keys and electronics repairs')]");
    $this->press('Undo');
    $this->press('Undo');
    $this->see('A table of 3 rules');
    $this->until(static fn(): bool => count(tableRules()) === 3, fn(): string => $this->text());
    withoutDraft();
});

<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use Facebook\WebDriver\WebDriverKeys;

afterEach(function (): void {
    RulebookVersion::query()->draft()->delete();
});

it('finds rules, takes in what is pasted, and keeps a note and a heading', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
    $this->find("//input[@id='find-rules']")->sendKeys('callum');
    $this->see('of ' . count(RulebookVersion::query()->published()->sole()->rules) . ' rules');
    $this->dontSee('Rush work is marked and pressed');
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->see('Rush work is marked and pressed');

    $pasted = json_encode([
        'id' => 'elsewhere',
        'name' => 'From another house',
        'when' => [['kind' => 'task_arrives']],
        'then' => [['kind' => 'tag', 'tag' => 'seen']],
    ]);
    $this->browser->executeScript(
        <<<'JS'
        const data = new DataTransfer();
        data.setData('text', arguments[0]);
        document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
        JS
        ,
        [$pasted],
    );
    $this->see('From another house');
    $this->fill('Note', 'It came by mail.');
    $this->fill('Heading', 'What others sent');
    $this->press('Close rule 1');
    $this->see('What others sent');
    $this->see('It came by mail.');
    $this->see('Draft saved');
    $rule = RulebookVersion::query()->draft()->sole()->rules[0];
    expect([$rule['name'], $rule['note'], $rule['heading']])->toBe([
        'From another house',
        'It came by mail.',
        'What others sent',
    ]);
    expect($rule['id'])->not->toBe('elsewhere');
});

/** Goes on by the tab key to what is called so. */
function tabTo(mixed $test, string $label): void
{
    $seen = [];
    for ($steps = 0; $steps < 60; ++$steps) {
        $test->browser->getKeyboard()->sendKeys(WebDriverKeys::TAB);
        $name = $test->browser->executeScript(
            'const one = document.activeElement; return one.ariaLabel ?? one.innerText ?? "";',
        );
        if ($name === $label) {
            return;
        }
        $seen[] = $name;
    }
    throw new RuntimeException("No \"{$label}\" after: " . implode(' · ', $seen));
}

it('builds a nested rule by the keyboard alone', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
    $keys = fn(string ...$keys) => $this->browser->getKeyboard()->sendKeys($keys);
    $draft = static fn(): array => RulebookVersion::query()->draft()->first()->rules[0] ?? [];
    // What is added by a press has the focus.
    $inField = fn(): bool => $this->browser->executeScript('return document.activeElement.ariaLabel') === 'Field';
    $keys('n');
    $this->see('Draft saved');
    $keys('Quotes that press');
    tabTo($this, 'Field');
    $keys('Kind of task');
    tabTo($this, 'Value for Kind of task');
    $keys('Quote');
    tabTo($this, 'a group of criteria');
    $keys(WebDriverKeys::ENTER);
    $this->until($inField, fn(): string => $this->text());
    $keys('Priority');
    tabTo($this, 'Value for Priority');
    $keys('Urgent');
    tabTo($this, 'or …');
    $keys(WebDriverKeys::ENTER);
    $this->until($inField, fn(): string => $this->text());
    $keys('Rush');
    tabTo($this, 'Value for Rush');
    $keys('yes');
    tabTo($this, 'Kind of pool');
    $keys('a team');
    tabTo($this, 'Team');
    $keys('Enquiries');
    tabTo($this, 'Method');
    $keys('to the lightest');
    $this->until(
        static fn(): bool => ($draft()['give']['method']['kind'] ?? null) === 'lightest_load',
        static fn(): string => json_encode($draft()),
    );
    $rule = $draft();
    expect($rule['name'])->toBe('Quotes that press');
    expect($rule['if'])->toBe([
        'all' => [
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            [
                'any' => [
                    ['field' => 'task.priority', 'op' => 'is', 'value' => 'urgent'],
                    ['field' => 'task.rush', 'op' => 'is', 'value' => true],
                ],
            ],
        ],
    ]);
    expect($rule['give']['pool']['team'])->toBe('enquiries');
    $this->see('of the last weeks');
});

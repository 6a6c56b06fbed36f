<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What has the focus, as it is read out. */
function focusSaid(mixed $test): string
{
    return (string) $test->browser->executeScript(
        'return document.activeElement?.getAttribute("aria-label") ?? document.activeElement?.textContent ?? ""',
    );
}

it('goes through the calendar by keyboard alone: from day to day, wider and closer', function (): void {
    $keys = fn(string ...$keys): mixed => $this->browser->switchTo()->activeElement()->sendKeys($keys);
    $at = fn(string $part): mixed => $this->until(
        fn(): bool => str_contains($this->browser->getCurrentURL(), $part),
        fn(): string => $this->browser->getCurrentURL(),
    );
    $this->signIn('hanneke', '/calendar?all=1&by=month');
    $today = $this->find('//*[@role="grid"]//button[@tabindex="0"]');
    $today->sendKeys('');
    $before = focusSaid($this);
    expect($before)->toContain((string) now()->year)->toContain('due');
    $keys(WebDriverKeys::ARROW_DOWN);
    $below = focusSaid($this);
    expect($below)->not->toBe($before);
    $keys(WebDriverKeys::ARROW_UP);
    expect(focusSaid($this))->toBe($before);
    $keys(WebDriverKeys::HOME);
    expect(focusSaid($this))->toContain('Monday');
    $keys(WebDriverKeys::END);
    expect(focusSaid($this))->toContain('Sunday');
    $keys(WebDriverKeys::ARROW_LEFT, WebDriverKeys::ENTER);
    $at('show=');
    $this->find('//aside//h2[contains(., "Saturday")]');
    $this->press('Close');
    $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('w');
    $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('c');
    $at('by=week');
    $this->find('//*[@role="rowheader"]');
    $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('c');
    $at('by=day');
    $this->find('(//*[@data-cells])[1]');
    $first = $this->browser->getCurrentURL();
    $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('.');
    $this->until(fn(): bool => $this->browser->getCurrentURL() !== $first, fn(): string => $first);
    $this->find('(//*[@data-cells])[1]//button[@data-cell]')->sendKeys(WebDriverKeys::ARROW_DOWN);
    expect(focusSaid($this))->toContain('Oona Varga');
    $keys(WebDriverKeys::ENTER);
    $at('person=oona-varga');
    $this->browser->findElement(WebDriverBy::tagName('body'))->sendKeys('h');
    $at('date=' . now('Europe/Dublin')->format('Y-m-d'));
});

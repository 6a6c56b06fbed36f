<?php

declare(strict_types=1);

namespace Tests;

use Closure;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Support\AsksThePage;
use Tests\Support\Browser;
use Tests\Support\DemoServer;
use Tests\Support\SignsIn;

/** Tests that use the application as people do: in a browser, by what they read on it. */
abstract class BrowserTestCase extends TestCase
{
    use AsksThePage;
    use SignsIn;

    /** The group of tests that begin a house of their own. */
    public const BEGINS = 'begins';

    private const PATIENCE = 20.0;

    public RemoteWebDriver $browser;

    public DemoServer $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = Browser::kept();
        // A test that begins a house of its own needs no other.
        if (!in_array(self::BEGINS, $this->groups(), true)) {
            $this->server = DemoServer::start($this->app);
            $this->forgetSignIns();
        }
    }

    /** A server other than that of the demo house. */
    public ?string $elsewhere = null;

    /** Buttons and links that were pressed, and entries that were typed or chosen. */
    public int $presses = 0;

    public int $entries = 0;

    public function visit(string $path): void
    {
        $this->browser->get(($this->elsewhere ?? $this->server->url) . $path);
    }

    /** A button or link by its text or its label. */
    public function press(string $text, string $within = ''): void
    {
        $quoted = self::quote($text);
        $this->click(
            ".{$within}//*[self::button or self::a or self::summary or " .
                "@role='menuitem'][normalize-space(.)={$quoted} or @aria-label={$quoted}]",
        );
    }

    public function click(string $xpath): void
    {
        $this->until(function () use ($xpath): bool {
            $element = $this->displayed($xpath);
            // One that waits for an answer takes no click.
            if ($element === null || !$element->isEnabled()) {
                return false;
            }
            $element->click();
            ++$this->presses;

            return true;
        }, fn(): string => "Nothing can be clicked at {$xpath}. The page says:\n" . $this->text());
    }

    /** A field by its label. */
    public function field(string $label): RemoteWebElement
    {
        $quoted = self::quote($label);

        return $this->find(
            "//*[self::input or self::select or self::textarea][@aria-label={$quoted} or " .
                "@id=//label[normalize-space(.)={$quoted}]/@for or " .
                "ancestor::label[starts-with(normalize-space(.), {$quoted})]]",
        );
    }

    public function fill(string $label, string $text): void
    {
        $field = $this->field($label);
        ++$this->entries;
        $this->browser->executeScript('arguments[0].focus(); arguments[0].select && arguments[0].select();', [$field]);
        $field->sendKeys($text);
    }

    public function choose(string $label, string $option): void
    {
        $field = $this->field($label);
        ++$this->entries;
        if ($field->getAttribute('role') === 'combobox') {
            // Typed, as one does; the first of those that are found is chosen.
            // What was chosen before may put another entry in its place yet.
            $into = fn(): mixed => $this->browser->executeScript(
                'arguments[0].focus(); arguments[0].select(); return true;',
                [$this->field($label)],
            );
            $this->until(fn(): bool => $into() === true, fn(): string => "{$label} does not stay.");
            $this->browser->getKeyboard()->sendKeys($option);
            // Those who can be chosen may still be on their way.
            $this->find("//*[@role='option']");
            $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);

            return;
        }
        (new WebDriverSelect($field))->selectByVisibleText($option);
    }

    /** As from the clipboard: a tab does not lead to the next entry. */
    public function paste(string $label, string $text): void
    {
        ++$this->entries;
        $this->browser->executeScript(
            <<<'JS'
            const [field, text] = arguments;
            const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set;
            field.focus();
            set.call(field, text);
            field.dispatchEvent(new Event('input', { bubbles: true }));
            field.blur();
            JS
            ,
            [$this->field($label), $text],
        );
    }

    public function see(string $text): void
    {
        $this->until(
            fn(): bool => str_contains($this->text(), $text),
            fn(): string => "\"{$text}\" does not appear. The page says:\n" . $this->text(),
        );
    }

    public function dontSee(string $text): void
    {
        $this->until(
            fn(): bool => !str_contains($this->text(), $text),
            fn(): string => "\"{$text}\" does not go away.",
        );
    }

    public function text(): string
    {
        return (string) $this->browser->executeScript('return document.body.innerText.replace(/\s+/g, " ");');
    }

    public function find(string $xpath): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($xpath, &$found): bool {
            return ($found = $this->displayed($xpath)) !== null;
        }, fn(): string => "Nothing is at {$xpath}. The page says:\n" . $this->text());

        return $found ?? $this->fail('Nothing was found.');
    }

    private function displayed(string $xpath): ?RemoteWebElement
    {
        foreach ($this->browser->findElements(WebDriverBy::xpath($xpath)) as $element) {
            if ($element->isDisplayed()) {
                return $element;
            }
        }

        return null;
    }

    /**
     * @param Closure(): bool   $holds
     * @param Closure(): string $otherwise
     */
    public function until(Closure $holds, Closure $otherwise): void
    {
        $end = microtime(true) + self::PATIENCE;
        do {
            try {
                if ($holds()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (WebDriverException) {
                // The page is changing under our hands; look again.
            }
            usleep(60_000);
        } while (microtime(true) < $end);
        $this->fail($otherwise() . json_encode($this->browser->manage()->getLog('browser')));
    }

    private static function quote(string $text): string
    {
        return str_contains($text, "'") ? "\"{$text}\"" : "'{$text}'";
    }
}

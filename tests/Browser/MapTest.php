<?php

declare(strict_types=1);

use App\Bridge\Houses;
use App\Map\WorkOutMap;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

beforeEach(fn() => (new WorkOutMap())->handle(app(Houses::class)));

it('shows who hands what to whom, and which steps hang on one person', function (): void {
    $this->signIn('hanneke', '/floor');
    $this->press('Map');
    $this->see('Map of the house');
    $this->see('Only one person can');
    // The step is shown within its runsheet, with what leads to it and whose it is.
    $this->press('Diagnosis (Large repair)');
    $this->see('1 person can have it');
    $this->see('goes on to');
    $this->find("//*[@data-node='runsheet.large-repair'][@aria-expanded='true']");
    $this->find("//*[@data-node='runsheet.large-repair/diagnosis'][@aria-pressed='true']");
    expect($this->browser->getCurrentURL())->toContain('at=runsheet.large-repair');

    // What Tobias could hand on, and to whom.
    $this->field('Whose work')->sendKeys('Tobias');
    $this->see('Tobias Lindqvist');
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER]);
    $this->see('Nobody else can');
    $this->press('As a table');
    $this->find("//th[@scope='col'][.='nine of ten']");
    $this->press('As a drawing');
    $this->find("//*[@data-node='rules']");
});

it('is gone over by keys: from place to place, opened and closed', function (): void {
    $this->signIn('hanneke', '/map');
    $this->find("//button[@data-node='rules']")->click();
    $this->browser->getKeyboard()->sendKeys('o');
    $this->see('Close all');
    $this->until(
        fn(): bool => count($this->browser->findElements(WebDriverBy::cssSelector('[data-node^="rules/"]'))) > 3,
        fn(): string => 'The rules are not shown.',
    );
    $this->browser->findElement(WebDriverBy::cssSelector('[data-node=rules]'))->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $focused = $this->browser->executeScript('return document.activeElement.dataset.node');
    expect($focused)->toBeString()->not->toBe('rules');
    $this->press('Close all');
    $this->until(
        fn(): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-node^="rules/"]')) === [],
        fn(): string => 'The rules are still shown.',
    );
});

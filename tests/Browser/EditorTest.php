<?php

declare(strict_types=1);

use App\Models\Rules\RulebookVersion;
use Facebook\WebDriver\WebDriverKeys;

afterEach(function (): void {
    RulebookVersion::query()->draft()->delete();
});

it('finds rules, takes in what is pasted, and keeps a note and a heading', function (): void {
    $this->signIn('hanneke');
    $this->visit('/rulebook');
    $this->find("//button[@aria-label='More for rule 4']");
    $this->find("//input[@id='find-rules']")->sendKeys('callum');
    $this->see('of 27 rules');
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

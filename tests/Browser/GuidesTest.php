<?php

declare(strict_types=1);

use App\Models\Guides\Guide;
use App\Models\Guides\GuideRead;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Workload\TaskStatus;

it('is written by the lead with headings, a list and a picture, and stands beside the task', function (): void {
    $ayumi = Person::query()->where('slug', 'ayumi-kato')->firstOrFail();
    $task = Task::query()
        ->with('kind')
        ->where('assignee_id', $ayumi->id)
        ->where('status', TaskStatus::New)
        ->whereNull('approval_id')
        ->orderBy('number')
        ->firstOrFail();
    $this->signIn('hanneke', '/guides');
    $this->press('New guide');
    $this->fill('Name', 'Felts of a cornet');
    $keys = $this->browser->getKeyboard();
    $this->click("//*[@role='textbox'][@aria-label='How it is done']");
    $this->press('Heading');
    $keys->sendKeys(['Felts', WebDriverKeys::ENTER]);
    $this->press('List');
    $keys->sendKeys(['Measure them', WebDriverKeys::ENTER, 'Cut them']);
    $this->press('Picture');
    $this->find("//input[@type='file']")->sendKeys(base_path('database/seeders/Demo/pictures/valve.png'));
    $this->fill('What it shows, for those who do not see it', 'A valve');
    $this->press('Save', "//*[@role='dialog']");
    $this->find("//*[@role='textbox']//img[@alt='A valve']");
    $this->fill('About what else', $task->kind->name);
    $this->click("(//*[@role='option'][normalize-space(.)='{$task->kind->name}'])[last()]");
    $this->find("//button[@aria-label='It is not about {$task->kind->name}']");
    $this->press('Save', '//aside');
    $this->find("//article[@aria-label='Felts of a cornet']//h3[contains(., 'Felts')]");
    $guide = Guide::query()->where('slug', 'felts-of-a-cornet')->firstOrFail();
    expect($guide->text())->toMatch(
        '~^# Felts\n\n- Measure them\n- Cut them\s+!\[A valve\]\(/guides/pictures/\w{26}\)~',
    );
    $this->signInInstead('ayumi', "/in-hand?task={$task->id}");
    $this->find("//details[contains(., 'Felts of a cornet')]//li[contains(., 'Cut them')]");
    $this->until(
        static fn(): bool => GuideRead::query()
            ->where('guide_id', $guide->id)
            ->where('user_id', $ayumi->user_id)
            ->exists(),
        static fn(): string => 'It is not put down that she has it before her.',
    );
    $picture = WebDriverBy::cssSelector("article img[alt='A valve']");
    $this->until(
        fn(): bool => $this->browser->findElement($picture)->getSize()->getWidth() > 100,
        static fn(): string => 'The picture is not shown.',
    );
});

<?php

declare(strict_types=1);

use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Flow\Run\StepState;

require_once __DIR__ . '/RunFunctions.php';

it('is written by keyboard, tried, published, and runs', function (): void {
    $this->signIn('hanneke', '/runsheets');
    $this->press('Write a runsheet');
    $this->see('A new runsheet');
    $keys = $this->browser->getKeyboard();
    $keys->sendKeys('Term opening');
    $this->field('Name of step 1')->click();
    $keys->sendKeys('Call the school');
    $this->choose('Kind of task: Call the school', 'Bench repair');
    $this->field('Name of step 1')->click();
    $keys->sendKeys(WebDriverKeys::ENTER);
    $this->field('Name of step 2');
    $keys->sendKeys('Count the stands');
    $keys->sendKeys(WebDriverKeys::ENTER);
    $this->field('Name of step 3');
    $keys->sendKeys('Tune the piano');
    // Beside the one before: the two go at a time, and what is taken back comes again.
    $keys->sendKeys([WebDriverKeys::ALT, WebDriverKeys::ARROW_RIGHT]);
    $keys->sendKeys(WebDriverKeys::ALT);
    $this->find("//li[@data-step][@aria-label='side by side']");
    $this->press('Undo');
    $this->until(
        fn(): bool => $this->browser->executeScript(
            'return document.querySelector("[aria-label=\'side by side\']") === null;',
        ),
        fn(): string => 'still side by side',
    );
    $this->press('Redo');
    $this->find("//li[@data-step][@aria-label='side by side']");
    $this->see('New: “Tune the piano”: a task “Tune the piano” (Bench repair).');

    $this->press('Try it');
    $this->press('Done: Call the school');
    $this->press('Done: Count the stands');
    $this->see('goes on');
    $this->press('Done: Tune the piano');
    $this->see('is over');
    expect(
        Run::query()->whereHas('runsheet', fn($sheet) => $sheet->where('name', 'Term opening'))->exists(),
    )->toBeFalse();

    $this->press('Save the draft');
    $this->see('a draft, not in force yet');
    $this->press('Publish the draft');
    $this->press('Publish the draft', "//*[@role='dialog']");
    $this->see('Write a runsheet');
    $sheet = Runsheet::query()->with('published')->where('slug', 'term-opening')->sole();
    expect($sheet->published?->document['does']['one_after_another'][1]['side_by_side'][1]['key'])->toBe(
        'tune_the_piano',
    );

    $task = taskForRun();
    $this->visit("/tasks/{$task->id}");
    $this->press('Start a runsheet');
    $this->click("//*[@role='menuitem'][.='Term opening']");
    $this->see('goes on since');
    $run = Run::query()->where('task_id', $task->id)->whereBelongsTo($sheet)->oldest('id')->firstOrFail();
    $opened = $run->blocks()->where('key', 'call_the_school')->sole();
    expect([$opened->state, Task::query()->find($opened->task_id)?->title])->toBe([StepState::Open, 'Call the school']);
});

it('takes pasted lines as steps, and says what is still to be chosen', function (): void {
    $this->signIn('hanneke', '/runsheets/newcomer-on-the-bench/edit');
    $this->see('Versions');
    $steps = count($this->browser->findElements(WebDriverBy::xpath('//li[@data-step]')));
    $this->browser->executeScript(
        'const data = new DataTransfer(); data.setData("text", "1. Sweep the floor\n2. Oil the lathe");' .
            'arguments[0].dispatchEvent(new ClipboardEvent("paste", {clipboardData: data, bubbles: true}));',
        [$this->field('Name of step 1')],
    );
    $this->find("//input[@value='Oil the lathe']");
    expect(count($this->browser->findElements(WebDriverBy::xpath('//li[@data-step]'))))->toBe($steps + 2);
    $this->see('Sweep the floor');
    // An answer that puts the page in order takes the selection away.
    $this->until(function (): bool {
        $this->fill('Name of step 2', WebDriverKeys::BACKSPACE);

        return $this->field('Name of step 2')->getAttribute('value') === '';
    }, fn(): string => 'The name does not go away.');
    $this->see('Title: still to be chosen.');
});

<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Flow\ApprovalRule;
use Tests\Support\Cases;

require_once __DIR__ . '/CaseWorkFunctions.php';

/** The dialog is sent, and is gone before the next key. */
function sendsByKeys(mixed $test): void
{
    $test->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::ENTER]);
    $test->until(
        fn(): bool => $test->browser->executeScript('return document.querySelector("[role=dialog]") === null;'),
        fn(): string => "The dialog stays. The page says:\n" . $test->text(),
    );
}

/** Into the entry of a dialog that is labelled so, as one who tabs through it. */
function tabsToEntry(mixed $test, string $label): void
{
    $field = $test->field($label);
    for ($step = 0; $step < 40; ++$step) {
        if ($test->browser->executeScript('return document.activeElement === arguments[0];', [$field]) === true) {
            return;
        }
        $test->browser->getKeyboard()->sendKeys(WebDriverKeys::TAB);
    }
    throw new RuntimeException("Tab does not come to {$label}.");
}

it('goes a hire from its enquiry to renewed by keys alone', function (): void {
    $this->signIn('hanneke', '/cases');
    $this->see('Open a case');
    $keys = $this->browser->getKeyboard();
    $keys->sendKeys('n');
    $this->field('Title');
    $keys->sendKeys('Forty clarinets by keys');
    $keys->sendKeys(WebDriverKeys::ENTER);
    $this->see('Its way');
    $case = CustomerCase::query()->where('title', 'Forty clarinets by keys')->sole();
    expect($case->owner_id)->not->toBeNull();

    $keys->sendKeys('e');
    tabsToEntry($this, 'Fitting on');
    $keys->sendKeys(now()->addDays(3)->format('Y-m-d'));
    sendsByKeys($this);
    $this->find("//li[@aria-current='step'][contains(., 'Fitting')]");

    // It does not go on, and says what is missing; it is left where it is.
    $keys->sendKeys('.');
    $this->see('You can have it pass all the same, with a reason.');
    $keys->sendKeys(WebDriverKeys::ESCAPE);
    expect($case->refresh()->stage)->toBe('fitting');

    doNeeded($this, $case);
    $this->visit("/cases/{$case->id}");
    $this->see('Its way');
    $keys->sendKeys('e');
    tabsToEntry($this, 'Terms signed on');
    $keys->sendKeys(now()->format('Y-m-d'));
    sendsByKeys($this);
    $this->find("//li[@aria-current='step'][contains(., 'On hire')]");

    $keys->sendKeys('.');
    $this->see('Move the case to Term end');
    sendsByKeys($this);
    $this->find("//li[@aria-current='step'][contains(., 'Term end')]");
    $keys->sendKeys('c');
    $this->see('Close the case');
    sendsByKeys($this);
    $this->see('as Renewed');
    expect($case->refresh()->outcome)->toBe('renewed');
});

it('hands what its owner held in it on with the case', function (): void {
    $case = CustomerCase::query()
        ->open()
        ->whereRelation('track', 'slug', 'hire')
        ->whereRelation('owner', 'slug', '!=', 'ronan-breathnach')
        ->orderBy('number')
        ->firstOrFail();
    $task = Task::query()->whereNull('case_id')->where('status', 'new')->whereNotNull('assignee_id')->firstOrFail();
    $task->update(['case_id' => $case->id, 'case_stage' => $case->stage, 'assignee_id' => $case->owner_id]);
    $this->signIn('hanneke', "/cases/{$case->id}");
    $this->see('Its way');
    $this->browser->getKeyboard()->sendKeys('g');
    $this->choose('To whom', 'Rónán Breathnach');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->until(
        fn(): bool => $task->refresh()->assignee?->slug === 'ronan-breathnach',
        fn(): string => 'the task stays where it was',
    );
    expect($case->refresh()->owner?->slug)->toBe('ronan-breathnach');
});

it('asks a substitute in the place of somebody who is away, who answers by name', function (): void {
    // Callum is away, and Femi stands in.
    $approval = app(AskForApproval::class)(
        Cases::ofDemo(),
        'Estimate for Callum',
        ApprovalRule::all(),
        ['callum-rees'],
        null,
        null,
        Actor::system('test'),
    );
    $task = $approval->tasks()->sole();
    expect($task->assignee_id)->toBe(Person::query()->where('slug', 'femi-adeyinka')->sole()->id);
    $this->signIn('femi', "/in-hand?task={$task->id}");
    $this->see('To be approved');
    $this->browser->getKeyboard()->sendKeys('y');
    $this->until(fn(): bool => Approval::query()->find($approval->id)?->outcome !== null, fn(): string => 'no answer');
    $this->signInInstead('hanneke', "/cases/{$approval->case_id}");
    $this->see('Femi Adeyinka');
});

<?php

declare(strict_types=1);

use App\Absences\EndAbsence;
use App\Access\Actor;
use App\Clock\RetryWhenWorthwhile;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;
use Tests\Support\Levellings;

/** One of Winnie's tasks that nobody has begun. */
function winnies(int $skip = 0): Task
{
    return Task::query()
        ->where('assignee_id', House::person('winnie-achieng')->id)
        ->where('status', TaskStatus::New)
        ->orderBy('due_at')
        ->skip($skip)
        ->firstOrFail();
}

/** Who has it once that has changed. */
function goesTo(mixed $test, Task $task, string $slug): void
{
    $test->until(
        static fn(): bool => $task->refresh()->assignee_id === House::person($slug)->id,
        fn(): string => "It has not gone to {$slug}. The page says:\n" . $test->text(),
    );
}

it('gives a task by keys, lane by lane, with what each would become', function (): void {
    $task = winnies();
    $this->signIn('hanneke', '/floor?person=winnie-achieng&group=none&sort=room');
    $this->see($task->title);
    $this->browser->executeScript("document.querySelector('aside li input[aria-label*=\"{$task->number}\"]').focus()");
    $this->browser->getKeyboard()->sendKeys('g');
    $this->see('Choose a lane by');
    // The first lane has the focus; each says what it would become.
    $this->find("(//div[@data-lane])[1]//span[contains(., '→')]");
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ARROW_DOWN);
    $second = (string) $this->find('(//div[@data-lane])[2]')->getAttribute('data-lane');
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    $this->fill('Why', 'Winnie has too much');
    $this->press('Give it');
    goesTo($this, $task, $second);
    $this->see('went to ' . House::person($second)->name);
    $handoff = Handoff::query()->where('task_id', $task->id)->latest('id')->firstOrFail();
    expect([$handoff->cause, $handoff->reason])->toBe([HandoffCause::HandOn, 'Winnie has too much']);
});

it('gives a task by drawing it onto a lane, and Escape leaves it where it is', function (): void {
    $task = winnies(1);
    $this->signIn('hanneke', '/floor?person=winnie-achieng');
    $this->see($task->title);
    $draw = fn() => $this->browser->executeScript(
        "const data = new DataTransfer(); window.drawn = data;
         document.querySelector('aside li input[aria-label*=\"{$task->number}\"]').closest('li')
            .dispatchEvent(new DragEvent('dragstart', { bubbles: true, dataTransfer: data }))",
    );
    $draw();
    $this->see('Choose a lane by');
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->dontSee('Choose a lane by');
    $draw();
    // Whoever the rule does not choose from says so.
    $this->find("//div[@data-lane='oona-varga']//span[contains(., 'not one of those')]");
    $this->browser->executeScript(
        "const lane = document.querySelector('[data-lane=tobias-lindqvist]');
         for (const name of ['dragover', 'drop']) {
            lane.dispatchEvent(new DragEvent(name, { bubbles: true, cancelable: true, dataTransfer: window.drawn }));
         }",
    );
    $this->press('Give it');
    goesTo($this, $task, 'tobias-lindqvist');
});

it('tells whoever gives what somebody else has given meanwhile', function (): void {
    $task = winnies(2);
    $this->signIn('hanneke', '/floor?person=winnie-achieng');
    $this->see($task->title);
    $this->click("//aside//li//input[contains(@aria-label, '{$task->number}')]");
    $this->press('Give it to …');
    $this->click("//div[@data-lane='leo-marchetti']//button[@data-name]");
    $this->find("//*[@role='dialog']");
    $other = Person::query()->where('slug', 'tobias-lindqvist')->firstOrFail();
    $task->update(['assignee_id' => $other->id, 'revision' => $task->revision + 1]);
    $this->press('Give it');
    $this->see('Tobias Lindqvist holds it');
    expect($task->refresh()->assignee_id)->toBe($other->id);
});

it('levels, leaves a move out, takes the rest, and takes it back', function (): void {
    Levellings::overload();
    $this->signIn('hanneke', '/floor');
    $this->press('Level');
    $this->press('Work it out');
    $this->see('late now');
    $this->find("//table[@aria-label='Moves']//tbody[2]");
    $this->click("(//table[@aria-label='Moves']//input[@type='checkbox'])[1]");
    $this->see('left out');
    $before = Task::query()->pluck('assignee_id', 'id')->all();
    $this->click("//button[starts-with(., 'Take')]");
    $this->see('taken by');
    $moved = array_diff_assoc(Task::query()->pluck('assignee_id', 'id')->all(), $before);
    expect(count($moved))->toBeGreaterThan(0);
    expect(Handoff::query()->where('cause', HandoffCause::Levelled)->count())->toBe(count($moved));
    $this->press('Take it back');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->see('taken back');
    expect(Task::query()->pluck('assignee_id', 'id')->all())->toBe($before);
});

it('looks at those who are over, and at four weeks, by the address', function (): void {
    $this->signIn('hanneke', '/floor');
    $this->find('(//div[@data-lane])[1]');
    $all = count($this->browser->findElements(WebDriverBy::cssSelector('[data-lane]')));
    $this->click("//*[@role='group'][@aria-label='will be over']//h2//button");
    $this->see('Show everybody');
    $over = count($this->browser->findElements(WebDriverBy::cssSelector('[data-lane]')));
    expect($over)->toBeLessThan($all)->toBeGreaterThan(0);
    $this->choose('Ahead', '4 weeks');
    $this->until(
        fn(): bool => str_contains($this->browser->getCurrentURL(), 'weeks=4'),
        fn(): string => $this->browser->getCurrentURL(),
    );
    expect($this->browser->getCurrentURL())->toContain('only=over');
    $this->find("(//div[@data-lane])[1]//*[@role='img'][20]|(//div[@data-lane])[1]//button[20]");
});

it('finds a place for what nobody has when somebody is back, while one looks', function (): void {
    $unplaced = fn(): int => (int) $this->find('//*[@role="group"][@aria-label="unplaced"]//h2//*[1]')->getText();
    $this->signIn('hanneke', '/floor');
    $this->find('(//div[@data-lane])[1]');
    $before = $unplaced();
    expect($before)
        ->toBe(Task::query()->unplaced()->count())
        ->toBeGreaterThan(0);
    // Who could do brass is at a limit, or away: Callum is back early.
    $away = Absence::query()
        ->where('person_id', House::person('callum-rees')->id)
        ->where('status', AbsenceStatus::Approved)
        ->get()
        ->first(static fn(Absence $one): bool => $one->handed_over_at !== null);
    app(EndAbsence::class)($away, Actor::system('test'));
    app()->forgetScopedInstances();
    app(RetryWhenWorthwhile::class)(now()->getTimestamp());
    $left = Task::query()->unplaced()->count();
    expect($left)->toBeLessThan($before);
    expect(
        Task::query()->where('assignee_id', House::person('callum-rees')->id)->open()->count(),
    )->toBeGreaterThanOrEqual($before - $left);
    $this->until(fn(): bool => $unplaced() === $left, fn(): string => $this->text());
});

<?php

declare(strict_types=1);

use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Workload\TaskStatus;

/** A key while nothing is typed. */
function typeKey(mixed $test, string $key): void
{
    $test->settled();
    $test->browser->getKeyboard()->sendKeys($key);
}

/** @return list<Task> of Ayumi's, due one after the other and before all else */
function fiveTasks(): array
{
    $ayumi = Person::query()->where('slug', 'ayumi-kato')->firstOrFail();
    $tasks = Task::query()->open()->where('assignee_id', $ayumi->id)->where('status', TaskStatus::New)->take(5)->get();
    foreach ($tasks as $number => $task) {
        $task->update([
            'due_at' => CarbonImmutable::parse('2026-01-05')->addDays($number),
            'starts_at' => null,
            'to_hand_on' => false,
        ]);
    }
    // Nothing that she has begun, or has to look at, comes first.
    Task::query()
        ->where('assignee_id', $ayumi->id)
        ->where('status', TaskStatus::Working)
        ->update([
            'status' => TaskStatus::New,
        ]);
    Task::query()
        ->where('reviewer_id', $ayumi->id)
        ->update(['reviewer_id' => null]);

    return array_values($tasks->all());
}

it('does five tasks in a row by keys alone, and takes the last one back', function (): void {
    $tasks = fiveTasks();
    expect($tasks)->toHaveCount(5);
    $this->signIn('ayumi', '/tasks');
    typeKey($this, 'i');
    foreach ($tasks as $task) {
        $this->find("//article[@aria-label='Task {$task->number}']");
        typeKey($this, 'b');
        $this->see("№ {$task->number} is started.");
        typeKey($this, 'f');
        $this->see("Complete № {$task->number}");
        $this->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, WebDriverKeys::ENTER]);
        $this->see("№ {$task->number} is done.");
    }
    expect(Task::query()->findMany(array_column($tasks, 'id'))->pluck('status')->unique()->all())->toBe([
        TaskStatus::Done,
    ]);
    typeKey($this, 'z');
    $this->see("№ {$tasks[4]->number} is as it was.");
    expect($tasks[4]->refresh()->status)->toBe(TaskStatus::Working);
});

it('offers to take back each thing anew, on one task as well', function (): void {
    [$task] = fiveTasks();
    $this->signIn('ayumi', "/in-hand?task={$task->id}");
    $this->find("//article[@aria-label='Task {$task->number}']");
    $left = function (): int {
        preg_match('/for (\d+) s/', $this->text(), $found);

        return (int) ($found[1] ?? 0);
    };
    typeKey($this, 'e');
    $this->see("№ {$task->number} is marked");
    $this->until(static fn(): bool => $left() === 0, static fn(): string => 'The offer does not end.');
    typeKey($this, 'e');
    $this->see("№ {$task->number} stays with whoever has it.");
    expect($left())->toBeGreaterThan(0);
    typeKey($this, 'z');
    $this->see("№ {$task->number} is as it was.");
    expect($task->refresh()->to_hand_on)->toBeTrue();
});

it('puts one off with a word, which comes back when its moment has come', function (): void {
    [$task, $next] = fiveTasks();
    $this->signIn('ayumi', '/in-hand');
    $this->find("//article[@aria-label='Task {$task->number}']");
    typeKey($this, 'p');
    $this->see("Not now: № {$task->number}");
    $this->browser->getKeyboard()->sendKeys(['Parts come then', WebDriverKeys::ENTER]);
    $this->see("№ {$task->number} comes back by itself.");
    $this->find("//article[@aria-label='Task {$next->number}']");
    $this->find("//section[@aria-label='Later'][contains(., 'Parts come then')]");
    // Its moment comes while the page is open.
    $task->refresh()->update(['starts_at' => now()->addSeconds(2)]);
    $this->visit('/in-hand');
    $this->until(fn(): bool => !str_contains($this->text(), 'Later'), fn(): string => 'It does not come back.');
    $this->find("//article[@aria-label='Task {$next->number}']");
});

it('marks one for somebody else, whom the lead gives it to with their load before her', function (): void {
    [$task] = fiveTasks();
    $this->signIn('ayumi', "/in-hand?task={$task->id}");
    $this->find("//article[@aria-label='Task {$task->number}']");
    typeKey($this, 'e');
    $this->see("№ {$task->number} is marked");
    $this->signInInstead('hanneke', '/floor');
    $this->click("//section[@aria-label='Somebody else should do']//button[contains(., '{$task->number}')]");
    $this->press('More');
    $this->press('Hand on');
    $this->click("//ul[@aria-label='Who could have it']//button[contains(., 'Femi')]");
    $this->fill('Why', 'You have room.');
    $this->press('Hand on', "//*[@role='dialog']");
    $this->see("№ {$task->number} went to Femi Adeyinka.");
    expect($task->refresh()->to_hand_on)->toBeFalse();
});

it('loses nothing that is typed while the connection is lost, nor when the page is left', function (): void {
    [$task] = fiveTasks();
    $this->signIn('ayumi', "/in-hand?task={$task->id}");
    $this->fill('Say something', 'The valve is cracked.');
    $devtools = new ChromeDevToolsDriver($this->browser);
    $devtools->execute('Network.enable');
    $network = static fn(bool $offline): mixed => $devtools->execute('Network.emulateNetworkConditions', [
        'offline' => $offline,
        'latency' => 0,
        'downloadThroughput' => -1,
        'uploadThroughput' => -1,
    ]);
    $network(true);
    $this->press('Say it');
    $this->see('The server can’t be reached. What you typed is still here');
    $network(false);
    $this->visit('/in-hand');
    $this->visit("/in-hand?task={$task->id}");
    expect($this->field('Say something')->getAttribute('value'))->toBe('The valve is cracked.');
    $this->press('Say it');
    $this->find("//ul[@aria-label='What was said'][contains(., 'The valve is cracked.')]");
    $this->visit("/in-hand?task={$task->id}");
    expect($this->field('Say something')->getAttribute('value'))->toBe('');
});

it('can be done on a telephone: every control is in reach', function (): void {
    [$task] = fiveTasks();
    $devtools = new ChromeDevToolsDriver($this->browser);
    $this->signIn('ayumi');
    $devtools->execute('Emulation.setDeviceMetricsOverride', [
        'width' => 390,
        'height' => 844,
        'deviceScaleFactor' => 1,
        'mobile' => true,
    ]);
    $out = <<<'JS'
    return [...document.querySelectorAll('button, a, input, textarea, summary')]
        .filter((one) => one.checkVisibility() && !one.closest('.sr-only') && !one.matches('.sr-only'))
        .filter((one) => {
            const box = one.getBoundingClientRect();
            return box.left < 0 || box.right > window.innerWidth;
        })
        .map((one) => one.outerHTML.slice(0, 120));
    JS;
    foreach (['/in-hand', "/in-hand?task={$task->id}", '/tasks/new?own=1', '/news', '/reminders', '/outbox'] as $path) {
        $this->visit($path);
        $this->find('//main//button');
        $this->settled();
        expect($this->browser->executeScript($out))->toBe([]);
    }
    $this->visit("/in-hand?task={$task->id}");
    $this->press('More');
    $this->press('Not now');
    expect($this->browser->executeScript($out))->toBe([]);
    $this->press('Not now', "//*[@role='dialog']");
    $this->see("№ {$task->number} comes back by itself.");
    $devtools->execute('Emulation.clearDeviceMetricsOverride');
});

<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Facebook\WebDriver\WebDriverBy;

/** @return array<string, array{string|null, string, list<string>}> holder, priority and tags of open tasks, by id */
function openTasks(): array
{
    return Task::query()
        ->open()
        ->with('assignee')
        ->orderBy('id')
        ->get()
        ->mapWithKeys(
            static fn(Task $task): array => [
                $task->id => [$task->assignee?->slug, $task->priority->value, $task->tagList()],
            ],
        )
        ->all();
}

/** Carries out what is looked at, then takes it back. @param Closure(): void $between */
function carryOutAndBack(mixed $test, Closure $between): void
{
    $test->click("//button[starts-with(., 'Carry out on')]");
    $test->see('carried out');
    $test->find("//td[.='done']");
    $between();
    $test->press('Take it back');
    $test->click("//*[@role='dialog']//button[@type='submit']");
    $test->see('taken back');
    $test->until(fn(): bool => !str_contains($test->text(), 'being taken back'), fn(): string => $test->text());
}

it('sweeps tasks but for one that is taken out, and takes it back', function (): void {
    $before = openTasks();
    $this->signIn('hanneke', '/rulebook');
    $this->click("//a[.='Change many tasks at once …']");
    $this->click("//nav//a[contains(., 'Set-ups of the orchestra')]");
    $this->see('Take away');
    $this->press('Look at open tasks …');
    $this->see('Load of people');
    $set = count($this->browser->findElements(WebDriverBy::xpath('//tbody/tr[@data-row]')));
    expect($set)->toBeGreaterThan(2);
    $this->click("(//table//input[@type='checkbox'])[2]");
    $this->see('Carry out on ' . ($set - 1));
    carryOutAndBack($this, function () use ($before, $set): void {
        $this->find("//td[.='left out']");
        $moved = static fn(): array => array_filter(
            openTasks(),
            static fn(array $is, string $id): bool => $is !== $before[$id],
            ARRAY_FILTER_USE_BOTH,
        );
        // They go one after the other, in the background.
        $this->until(
            static fn(): bool => count($moved()) >= $set - 1,
            static fn(): string => 'Not all of them have gone.',
        );
        expect(array_unique(array_column($moved(), 0)))
            ->toBe(['tobias-lindqvist'])
            ->and($moved())
            ->toHaveCount($set - 1);
    });
    expect(openTasks())->toBe($before);
    // What came in one go is one line, with its tasks in it.
    $this->signInInstead('tobias');
    $this->see('New for you');
    $lines = "//section[@aria-label='New for you']/ul/li";
    expect(count($this->browser->findElements(WebDriverBy::xpath($lines))))->toBeLessThan($set);
    $this->click("({$lines}//summary[contains(., ' tasks')])[1]");
    expect($this->find("({$lines}//ul)[1]")->getText())->toContain('set-up before the concert');
});

it('applies a rule to work that is there, and takes it back', function (): void {
    $task = Task::query()->open()->whereNotNull('assignee_id')->where('priority', 'normal')->firstOrFail();
    $facts = $task->facts;
    $task->update(['facts' => ['task.rush' => true] + (array) $facts]);
    $before = openTasks();
    $this->signIn('hanneke', '/rulebook');
    $this->click("//li[.//h2[starts-with(., 'Rush work is marked')]]//button[starts-with(@aria-label, 'More for')]");
    $this->click("//*[@role='menuitem'][.='Apply to open tasks …']");
    $this->see("№ {$task->number} {$task->title}");
    carryOutAndBack(
        $this,
        fn() => expect(openTasks()[$task->id])->toBe([
            $before[$task->id][0],
            'urgent',
            [...$before[$task->id][2], 'rush'],
        ]),
    );
    expect(openTasks())->toBe($before);
    $task->refresh()->update(['facts' => $facts]);
});

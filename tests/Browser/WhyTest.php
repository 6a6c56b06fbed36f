<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;

it('says from a task why somebody else did not get it, and tries another rule on it', function (): void {
    $task = Task::query()
        ->whereHas('kind', static fn($kind) => $kind->where('slug', 'bench-repair'))
        ->where('status', TaskStatus::New)
        ->whereNotNull('assignee_id')
        ->orderByDesc('number')
        ->firstOrFail();
    $this->signIn('hanneke', "/tasks/{$task->id}");
    $this->click("//a[.='Why not somebody else?']");
    $this->see('Now, by version');
    $this->click("//label[.='Person']/following-sibling::*//input");
    $this->browser->getKeyboard()->sendKeys('Sunniva');
    $this->click("//*[@role='option'][contains(., 'Sunniva')]");
    $this->see('About Sunniva Aas');
    $this->see('They are not of its pool');

    $this->click("//label[.='Rule']/following-sibling::*//input");
    $this->browser->getKeyboard()->sendKeys('Rush work');
    $this->click("//*[@role='option'][contains(., 'Rush work')]");
    $this->see('What the rule asks');
    expect($this->browser->getCurrentURL())->toContain("task={$task->id}", 'rule=', 'person=sunniva-aas');
    $this->press('Another task');
    $this->see('Choose a task');
});

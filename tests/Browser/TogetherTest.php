<?php

declare(strict_types=1);

use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Browser;

/** @return Task due before all else, that nobody has yet */
function firstOfAll(string $title): Task
{
    $task = Task::query()->open()->whereNotNull('assignee_id')->where('status', TaskStatus::New)->firstOrFail();
    $task->update([
        'title' => $title,
        'assignee_id' => null,
        'reviewer_id' => null,
        'starts_at' => null,
        'due_at' => CarbonImmutable::parse('2026-01-02'),
    ]);
    $task->covers()->delete();
    $task->claimants()->detach();

    return $task;
}

function personNamed(string $slug): Person
{
    return Person::query()->where('slug', $slug)->firstOrFail();
}

it('lets one of two claim what is open to both; the other sees who has it', function (): void {
    $task = firstOfAll('Bugle that is open to two');
    $task->claimants()->attach([personNamed('ayumi-kato')->id, personNamed('femi-adeyinka')->id]);
    $this->signIn('ayumi', "/in-hand?task={$task->id}");
    $this->find("//button[normalize-space(.)='Claim']");
    $mine = $this->browser;
    $other = $this->browser = Browser::open();
    try {
        $this->signIn('femi', "/in-hand?task={$task->id}");
        $this->press('Claim');
        $this->see("№ {$task->number} is yours.");
        $this->browser = $mine;
        // Before any news of it has come, or after: the button is gone by then.
        $this->until(function (): bool {
            $found = $this->browser->executeScript(
                "const one = [...document.querySelectorAll('button')].find((b) => b.textContent === 'Claim');" .
                    'if (one) one.click(); return one === undefined;',
            );

            return $found === true;
        }, fn(): string => $this->text());
        expect($task->refresh()->assignee?->slug)->toBe('femi-adeyinka');
        $this->visit("/tasks/{$task->id}");
        $this->see('Femi Adeyinka');
    } finally {
        $other->quit();
        $this->browser = $mine;
    }
});

it('lets two of a team that holds one together leave it to the third', function (): void {
    $task = firstOfAll('Tuba that the whole bench holds');
    $task->update(['assignee_id' => personNamed('ayumi-kato')->id, 'do_together' => false]);
    $task->holdsWith()->attach(personNamed('femi-adeyinka')->id, ['position' => 0, 'open' => true]);
    $task->holdsWith()->attach(personNamed('callum-rees')->id, ['position' => 1, 'open' => true]);
    foreach (['ayumi', 'femi'] as $who) {
        $this->forgetSignIns();
        $this->signIn($who, "/in-hand?task={$task->id}");
        $this->see('Tuba that the whole bench holds');
        $this->press('More');
        $this->press('Leave it to the others');
        $this->see("№ {$task->number} is with the others.");
    }
    expect($task->refresh()->assignee?->slug)->toBe('callum-rees');
    expect($task->holdsWith()->count())->toBe(0);
});

<?php

declare(strict_types=1);

use App\Models\Duties\Duty;
use App\Models\House\House;
use App\Models\Tasks\Task;

it('writes a duty with its next dates beside it, and it is in the list', function (): void {
    $this->signIn('hanneke', '/duties');
    $this->see('Reed count');
    $this->press('New duty');
    $this->see('A new standing duty');
    $this->browser->getKeyboard()->sendKeys('Piano room');
    $this->see('Title: This is needed.');
    $this->fill('Title', 'Air the piano room, ~duty.date~');
    $this->click("//select[@aria-label='Kind of task']/option[.='Stock count']");
    $this->click("//select[@aria-label='On a day off']/option[.='the next working day']");
    $this->see('On a day off the next working day.');
    $this->press('Say who');
    $this->see('Who does it: This is needed.');
    $this->press('Leave it to the rulebook');
    $this->see('goes to whomever the rulebook says');
    $this->press('Begin');
    $this->see('Tasks that come back by themselves');
    $this->see('Piano room');
    $duty = Duty::query()->where('slug', 'piano-room')->sole();
    expect($duty->document['off_day'])->toBe('after');
    expect($duty->next_date)->not->toBeNull();
});

it('moves what falls on a holiday, as one sees before it is saved, and goes back with an undo', function (): void {
    $house = House::query()->sole();
    $next = Duty::query()->where('slug', 'open-claims')->sole()->next_date;
    $house->update([
        'holidays' => [...$house->holidays ?? [], $next->format('Y-m-d')],
        'roster_revision' => $house->roster_revision + 1,
    ]);
    $this->signIn('hanneke', '/duties/open-claims/edit');
    $this->see('instead of ' . $next->format('D j M'));
    $this->click("//select[@aria-label='On a day off']/option[.='not at all']");
    $this->see('On a day off it does not come.');
    $this->dontSee('instead of');
    $this->press('Undo');
    $this->see('instead of ' . $next->format('D j M'));
});

it('makes a duty of a task that is there', function (): void {
    $task = Task::query()
        ->open()
        ->whereNotNull('assignee_id')
        ->whereNull('approval_id')
        ->orderBy('number')
        ->firstOrFail();
    $this->signIn('hanneke', "/tasks/{$task->id}");
    $this->press('More');
    $this->click("//*[@role='menuitem'][contains(., 'Make it a duty')]");
    $this->see('A new standing duty');
    expect($this->field('Title')->getAttribute('value'))->toBe($task->title);
});

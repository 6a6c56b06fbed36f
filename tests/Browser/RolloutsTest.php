<?php

declare(strict_types=1);

use App\Models\House\House;
use App\Models\People\Place;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Facebook\WebDriver\WebDriverKeys;

it('shows every task and every gap before anything is made, makes them, and is taken back', function (): void {
    // Nobody answers for the schools of Lesser Sulla any more.
    $sulla = Place::query()->where('name', 'Lesser Sulla')->sole();
    $sulla->update(['responsible_id' => null]);
    House::query()->increment('roster_revision');
    $schools = Place::query()->where('parent_id', $sulla->id)->count();
    $before = Task::query()->where('source', TaskSource::Rollout)->count();
    $this->signIn('hanneke', '/rollouts');
    $this->press('New rollout');
    $this->see('A new rollout');
    $this->browser->getKeyboard()->sendKeys('Winter check');
    $this->click("//input[@aria-label='Islands, with all in it']");
    $this->choose('Kind of task', 'Stock count');
    $this->field('Title')->click();
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::HOME]);
    $this->browser->getKeyboard()->sendKeys('Winter check, ');
    $this->see("{$schools} have nobody who answers: the rules say who has them.");
    $this->see('Winter check, Greater Sulla Primary School');
    expect(Task::query()->where('source', TaskSource::Rollout)->count())->toBe($before);

    // One that is left out is back with an undo.
    $this->press('Leave it out: Greater Sulla Primary School');
    $this->see('One is left out.');
    $this->press('Undo');
    $this->press('Make the tasks');
    $this->see('Take it back');
    $this->see('Lesser Sulla Primary School');
    $rollout = Rollout::query()->where('name', 'Winter check')->sole();
    $this->until(
        fn(): bool => $rollout->refresh()->state === RolloutState::Made,
        fn(): string => "It is {$rollout->state->value}.",
    );
    expect($rollout->leaves()->whereNull('task_id')->count())->toBe(0);
    $this->press('Remind whoever has open ones');
    $this->see('Reminded of');
    $this->press('Take it back');
    $this->press('Take it back', "//*[@role='dialog']");
    $this->see('taken back');
});

it('plans what begins later, whose tasks nobody sees before', function (): void {
    $rollout = Rollout::query()->where('name', 'Autumn check')->sole();
    expect($rollout->leaves()->whereNotNull('task_id')->count())->toBe(0);
    $this->signIn('hanneke', "/rollouts/{$rollout->id}");
    $this->see('its tasks are made');
    $this->see('Autumn check, Lesser Sulla Primary School');
    $this->press('Make them now');
    $this->see('Take it back');
    $this->until(
        fn(): bool => $rollout->refresh()->state === RolloutState::Made,
        fn(): string => "It is {$rollout->state->value}.",
    );
    $this->visit('/tasks/' . $rollout->leaves()->firstOrFail()->task_id);
    $this->see('Rollout');
    $this->press('Autumn check');
    $this->see('The same again');
});

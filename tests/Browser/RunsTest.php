<?php

declare(strict_types=1);

use App\DomainEvents\HandOut;
use App\Models\Access\User;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Tasks\DropTask;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Flow\Run\RunState;

require_once __DIR__ . '/RunFunctions.php';

it('starts a runsheet on a task, which is completed once the run is over', function (): void {
    $task = taskForRun();
    $this->signIn('hanneke', "/tasks/{$task->id}");
    $this->press('Start a runsheet');
    $this->click("//*[@role='menuitem'][.='Return']");
    $this->find("//a[.='Return']");
    $this->see('goes on since');
    $run = Run::query()->where('task_id', $task->id)->sole();
    $this->visit("/runs/{$run->id}");
    $this->see('Inspection');
    $this->see('decides the end');
    $inspection = RunBlock::query()
        ->where(['run_id' => $run->id, 'key' => 'inspection'])
        ->sole()
        ->task()
        ->sole();
    app(
        DropTask::class,
    )($inspection, 'It was lost.', User::query()->where('email', 'hanneke@alderquill.example')->sole());
    app(HandOut::class)();
    $this->visit("/runs/{$run->id}");
    $this->see('Inspection has stopped: somebody has to say how it goes on');
    $this->press('Open again: Inspection');
    $this->see('round 2');
    $this->press('Call the run off');
    $this->click("//*[@role='menuitem'][.='and drop its open tasks']");
    $this->see('called off');
    expect($run->refresh()->state)->toBe(RunState::Cancelled);
    expect($task->refresh()->runs)->toBe(0);
});

it('starts a runsheet on several tasks that are ticked, and says on how many', function (): void {
    $task = taskForRun();
    $this->signIn('hanneke', "/tasks?q={$task->number}");
    $this->find("//input[@aria-label='{$task->title}']")->click();
    // A ticked box takes no letters: the key leads to the search.
    $this->browser->getKeyboard()->sendKeys('/');
    $this->browser->getKeyboard()->sendKeys('large');
    $this->see('Runsheet Large repair');
    $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
    $this->press('Start a runsheet on 1 …');
    $this->choose('Runsheet', 'Return');
    $this->press('Start');
    $this->see('It was started on 1.');
    $this->press('Close');
    $this->dontSee('It was started on 1.');
    expect(Run::query()->where('task_id', $task->id)->sole()->state)->toBe(RunState::Running);
});

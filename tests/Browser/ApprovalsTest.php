<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Models\Approvals\Approval;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use OpenBaton\Core\Flow\ApprovalRule;
use Tests\Support\Cases;

function answerOf(Approval $approval, string $slug): Task
{
    return $approval
        ->tasks()
        ->where('assignee_id', Person::query()->where('slug', $slug)->firstOrFail()->id)
        ->sole();
}

it('asks for an approval from the page of a case, and says who is asked', function (): void {
    $case = Cases::newOfDemo();
    $this->signIn('hanneke', "/cases/{$case->id}");
    $this->press('Ask for an approval');
    $this->fill('What is to be approved', 'Estimate of the browser');
    $this->choose('Add somebody', 'Nadia Haddad');
    $this->choose('Add somebody', 'Leo Marchetti');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->see('waits for answers');
    $this->see('asked now');
    $approval = Approval::query()->where('name', 'Estimate of the browser')->sole();
    expect(count($approval->state['places']))->toBe(2);
    $this->press('Remind them');
    $this->see('They are reminded.');
    $this->press('Take it back');
    $this->see('withdrawn');
    expect($approval->refresh()->tasks()->open()->count())->toBe(0);
});

it('is answered by one key from In hand, and with why not on a phone', function (): void {
    $approval = app(AskForApproval::class)(
        Cases::ofDemo(),
        'Estimate on the phone',
        ApprovalRule::all(),
        ['nadia-haddad', 'leo-marchetti'],
        'It comes to 900.',
        null,
        Actor::system('test'),
    );
    $this->signIn('nadia');
    $task = answerOf($approval, 'nadia-haddad');
    $this->visit("/in-hand?task={$task->id}");
    $this->see('It comes to 900.');
    $this->see('To be approved');
    $this->browser->getKeyboard()->sendKeys('y');
    $this->until(fn(): bool => $task->refresh()->completed_at !== null, fn(): string => 'no answer');
    $this->signInInstead('leo');
    $task = answerOf($approval, 'leo-marchetti');
    $devtools = new ChromeDevToolsDriver($this->browser);
    $devtools->execute('Emulation.setDeviceMetricsOverride', [
        'width' => 390,
        'height' => 844,
        'deviceScaleFactor' => 1,
        'mobile' => true,
    ]);
    $this->visit("/in-hand?task={$task->id}");
    $this->press('No');
    $this->fill('Why not', 'More than it is worth.');
    $this->click("//*[@role='dialog']//button[@type='submit']");
    $this->until(fn(): bool => $approval->refresh()->outcome !== null, fn(): string => 'not settled');
    expect($approval->outcome->value)->toBe('no');
    $devtools->execute('Emulation.clearDeviceMetricsOverride');
});

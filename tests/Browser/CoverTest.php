<?php

declare(strict_types=1);

use App\Clock\SettleAbsences;
use App\Intake\TakeInTask;
use App\Models\Absences\Absence;
use App\Models\Access\User;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\DemoServer;

// What has happened in days to come, and who has left, stays in the house.
afterAll(function (): void {
    DemoServer::end();
});

/** The clock, as the house sees it, is so far. */
function settleAt(mixed $test, CarbonImmutable $moment): void
{
    $test->travelTo($moment);
    app()->forgetScopedInstances();
    app(SettleAbsences::class)($moment);
    $test->travelBack();
}

/** A task of somebody's, due on a day and too long to be done before. */
function taskOf(string $slug, string $title, CarbonImmutable $due): Task
{
    $task = Task::query()->findOrFail(
        app(TakeInTask::class)(
            Node::root(['title' => $title, 'kind' => 'call-back']),
            TaskSource::ByHand,
            User::query()->where('email', 'hanneke@alderquill.example')->sole(),
        )->task->id,
    );
    $task->update([
        'assignee_id' => Person::query()->where('slug', $slug)->sole()->id,
        'due_at' => $due,
        'estimate_minutes' => 9000,
        'status' => TaskStatus::New,
    ]);
    $task->claimants()->detach();
    House::query()->increment('changes');

    return $task;
}

it(
    'is asked for, planned, approved; begins, is acted for, and ends with what comes back and what stays',
    function (): void {
        $first = CarbonImmutable::now()->addDays(9)->startOfDay();
        $last = $first->addDays(2);
        [$begun, $untouched] = [
            taskOf('winnie-achieng', 'Cello to be begun', $first->addHours(15)),
            taskOf('winnie-achieng', 'Viola to be left', $first->addHours(16)),
        ];
        $this->signIn('winnie', '/absences');
        $this->press('Ask for an absence');
        foreach (['First day' => $first, 'Last day' => $last] as $label => $day) {
            $this->fill($label, $day->format('Y-m-d'));
        }
        $this->choose('Substitute 1', 'Leo Marchetti');
        $this->press('Ask', "//*[@role='dialog']");
        $this->see('The absence of Winnie Achieng is asked for.');
        $absence = Absence::query()
            ->whereHas('person', static fn($person) => $person->where('slug', 'winnie-achieng'))
            ->latest('id')
            ->firstOrFail();

        $this->signInInstead('hanneke', "/absences/{$absence->id}");
        $this->see('Cover plan of Winnie Achieng');
        $this->see('Viola to be left');
        $this->choose("Who gets № {$begun->number}", 'Tobias Lindqvist');
        $this->see('Given by hand');
        $this->see('Load of whoever covers');
        $this->press('Approve');
        $this->press('Approve', "//*[@role='dialog']");
        $this->see('The absence of Winnie Achieng is approved.');
        expect([$begun->refresh()->assignee?->slug, $untouched->refresh()->assignee?->slug])->toBe([
            'winnie-achieng',
            'winnie-achieng',
        ]);

        settleAt($this, $first->addMinute());
        expect([$begun->refresh()->assignee?->slug, $untouched->refresh()->assignee?->slug])->toBe([
            'tobias-lindqvist',
            'leo-marchetti',
        ]);
        $this->visit('/floor');
        $this->see('for Winnie Achieng');

        $this->signInInstead('tobias');
        $this->see('New for you');
        $this->see('yours in place of Winnie Achieng');
        $this->visit("/in-hand?task={$begun->id}");
        $this->press('Start');
        $this->see('Tobias Lindqvist for Winnie Achieng started it');

        settleAt($this, $last->addDay()->addMinute());
        expect([$begun->refresh()->assignee?->slug, $untouched->refresh()->assignee?->slug])->toBe([
            'tobias-lindqvist',
            'winnie-achieng',
        ]);
        $this->visit('/in-hand');
        $this->see('stays yours: you have begun it, and Winnie Achieng is back');
        $this->signInInstead('winnie', '/me');
        $this->see('yours again, from Leo Marchetti');
        $this->see('stays with Tobias Lindqvist, who has begun it');
    },
);

it('closes somebody down who leaves', function (): void {
    $task = taskOf('hugo-lemaire', 'Claim of somebody who leaves', CarbonImmutable::now()->addDays(3));
    $this->signIn('hanneke', '/people?person=hugo-lemaire');
    $this->press('Leaves the house');
    $this->see('Claim of somebody who leaves');
    $this->choose("Who gets № {$task->number}", 'Sunniva Aas');
    $this->choose('Who takes their places', 'Sunniva Aas');
    $this->press('Hugo Lemaire has left');
    $this->see('Hugo Lemaire has left.');
    $hugo = Person::query()->where('slug', 'hugo-lemaire')->sole();
    expect([
        $task->refresh()->assignee?->slug,
        $hugo->active,
        Task::query()->open()->where('assignee_id', $hugo->id)->count(),
    ])->toBe(['sunniva-aas', false, 0]);
    $this->see('inactive');
});

it('takes somebody new into the roster, and says what is not right', function (): void {
    $this->signIn('hanneke', '/people');
    $this->press('New person');
    $this->fill('Name', 'Aroha Tane the Younger');
    $this->press('Save');
    $this->see('Saved. Rules see it from now on.');
    $person = Person::query()->where('name', 'Aroha Tane the Younger')->sole();
    $this->visit("/people?person={$person->slug}");
    $this->click("//label[contains(., 'Active: work may come to them')]/input");
    $this->fill('E-mail', 'aroha.younger@alderquill.example');
    $this->press('Save');
    $this->see('Saved.');
    $this->until(
        static fn(): bool => $person->refresh()->active === false &&
            $person->email === 'aroha.younger@alderquill.example',
        static fn(): string => 'It was not saved.',
    );
    $person->delete();
});

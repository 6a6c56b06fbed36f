<?php

declare(strict_types=1);

use App\Alerts\WatchHouse;
use App\Models\Absences\Absence;
use App\Models\Alerts\Alert;
use App\Models\Alerts\RaisedAlert;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House as HouseRow;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Flow\Duty\DutyMissed;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';
require_once __DIR__ . '/RemindersFunctions.php';

/** @return list<string> what leads are alerted to, in order */
function alertsAt(string $at): array
{
    Clock::set($at);
    WatchHouse::dispatchSync();

    return array_values(
        Notice::query()
            ->where('kind', NoticeKind::Alert)
            ->with(['person', 'task'])
            ->orderBy('id')
            ->get()
            ->map(
                static fn(Notice $one): string => trim(
                    "{$one->person?->slug} {$one->task?->number} {$one->text} {$one->link}",
                ),
            )
            ->all(),
    );
}

/** @param array<string, mixed> $more */
function setsAlert(string $kind, array $more = [], string $who = 'hanneke'): TestResponse
{
    return test()
        ->actingAs(House::user($who))
        ->put("/alerts/{$kind}", $more + ['on' => true, 'threshold' => 60]);
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it(
    'tells leads of a task that nobody has had for so long, once, and again an hour after it had ceased',
    function (): void {
        $task = House::arrive('quote');
        expect(alertsAt('2026-03-02T10:59:00Z'))->toBe([]);
        $told = ["hanneke {$task->number} nobody has it yet"];
        expect(alertsAt('2026-03-02T11:00:00Z'))->toBe($told);
        expect(alertsAt('2026-03-02T11:05:00Z'))->toBe($told);
        // Somebody has it for half an hour: it has not ceased for an hour.
        $task->update(['assignee_id' => House::person('femi')->id]);
        expect(alertsAt('2026-03-02T11:10:00Z'))->toBe($told);
        $task->update(['assignee_id' => null]);
        expect(alertsAt('2026-03-02T11:40:00Z'))->toBe($told);
        $task->update(['assignee_id' => House::person('femi')->id]);
        expect(alertsAt('2026-03-02T12:00:00Z'))->toBe($told);
        $task->update(['assignee_id' => null]);
        expect(alertsAt('2026-03-02T13:00:00Z'))->toBe([...$told, ...$told]);
        expect(RaisedAlert::query()->sole()->about)->toBe($task->id);
    },
);

it('tells of somebody who has too much, and of what cannot be in time', function (): void {
    $task = heldTask('femi', '2026-03-02T12:00:00Z');
    // From eleven on Monday until Friday evening there are four fifths of 360 + 4 × 480 minutes: 1,824.
    $task->update(['estimate_minutes' => 2736]);
    expect(alertsAt('2026-03-02T11:00:00Z'))->toBe([
        'hanneke  Femi Adeyinka has too much to do: 150 % of their time /floor?person=femi',
        "hanneke {$task->number} cannot be in time any more",
    ]);
});

it(
    'tells of a skill that nobody has on the next working day, of messages given up and of chains cut',
    function (): void {
        Task::query()->delete();
        Message::query()->create([
            'key' => str_repeat('a', 64),
            'recipient_kind' => 'person',
            'recipient' => 'person:x',
            'recipient_name' => 'Femi Adeyinka',
            'channel' => 'mail',
            'text' => 'x',
            'state' => MessageState::GivenUp,
            'at' => now(),
        ]);
        $id = Message::query()->sole()->id;
        foreach (['ayumi', 'femi'] as $away) {
            Absence::query()->create([
                'slug' => "away-{$away}",
                'person_id' => House::person($away)->id,
                'status' => AbsenceStatus::Approved,
                'kind' => AbsenceKind::Leave,
                'first_day' => '2026-03-03',
                'last_day' => '2026-03-03',
                'held' => HeldPolicy::FallsDue,
                'hand_back' => HandBackPolicy::Untouched,
            ]);
        }
        HouseRow::query()->increment('roster_revision');
        expect(alertsAt('2026-03-02T10:05:00Z'))->toBe([
            'hanneke  On the next working day nobody is there who can do Brass /absences',
            "hanneke  A message to Femi Adeyinka was given up /outbox?message={$id}",
        ]);
    },
);

it('tells of a standing duty whose task could not be made, for as long as that was its last date', function (): void {
    $dates = Duties::save()->dates();
    $dates->create(['key' => '2026-03-06', 'date' => '2026-03-06', 'missed' => DutyMissed::Impossible, 'at' => now()]);
    $told = [
        'hanneke  The task of the duty “Reed count” could not be made: its kind is no longer there /duties/reeds/edit',
    ];
    expect(alertsAt('2026-03-06T09:05:00Z'))->toBe($told);
    expect(alertsAt('2026-03-06T09:10:00Z'))->toBe($told);
    $dates->create(['key' => '2026-03-13', 'date' => '2026-03-13', 'missed' => DutyMissed::Late, 'at' => now()]);
    expect(alertsAt('2026-03-13T09:05:00Z'))->toBe($told);
    expect(RaisedAlert::query()->count())->toBe(0);
});

it('tells more than five of a kind as one', function (): void {
    foreach (range(1, 6) as $task) {
        House::arrive('quote');
    }
    expect(alertsAt('2026-03-02T11:00:00Z'))->toBe(['hanneke  Nobody has 6 tasks yet /floor']);
});

it('tells as it was set: whom, from when on, by which means, or not at all', function (): void {
    setsAlert('unplaced', ['threshold' => 5, 'channels' => ['chat']])->assertSessionHasNoErrors();
    $task = House::arrive('quote');
    expect(alertsAt('2026-03-02T10:05:00Z'))->toBe(["hanneke {$task->number} nobody has it yet"]);
    expect(Notice::query()->where('kind', NoticeKind::Alert)->sole()->channels)->toBe(['chat']);
    expect(Notice::query()->where('kind', NoticeKind::Alert)->sole()->waits)->toBeTruthy();
    setsAlert('unplaced', ['on' => false])->assertSessionHasNoErrors();
    House::arrive('quote');
    expect(alertsAt('2026-03-02T15:00:00Z'))->toHaveCount(1);
    // Whoever does not lead is told of nothing, whatever was set.
    setsAlert('unplaced', ['threshold' => 5, 'people' => ['femi']])->assertSessionHasNoErrors();
    expect(alertsAt('2026-03-02T16:30:00Z'))->toHaveCount(1);
});

it('is the leads\' to set, within bounds', function (): void {
    setsAlert('unplaced', who: 'ayumi')->assertForbidden();
    $this->get('/alerts')->assertForbidden();
    setsAlert('overload', ['threshold' => 5000])->assertSessionHasErrors('threshold');
    setsAlert('unplaced', ['people' => ['nobody']])->assertSessionHasErrors('people.0');
    setsAlert('given_up', ['threshold' => null])->assertSessionHasNoErrors();
    setsAlert('nothing')->assertNotFound();
    expect(Alert::query()->pluck('kind')->all())->toBe(['given_up']);
    expect($this->get('/alerts')->assertOk()->viewData('page')['props']['alerts'])->toHaveCount(7);
});

it('looks every five minutes, once', function (): void {
    Queue::fake();
    expect(WatchHouse::isDue(CarbonImmutable::now()))->toBeTrue();
    expect(WatchHouse::isDue(CarbonImmutable::now()->addMinutes(4)))->toBeFalse();
    expect(WatchHouse::isDue(CarbonImmutable::now()->addMinutes(5)))->toBeTrue();
    Clock::set('2026-03-02T10:20:00Z');
    $this->artisan('baton:tick');
    Queue::assertPushed(WatchHouse::class, 1);
});

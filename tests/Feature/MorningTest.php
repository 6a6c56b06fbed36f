<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Events\NewsChoice;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\House\House as HouseRow;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use App\Notices\KeepNotices;
use App\Notices\NewNotice;
use App\Notices\TellNews;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';
require_once __DIR__ . '/RemindersFunctions.php';

// Femi works from nine to five in Dublin; 2 March 2026 is a Monday.
beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Queue::fake();
    $this->choose = fn(array $channels): mixed => $this->actingAs(House::user('femi'))
        ->put('/news/choice', ['channels' => $channels])
        ->assertSessionHasNoErrors();
    $this->at = function (string $at): array {
        Clock::set($at);
        app(TellNews::class)(CarbonImmutable::now());

        return Message::query()
            ->where('recipient_name', 'Femi Adeyinka')
            ->orderBy('id')
            ->get()
            ->map(static fn(Message $one): string => trim("{$one->channel->value}: {$one->subject}\n{$one->text}"))
            ->all();
    };
    $this->give = function (Task $task, string $to = 'femi'): void {
        $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/hand-on", ['to' => $to, 'reason' => 'Room.']);
        handedOut();
    };
});

it('gathers what is new, due, late and moved in one message when the day begins', function (): void {
    ($this->choose)(['summary' => ['mail'], 'given' => ['mail']]);
    $late = heldTask('femi', '2026-03-02T16:00:00Z');
    $today = heldTask('femi', '2026-03-03T16:00:00Z');
    heldTask('femi', '2026-03-04T16:00:00Z');
    Clock::set('2026-03-02T18:00:00Z');
    $fresh = House::arrive('quote', title: 'A quote for two horns');
    ($this->give)($fresh);
    ($this->give)($today, 'ayumi');
    ($this->give)($today);
    expect(($this->at)('2026-03-03T08:59:00Z'))->toBe([]);
    $told = ($this->at)('2026-03-03T09:00:00Z');
    expect($told)->toBe([
        implode("\n", [
            'mail: Your day: 2 new, 1 due today, 1 late, 1 changed hands',
            'New for you',
            "№ {$fresh->number} A quote for two horns: given to you",
            "№ {$today->number} Trumpet, stuck valve: given to you, Ayumi Kato had it",
            '',
            'Due today',
            "№ {$today->number} Trumpet, stuck valve",
            '',
            'Late',
            "№ {$late->number} Trumpet, stuck valve",
            '',
            'Changed hands',
            "№ {$today->number} Trumpet, stuck valve: now with Ayumi Kato",
        ]),
    ]);
    // Once a day, and by itself what comes after it.
    expect(($this->at)('2026-03-03T09:01:00Z'))->toBe($told);
    ($this->give)(House::arrive('quote', title: 'A mouthpiece'));
    expect(count(($this->at)('2026-03-03T09:05:00Z')))->toBe(2);
});

it('names what waits for an answer, and says how much by a text', function (): void {
    ($this->choose)(['summary' => ['text', 'chat']]);
    House::person('femi')->update(['phone' => '+353 1 555 0101']);
    $task = heldTask('femi', '2026-03-09T16:00:00Z');
    $review = House::arrive('quote', title: 'To look at');
    $review->update(['reviewer_id' => House::person('femi')->id, 'status' => TaskStatus::InReview]);
    $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/comment", [
        'body' => 'When, Femi?',
        'mentions' => ['femi'],
    ]);
    handedOut();
    $told = ($this->at)('2026-03-03T09:00:00Z');
    $answer = implode("\n", [
        'Your day: 2 wait for your answer',
        '',
        'Waiting for your answer',
        "№ {$task->number} Trumpet, stuck valve: Hanneke de Wit named you in what was said",
        "№ {$review->number} To look at",
    ]);
    expect($told)->toBe(["chat: \n{$answer}", "text: \nYour day: 2 wait for your answer"]);
});

it('sends none where there is nothing, and none before the next morning to whoever asks for it', function (): void {
    ($this->choose)(['summary' => ['mail']]);
    expect(($this->at)('2026-03-02T10:01:00Z'))->toBe([]);
    expect(($this->at)('2026-03-03T09:00:00Z'))->toBe([]);
    expect(NewsChoice::query()->findOrFail(House::person('femi')->id)->summed_at?->toIso8601ZuluString())->toBe(
        '2026-03-03T09:00:00Z',
    );
});

it('comes to everybody where the house wants that, from the next morning on', function (): void {
    $this->actingAs(House::user('hanneke'))->put('/news/obligatory', ['channels' => ['summary' => ['mail']]]);
    heldTask('femi', '2026-03-03T16:00:00Z');
    expect(($this->at)('2026-03-02T11:00:00Z'))->toBe([]);
    expect(($this->at)('2026-03-03T09:00:00Z'))->toHaveCount(1);
});

it('says on return what has happened meanwhile', function (): void {
    ($this->choose)(['summary' => ['mail']]);
    House::publish(House::roundRule());
    $task = heldTask('femi', '2026-03-20T16:00:00Z');
    Absence::query()->create([
        'slug' => 'away',
        'person_id' => House::person('femi')->id,
        'status' => AbsenceStatus::Approved,
        'kind' => AbsenceKind::Leave,
        'first_day' => '2026-03-03',
        'last_day' => '2026-03-06',
        'held' => HeldPolicy::FallsDue,
        'hand_back' => HandBackPolicy::Untouched,
    ]);
    HouseRow::query()->increment('roster_revision');
    expect(($this->at)('2026-03-03T09:00:00Z'))->toBe([]);
    $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/comment", [
        'body' => 'Femi, when you are back.',
        'mentions' => ['femi'],
    ]);
    handedOut();
    expect(($this->at)('2026-03-06T12:00:00Z'))->toBe([]);
    expect(($this->at)('2026-03-09T09:00:00Z'))->toHaveCount(1);
    expect(Message::query()->sole()->text)->toContain('named you in what was said');
});

it('takes as many queries for many as for one', function (): void {
    $count = function (array $who, string $at): int {
        foreach ($who as $one) {
            $this->actingAs(House::user($one))->put('/news/choice', ['channels' => ['summary' => ['mail']]]);
            heldTask($one, '2026-03-02T16:00:00Z');
        }
        NewsChoice::query()->update(['summed_at' => '2026-03-01 09:00:00']);
        Notice::query()->update(['waits' => false]);
        Clock::set($at);
        DB::enableQueryLog();
        DB::flushQueryLog();
        app(TellNews::class)(CarbonImmutable::now());

        return count(
            array_filter(
                DB::getQueryLog(),
                static fn(array $one): bool => str_starts_with($one['query'], 'select') &&
                    !str_contains($one['query'], 'for update') &&
                    !str_contains($one['query'], 'from `messages`'),
            ),
        );
    };
    $one = $count(['femi'], '2026-03-03T10:00:00Z');
    expect($count(['ayumi', 'callum'], '2026-03-04T10:00:00Z'))->toBe($one);
});

it('leaves out what they want to hear nothing of, and tells leads what needs them', function (): void {
    ($this->choose)(['summary' => ['mail']]);
    $task = heldTask('femi', '2026-03-02T16:00:00Z');
    $this->actingAs(House::user('femi'))->put("/tasks/{$task->id}/reminders/mute", ['muted' => true]);
    KeepNotices::keep([
        new NewNotice(
            CarbonImmutable::now(),
            House::person('femi')->id,
            NoticeKind::Alert,
            text: 'Nobody has 6 tasks yet',
        ),
    ]);
    expect(($this->at)('2026-03-03T09:00:00Z'))->toBe([
        "mail: Your day: 1 needs you as the lead\nNeeds you as the lead\nNobody has 6 tasks yet",
    ]);
});

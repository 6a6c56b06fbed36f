<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\DomainEvents\About;
use App\Models\Absences\Absence;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Notices\KeepNotices;
use App\Notices\NewNotice;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\AbsenceKind;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
    $this->task->update(['assignee_id' => House::person('ayumi')->id]);
    Notice::query()->delete();
    $this->say = function (string $who, string $body, array $mentions = []): void {
        $this->actingAs(House::user($who))->post("/tasks/{$this->task->id}/comment", [
            'body' => $body,
            'mentions' => $mentions,
        ]);
        handedOut();
    };
});

it('tells whose task it is what others have said on it, and nobody of what they said themselves', function (): void {
    ($this->say)('hanneke', 'The customer asks when.');
    expect(told())->toBe(['ayumi commented hanneke']);
    ($this->say)('ayumi', 'On Friday.');
    expect(told())->toBe(['ayumi commented hanneke']);
    $this->task->update(['reviewer_id' => House::person('femi')->id, 'status' => TaskStatus::InReview]);
    ($this->say)('hanneke', 'Good.');
    expect(array_slice(told(), 1))->toBe(['ayumi commented hanneke', 'femi commented hanneke']);
});

it('tells one thing of one change, the weightiest', function (): void {
    ($this->say)('hanneke', 'Have a look, Ayumi.', ['ayumi']);
    expect(told())->toBe(['ayumi mentioned hanneke']);
    // Two changes are two things.
    ($this->say)('hanneke', 'And again.');
    expect(told())->toBe(['ayumi mentioned hanneke', 'ayumi commented hanneke']);
});

it('tells one thing of one change where its events come in two pieces', function (): void {
    $chain = strtolower((string) Str::ulid());
    $tell = fn(NoticeKind $kind) => KeepNotices::keep([
        new NewNotice(
            now()->toImmutable(),
            House::person('femi')->id,
            $kind,
            About::task($this->task->id),
            chain: $chain,
        ),
    ]);
    $tell(NoticeKind::Commented);
    $tell(NoticeKind::Mentioned);
    $tell(NoticeKind::Lost);
    expect(told())->toBe(['femi mentioned']);
});

it('says all that several rules tell somebody at once', function (): void {
    $tells = static fn(string $id, string $text): array => [
        'id' => $id,
        'name' => $id,
        'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
        'then' => [['kind' => 'tell', 'people' => ['kind' => 'people', 'people' => ['femi']], 'text' => $text]],
    ];
    House::publish(House::roundRule(), $tells('one', 'It begins.'), $tells('two', 'Bring the oil.'));
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/start")
        ->assertSessionHasNoErrors();
    handedOut();
    expect(told())->toBe(['femi told It begins. · Bring the oil.']);
});

it('tells whoever did it that it is sent back, and why', function (): void {
    $this->task->update(['reviewer_id' => House::person('femi')->id, 'status' => TaskStatus::InReview]);
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$this->task->id}/send-back", ['reason' => 'The second valve still sticks.'])
        ->assertSessionHasNoErrors();
    handedOut();
    expect(told())->toBe(['ayumi sent_back femi The second valve still sticks.']);
    $said = $this->actingAs(House::user('ayumi'))->get('/news')->viewData('page')['props']['notices'][0]['said'];
    expect($said)->toBe('sent back to you by Femi Adeyinka: The second valve still sticks.');
});

it('tells people what becomes of their absences, with the way there', function (bool $approve, string $kind): void {
    $asked = app(AskAbsence::class)(
        House::person('femi'),
        new AbsenceTerms(AbsenceKind::Leave, '2026-03-20', '2026-03-21'),
        false,
        Actor::user(House::user('femi')),
    );
    $this->actingAs(House::user('hanneke'))
        ->post("/absences/{$asked->id}/decide", ['approve' => $approve, 'word' => 'As you say.'])
        ->assertSessionHasNoErrors();
    handedOut();
    expect(told())->toBe(["femi {$kind} hanneke As you say."]);
    $notice = Notice::query()->sole();
    $this->actingAs(House::user('femi'))
        ->post("/news/{$notice->id}/open")
        ->assertRedirect('/absences/' . Absence::query()->sole()->id);
    expect($this->get('/news')->viewData('page')['props']['notices'][0]['number'])->toBeNull();
})->with([[true, 'absence_approved'], [false, 'absence_declined']]);

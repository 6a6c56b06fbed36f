<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Notices\NoticeText;
use App\Words\Words;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';
require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it('tells whose case it is now and whose it was, but for what they did themselves', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    handedOut();
    expect(told())->toBe(['ayumi got']);
    deed(House::user('ayumi'), $case, 'give', ['to' => 'femi', 'reason' => 'I am out.'])->assertOk();
    handedOut();
    expect(array_slice(told(), 1))->toBe(['femi got ayumi']);
    deed(House::user('hanneke'), $case->refresh(), 'give', ['to' => 'callum', 'reason' => 'Femi is full.'])->assertOk();

    handedOut();
    expect(array_slice(told(), 2))->toBe(['callum got femi', 'femi lost callum']);
});

it('leads from what is told to the case, and names it in other channels', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    handedOut();
    $notice = Notice::query()
        ->with(['task', 'case', 'other'])
        ->sole();
    expect(NoticeText::line($notice, app(Words::class)))->toBe("Case № {$case->number} Forty clarinets: given to you");
    $this->actingAs(House::user('ayumi'))
        ->get('/news')
        ->assertInertia(
            static fn($page) => $page
                ->where('notices.0.caseId', $case->id)
                ->where('notices.0.number', $case->number)
                ->where('notices.0.taskId', null),
        );
    $this->post("/news/{$notice->id}/open")->assertRedirect("/cases/{$case->id}");
    expect($notice->refresh()->seen_at)->not->toBeNull();
});

it(
    'tells the owner what is said on it, and whom it speaks to, who watches and sees it from then on',
    function (): void {
        $case = Cases::open(['owner' => 'tobias']);
        handedOut();
        Notice::query()->delete();
        expect(House::user('femi')->can('view', $case))->toBeFalse();
        $this->actingAs(House::user('hanneke'))
            ->post("/cases/{$case->id}/comment", ['body' => 'Femi, have they called?', 'mentions' => ['femi']])
            ->assertRedirect();
        handedOut();
        expect(told())->toEqualCanonicalizing(['tobias commented hanneke', 'femi mentioned hanneke']);
        expect($case->watchers()->get()->modelKeys())->toBe([House::person('femi')->id]);
        app()->forgetScopedInstances();
        expect(House::user('femi')->can('view', $case))->toBeTrue();
        // Femi may not change it, and so lets nobody in who does not see it.
        $this->actingAs(House::user('femi'))
            ->post("/cases/{$case->id}/comment", ['body' => 'Callum?', 'mentions' => ['callum']])
            ->assertSessionHasErrors('mentions');
        expect($case->comments()->count())->toBe(1);
    },
);

it('tells people what a rule about cases says to them, once however the events are handed out', function (): void {
    House::publish(
        ofCases(
            'tell',
            ['kind' => 'stage_becomes', 'stages' => ['hire.fitting']],
            [
                [
                    'kind' => 'tell',
                    'people' => ['kind' => 'people', 'people' => ['callum', 'femi']],
                    'text' => '~case.title~ is at its fitting',
                ],
            ],
        ),
    );
    $case = Cases::open(['owner' => 'ayumi']);
    deed(House::user('ayumi'), $case, 'move', ['to' => 'fitting'])->assertOk();
    handedOut();
    handedOut();
    $told = Notice::query()->where('kind', 'told')->with('person')->get();
    expect($told->map(static fn(Notice $one): array => [$one->person->slug, $one->text, $one->case_id])->all())->toBe([
        ['callum', 'Forty clarinets is at its fitting', $case->id],
        ['femi', 'Forty clarinets is at its fitting', $case->id],
    ]);
    // In hand it stands as news until it is read; that a case came stands only as long as it is theirs.
    deed(House::user('hanneke'), $case->refresh(), 'give', ['to' => 'callum', 'reason' => 'Femi is full.'])->assertOk();

    handedOut();
    $this->actingAs(House::user('callum'))
        ->get('/in-hand')
        ->assertInertia(static fn($page) => $page->has('notices', 2)->where('notices.1.caseId', $case->id));
});

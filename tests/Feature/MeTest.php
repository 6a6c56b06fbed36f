<?php

declare(strict_types=1);

use App\Absences\AbsenceTerms;
use App\Absences\AskAbsence;
use App\Access\Actor;
use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceKind;
use Tests\Support\Clock;
use Tests\Support\House;

it('shows when one is there, what one covers, who covers for one, and what came and went', function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['callum']], 'method' => ['kind' => 'same_person']],
        ),
    );
    $task = House::arrive(title: 'Horn');
    $task->update(['due_at' => CarbonImmutable::parse('2026-03-04T12:00:00Z'), 'estimate_minutes' => 4800]);
    app()->forgetScopedInstances();
    app(AskAbsence::class)->__invoke(
        House::person('callum'),
        new AbsenceTerms(AbsenceKind::Leave, '2026-03-02', '2026-03-03', substitutes: ['femi']),
        true,
        Actor::user(House::user('hanneke')),
    );
    $page = function (string $who): array {
        app()->forgetScopedInstances();

        return $this->actingAs(House::user($who))->get('/me')->assertOk()->viewData('page')['props'];
    };
    $femi = $page('femi');
    $callum = $page('callum');
    expect([$femi['skills'], $femi['teams'], $femi['absences'], $femi['covered'], $femi['address']])->toBe([
        [['name' => 'Brass', 'level' => 2]],
        [['name' => 'Brass bench', 'weight' => 100]],
        [],
        [],
        null,
    ]);
    expect([
        $femi['covers'][0]['for']['slug'],
        $femi['covers'][0]['until'],
        array_column($femi['covers'][0]['tasks'], 'title'),
    ])->toBe(['callum', '2026-03-04T00:00:00Z', ['Horn']]);
    expect($femi['days'][0])->toBe([
        'date' => '2026-03-02',
        'hours' => [['from' => '2026-03-02T09:00:00Z', 'to' => '2026-03-02T17:00:00Z']],
        'away' => false,
    ]);
    expect($callum['days'][0])->toBe(['date' => '2026-03-02', 'hours' => [], 'away' => true]);
    expect([
        $callum['covers'],
        $callum['covered'][0]['task']['title'],
        $callum['covered'][0]['with']['slug'],
        $callum['absences'][0]['state'],
    ])->toBe([[], 'Horn', 'femi', 'running']);
    expect([$femi['notices'][0]['said'], $callum['notices'][0]['said']])->toBe([
        'yours in place of Callum Rees',
        'with Femi Adeyinka while you are away',
    ]);
    auth()->logout();
    $this->get('/me')->assertRedirect('/sign-in');
});

it('forgets notices that were seen three months ago, and after a year all others', function (): void {
    House::open();
    $task = House::arrive();
    $tell = static fn(string $at, ?string $seen): string => Notice::query()->create([
        'person_id' => House::person('femi')->id,
        'task_id' => $task->id,
        'kind' => NoticeKind::Got,
        'at' => $at,
        'seen_at' => $seen,
    ])->id;
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    $kept = [$tell('2025-03-02 10:00:00', null), $tell('2025-11-01 10:00:00', '2025-12-02 10:00:00')];
    $tell('2025-03-02 09:59:59', null);
    $tell('2025-11-01 10:00:00', '2025-12-02 09:59:59');
    $this->artisan('model:prune', ['--model' => [Notice::class]])->assertSuccessful();
    expect(Notice::query()->orderBy('at')->pluck('id')->all())->toBe($kept);
});

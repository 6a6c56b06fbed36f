<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Duties\SaveDuty;
use OpenBaton\Core\Document\Node;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;
use Tests\Support\Rollouts;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

/** @return list<array<string, mixed>> what a search of everything answers */
function foundOf(string $text, string $who = 'hanneke', string $more = '&everything=1'): array
{
    app()->forgetScopedInstances();

    return test()
        ->actingAs(House::user($who))
        ->getJson('/search?q=' . rawurlencode($text) . $more)
        ->assertOk()
        ->json();
}

it('finds runsheets, standing duties, rollouts and tracks by a part of the name', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    $duty = Duties::document(['id' => 'oil', 'name' => 'Large oiling']);
    app(SaveDuty::class)(Node::root($duty), 0, Actor::user(House::user('hanneke')));
    $rollout = Rollouts::begun();
    Cases::track();
    expect(foundOf('larg'))->toBe([
        ['title' => 'Large repair', 'work' => 'runsheet', 'href' => '/runsheets/large-repair/edit'],
        ['title' => 'Large oiling', 'work' => 'duty', 'href' => '/duties/oil/edit'],
    ]);
    expect(foundOf('Hir'))->toContain(['title' => 'Hire', 'work' => 'track', 'href' => '/tracks/hire/edit']);
    expect(foundOf(mb_substr($rollout->name, 2)))->toContain([
        'title' => $rollout->name,
        'work' => 'rollout',
        'href' => "/rollouts/{$rollout->id}",
    ]);
});

it('finds them for those alone who shape the house, and where everything is asked for', function (): void {
    Runsheets::publish(Runsheets::largeRepair());
    expect(foundOf('Large'))->toHaveCount(1);
    expect(foundOf('Large', 'femi'))->toBe([]);
    expect(foundOf('Large', more: ''))->toBe([]);
});

it('takes signs of the database for what they are, and answers with few', function (): void {
    foreach (range(1, 6) as $number) {
        Runsheets::publish(Runsheets::document([Runsheets::task('bench')], 'task', "sheet-{$number}"));
    }
    expect(foundOf('%%'))->toBe([]);
    expect(foundOf('Sheet_1'))->toBe([]);
    expect(array_column(foundOf('Sheet'), 'title'))->toBe(['Sheet 1', 'Sheet 2', 'Sheet 3', 'Sheet 4']);
});

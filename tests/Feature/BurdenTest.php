<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    foreach (range(1, 6) as $n) {
        House::arrive(title: "Horn {$n}");
    }
    House::arrive('quote');
});

/** @return array{list<array{string, int}>, int}|null people with tasks more or less, and how many depend on the task */
function burdenOf(mixed $test, array ...$rules): ?array
{
    $saved = app(SaveDraft::class)(array_values($rules), LockedDraft::revision(), Actor::user(House::user('hanneke')));
    $burden = $test
        ->actingAs(House::user('hanneke'))
        ->getJson("/rulebook/burden?revision={$saved->revision}")
        ->assertOk()
        ->json('burden');
    expect(PropTypes::check('burden', [['BurdenView', 'BurdenView', $burden]]))->toBe('');

    return $burden === null
        ? null
        : [
            array_map(static fn(array $one): array => [$one['slug'], $one['tasks']], $burden['people']),
            $burden['varies'],
        ];
}

it('says whom a draft would burden and relieve, by the recent work', function (): void {
    $round = House::roundRule();
    expect(burdenOf($this, $round))->toBe([[], 0]);
    $tobias = ['give' => ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']]];
    expect(burdenOf($this, $tobias + $round))->toBe([[['tobias', 6], ['ayumi', -2], ['femi', -2], ['callum', -2]], 0]);
    $owner = [
        'give' => ['pool' => ['kind' => 'field', 'field' => 'task.repaired_by'], 'method' => ['kind' => 'same_person']],
    ];
    expect(burdenOf($this, $owner + $round))->toBe([[['ayumi', -2], ['femi', -2], ['callum', -2]], 6]);
});

it('says nothing of a draft that has moved on', function (): void {
    $answer = $this->actingAs(House::user('hanneke'))->getJson('/rulebook/burden?revision=77')->assertOk();
    expect($answer->json('burden'))->toBeNull();
});

<?php

declare(strict_types=1);

use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Rotations;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

/** @return array<string, mixed> */
function roundOf(string $kind, string $rotation, string ...$people): array
{
    return ['name' => "{$kind} round", 'id' => "round-{$kind}-{$rotation}"] +
        House::rule(
            '',
            ['field' => 'task.kind', 'op' => 'is', 'value' => $kind],
            [
                'pool' => ['kind' => 'people', 'people' => array_values($people)],
                'method' => ['kind' => 'round_robin', 'rotation' => $rotation],
            ],
        );
}

/** @return array<string, mixed> */
function making(string $kind, string $of): array
{
    return [
        'id' => "make-{$kind}",
        'name' => "Make {$kind}",
        'when' => [['kind' => 'task_arrives']],
        'if' => ['field' => 'task.kind', 'op' => 'is', 'value' => $of],
        'then' => [['kind' => 'create_task', 'task_kind' => $kind, 'title' => 'More']],
    ];
}

it('goes round three for offers and two for calls that each of them makes', function (): void {
    House::publish(
        making('quote', 'bench-repair'),
        roundOf('bench-repair', 'Offers', 'ayumi', 'femi', 'callum'),
        roundOf('quote', 'Calls', 'tobias', 'femi'),
    );
    foreach (range(1, 4) as $time) {
        House::arrive();
    }
    $holders = static fn(string $kind): array => Task::query()
        ->with('assignee')
        ->whereHas('kind', static fn($of) => $of->where('slug', $kind))
        ->orderBy('number')
        ->get()
        ->map(static fn(Task $task): ?string => $task->assignee?->slug)
        ->all();
    expect($holders('bench-repair'))->toBe(['ayumi', 'femi', 'callum', 'ayumi']);
    expect($holders('quote'))->toBe(['tobias', 'femi', 'tobias', 'femi']);
});

it('takes turns in chains through the database as if each had been taken on its own', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $people = ['ayumi', 'femi', 'callum', 'tobias'];
    $some = static fn(): array => array_slice($random->shuffleArray($people), 0, $random->getInt(2, 4));
    $rings = [['one', 'two'], ['one', 'one'], ['two', 'one']][$seed % 3];
    House::publish(
        ...$random->shuffleArray([
            making('quote', 'bench-repair'),
            roundOf('bench-repair', $rings[0], ...$some()),
            roundOf('quote', $rings[1], ...$some()),
        ]),
    );
    for ($arrival = 0; $arrival < 9; ++$arrival) {
        House::arrive($random->getInt(0, 2) === 0 ? 'quote' : 'bench-repair');
    }
    $alone = new Rotations();
    $turns = 0;
    foreach (Decision::query()->orderBy('id')->get() as $decision) {
        $attempt = ((array) $decision->record)['attempts'][0];
        $name = substr((string) $decision->rule, (int) strrpos((string) $decision->rule, '-') + 1);
        $pool = array_map(static fn(string $id): Membership => new Membership($id), $attempt['pool']);
        [$expected, $after] = $alone->named($name)->joinedBy($pool)->turn($pool);
        $alone = $alone->with($after);
        expect(((array) $decision->record)['assignee'])->toBe($expected);
        ++$turns;
    }
    expect($turns)->toBeGreaterThan(11);
})->with(range(1, 6));

<?php

declare(strict_types=1);

use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\StillSurroundings;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\World\World;
use OpenBaton\Core\World\WorldState;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return array<string, mixed> */
function isOfKind(string $kind): array
{
    return ['field' => 'task.kind', 'op' => 'is', 'value' => $kind];
}

/** A rule that makes a task of a kind. */
function makesA(string $kind, string $on): Rule
{
    return Build::rule(
        "{$on} makes {$kind}",
        null,
        if: isOfKind($on),
        then: [new CreateTask($kind, MergedText::parse('More'))],
    );
}

/** @param list<string> $people */
function goesRound(string $kind, string $rotation, array $people): Rule
{
    return Build::rule("{$kind} round", new NamedPeople($people), new RoundRobin($rotation), isOfKind($kind));
}

/** @param list<Rule> $rules */
function worldOf(array $rules): WorldState
{
    return new WorldState(
        new World(
            Build::at(Story::NOW),
            Bench::house(),
            new Rulebook(Build::fields(), $rules),
            new Rotations(),
            Work::of([]),
            [],
            Story::taskCatalogue(),
            [],
        ),
        'v1',
    );
}

function arriving(string $id, string $kind): TaskSubject
{
    return new TaskSubject($id, Build::at(Story::NOW), new Effort(0, 60), fields: ['task.kind' => $kind]);
}

it('keeps the turns of each rotation where a chain reads another one later', function (): void {
    $rules = [
        makesA('quote', 'repair'),
        goesRound('repair', 'Repairs', ['ayumi', 'femi', 'tobias']),
        goesRound('quote', 'Quotes', ['femi', 'ayumi']),
    ];
    $world = worldOf($rules);
    $repairs = $quotes = [];
    foreach (['r1', 'r2', 'r3', 'r4'] as $id) {
        $chain = $world->run(Story::change(null, arriving($id, 'repair'), $rules));
        $repairs[] = $chain->subjects[$id]->holderId;
        $quotes[] = $chain->subjects["{$id}.1"]->holderId;
    }
    expect($repairs)->toBe(['ayumi', 'femi', 'tobias', 'ayumi']);
    expect($quotes)->toBe(['femi', 'ayumi', 'femi', 'ayumi']);
});

it('refuses rotations that were not asked for, and misses those that were', function (Rotations $answered): void {
    $surroundings = new StillSurroundings(Work::of([]), $answered);
    $rules = [goesRound('repair', 'Repairs', ['ayumi', 'femi'])];
    (new Chain(Story::router($rules), $surroundings))->run(Story::change(null, arriving('r1', 'repair'), $rules));
})
    ->with([
        'one too many' => [Rotations::of([new Rotation('Repairs'), new Rotation('Quotes')])],
        'none' => [new Rotations()],
    ])
    ->throws(LogicException::class, 'Other rotations were answered than were asked for.');

it('takes turns in chains of several rotations as if each had been taken on its own', function (): void {
    $people = ['ayumi', 'femi', 'tobias'];
    $kinds = ['repair', 'quote', 'tuning'];
    $turns = 0;
    for ($seed = 1; $seed <= 120; ++$seed) {
        $random = new Randomizer(new Mt19937($seed));
        $rules = [];
        foreach ($kinds as $place => $kind) {
            foreach (array_slice($kinds, $place + 1) as $other) {
                if ($random->getInt(0, 2) > 0) {
                    $rules[] = makesA($other, $kind);
                }
            }
            $rules[] = goesRound(
                $kind,
                'ring ' . $random->getInt(1, 3),
                array_slice($random->shuffleArray($people), 0, $random->getInt(2, 3)),
            );
        }
        $rules = $random->shuffleArray($rules);
        $world = worldOf($rules);
        $alone = new Rotations();
        for ($arrival = 1; $arrival <= 8; ++$arrival) {
            foreach (
                $world->run(Story::change(null, arriving("t{$arrival}", $kinds[$random->getInt(0, 2)]), $rules))->links
                as $link
            ) {
                $give = $link->decision?->decidingRule()?->give;
                if ($give === null || !($give->method instanceof RoundRobin)) {
                    continue;
                }
                $pool = $give->pool->members(Bench::house(), $link->change->facts);
                [$expected, $after] = $alone
                    ->named($give->method->rotation)
                    ->joinedBy($pool)
                    ->turn(array_map(static fn(Membership $one): Membership => $one, $pool));
                $alone = $alone->with($after);
                $link->decision->assigneeId === $expected ||
                    $this->fail(
                        "Seed {$seed}, {$link->change->id}: {$link->decision->assigneeId} instead of {$expected}.",
                    );
                ++$turns;
            }
        }
    }
    expect($turns)->toBeGreaterThan(1500);
});

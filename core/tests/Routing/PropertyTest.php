<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Exclusion;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RandomWorld;
use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/PropertyFunctions.php';

// A run that tries many small faults has time for fewer.
define('WORLDS', (int) (getenv('WORLDS') ?: 2000));

it('never picks anybody ineligible, in thousands of random worlds', function (): void {
    $picked = 0;
    for ($seed = 0; $seed < WORLDS; ++$seed) {
        $world = RandomWorld::of($seed);
        $work = $world->work;
        foreach ($world->decisions() as $decision) {
            foreach ($decision->subjectAfter()->holderIds() as $id) {
                ++$picked;
                mayHold($id, $decision, $work) ||
                    $this->fail("World {$seed}, event {$decision->change->id}: {$id} was picked and may not be.");
            }
            $work = $decision->workAfter($work);
        }
    }
    expect($picked)->toBeGreaterThan(WORLDS * 3);
});

it('decides the same without the work and the rotations that it says it does not need', function (): void {
    $spared = ['people' => 0, 'lastAssigned' => 0, 'rotations' => 0];
    for ($seed = 0; $seed < WORLDS; $seed += 5) {
        $world = RandomWorld::of($seed);
        $router = new Router($world->roster, CompiledRulebook::compile($world->rulebook, 'v'));
        [$work, $rotations] = [$world->work, $world->rotations];
        foreach (RandomWorld::arrivals($world) as $event) {
            $decision = $router->decide($event, $work, $rotations);
            $needs = $router->needs($event);
            $spared['people'] += count($world->roster->people) - count($needs->people);
            $spared['lastAssigned'] += count(array_diff($needs->people, $needs->lastAssigned));
            $spared['rotations'] += count(array_diff(array_keys($rotations->byName), $needs->rotations));
            $again = $router->decide(
                $event,
                $work->ofOnly($needs->people, $needs->lastAssigned),
                new Rotations(array_intersect_key($rotations->byName, array_flip($needs->rotations))),
            );
            json_encode(DecisionFormat::write($decision)) === json_encode(DecisionFormat::write($again)) ||
                $this->fail("World {$seed}, event {$event->id}: something else counted.");
            $work = $decision->workAfter($work);
            $rotations = $decision->rotationsAfter($rotations);
        }
    }
    expect($spared['people'])->toBeGreaterThan(WORLDS);
    expect($spared['lastAssigned'])->toBeGreaterThan(0);
    expect($spared['rotations'])->toBeGreaterThan(0);
});

it('answers the same to the same question', function (): void {
    for ($seed = 0; $seed < WORLDS; $seed += 10) {
        $run = static fn(): string => (string) json_encode(
            array_map(DecisionFormat::write(...), iterator_to_array(RandomWorld::of($seed)->decisions())),
        );
        $run() === $run() || $this->fail("World {$seed} was decided in two ways.");
    }
    expect($run())->toStartWith('[{"event":"e0"');
});

it('names everyone who fell out, once, at one step', function (): void {
    $attempts = 0;
    for ($seed = 0; $seed < WORLDS; $seed += 5) {
        foreach (RandomWorld::of($seed)->decisions() as $decision) {
            foreach ($decision->attempts as $attempt) {
                ++$attempts;
                $before = $attempt->steps[0]->kept;
                foreach (array_slice($attempt->steps, 1) as $step) {
                    if (!in_array($step->code, Step::GROWING, true)) {
                        $ids = [
                            ...array_map(static fn(Membership $member): string => $member->personId, $step->kept),
                            ...array_map(static fn(Exclusion $one): string => $one->personId, $step->excluded),
                        ];
                        $expected = array_map(static fn(Membership $member): string => $member->personId, $before);
                        sort($ids);
                        sort($expected);
                        $ids === $expected || $this->fail("World {$seed}: step {$step->code} lost somebody.");
                    }
                    foreach ($step->excluded as $one) {
                        $one->reasons !== [] || $this->fail("World {$seed}: {$one->personId} fell out for no reason.");
                    }
                    $before = $step->kept;
                }
            }
        }
    }
    expect($attempts)->toBeGreaterThan(WORLDS / 2);
});

it('passes over no rule that holds: the index leaves the verdicts as they are without it', function (): void {
    for ($seed = 0; $seed < WORLDS; $seed += 5) {
        $world = RandomWorld::of($seed);
        $compiled = CompiledRulebook::compile($world->rulebook, 'v');
        foreach (RandomWorld::arrivals($world) as $event) {
            $found = array_map(
                static fn(Rule $rule): string => $rule->id,
                iterator_to_array($compiled->holding($event)),
            );
            $plain = [];
            foreach ($world->rulebook->rules as $position => $rule) {
                if (
                    $rule->active &&
                    $rule->isValidAt($event->at) &&
                    $compiled->criteria($position)->firstFailure($event->facts) === null
                ) {
                    $plain[$position] = $rule->id;
                }
            }
            $found === $plain || $this->fail("World {$seed}, event {$event->id}: the index found other rules.");
        }
    }
    expect($compiled->rulebook->rules)->not->toBeEmpty();
});

it('gives every rule a verdict, with a comparison to blame where a criterion failed', function (): void {
    $seen = [];
    for ($seed = 0; $seed < max(40, WORLDS / 5); ++$seed) {
        foreach (RandomWorld::of($seed)->decisions() as $decision) {
            $verdicts = $decision->verdicts();
            expect($verdicts)->toHaveCount(count($decision->rulebook->rulebook->rules));
            foreach ($verdicts as $verdict) {
                $seen[$verdict->verdict->value] = true;
                ($verdict->verdict === Verdict::CriterionFailed) === ($verdict->failed !== null) ||
                    $this->fail("World {$seed}: a verdict without its reason.");
            }
        }
    }
    ksort($seen);
    expect(array_keys($seen))->toBe([
        'criterion_failed',
        'decided',
        'nobody_eligible',
        'not_in_force',
        'not_reached',
        'paused',
    ]);
});

it(
    'keeps equal weights within one turn of each other while both are eligible, whoever comes and goes',
    function (): void {
        for ($seed = 0; $seed < max(20, WORLDS / 7); ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $always = ['a', 'b', 'c'];
            $others = [
                new Membership('x', $random->getInt(10, 1000)),
                new Membership('y', $random->getInt(10, 1000)),
                new Membership('z'),
            ];
            $rotation = new Rotation('r');
            $counts = array_fill_keys($always, 0);
            for ($turn = 0; $turn < 120; ++$turn) {
                // Some join late, all but three come and go.
                $present = array_filter($others, static fn(): bool => $random->getInt(0, 1) === 1);
                $eligible = [...$present, ...Build::members(...$always)];
                [$winner, $rotation] = $rotation->joinedBy($eligible)->turn($eligible);
                if (isset($counts[$winner])) {
                    ++$counts[$winner];
                }
                max($counts) - min($counts) <= 1 || $this->fail("Seed {$seed}, turn {$turn}: " . json_encode($counts));
            }
            expect(array_sum($counts))->toBeGreaterThan(0);
        }
    },
);

it('gives turns in proportion to weights', function (): void {
    $seats = [new Membership('a', 100), new Membership('b', 50), new Membership('c', 25), new Membership('d', 300)];
    $rotation = (new Rotation('r'))->joinedBy($seats);
    $counts = [];
    for ($turn = 0; $turn < 4750; ++$turn) {
        [$winner, $rotation] = $rotation->turn($seats);
        $counts[$winner] = ($counts[$winner] ?? 0) + 1;
    }
    ksort($counts);
    expect(array_values($counts))->toBe([1000, 500, 250, 3000]);
});

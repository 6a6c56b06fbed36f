<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\TaskCatalogue;

require_once __DIR__ . '/Values/TermsFunctions.php';

/** What is told of rules by how it is told, as "rule kind certainty others". */
function toldOf(Rulebook $rulebook): array
{
    $told = array_map(
        static fn(Finding $one): string => trim(
            "{$one->rule} {$one->kind} {$one->certainty->value} " .
                ($one->kind === 'same_twice' ? implode(' ', $one->others) : ''),
        ),
        array_filter(
            StandardChecks::run(new Examination($rulebook, null, new TaskCatalogue(), 0)),
            static fn(Finding $one): bool => in_array(
                $one->kind,
                ['never_holds', 'hidden', 'only_if_nobody_is_free', 'same_twice'],
                true,
            ),
        ),
    );
    sort($told);

    return $told;
}

it('tells what trying all values finds, and nothing else', function (int $seed): void {
    $world = new SmallWorld($seed);
    $criteria = $rules = $people = [];
    for ($number = $world->one([3, 4, 5, 6]); $number > 0; --$number) {
        // Twice the same now and then.
        $criteria[] = $if =
            $criteria !== [] && $world->one([1, 2, 3]) === 1 ? $world->one($criteria) : $world->criteria(2);
        $give = new Give(
            new NamedPeople([($people[] = $world->one(['ayumi', 'femi']))]),
            new InOrder(),
            [],
            $world->one([new NextRule(), new WaitUnplaced()]),
        );
        $rules[] = new Rule("r{$number}", "R{$number}", [new TaskArrives()], $world->read($if), $give);
    }
    $held = array_fill(0, count($rules), []);
    foreach ($world->assignments() as $place => $facts) {
        foreach ($criteria as $position => $one) {
            if ($world->holds($one, $facts)) {
                $held[$position][$place] = true;
            }
        }
    }
    $expected = [];
    foreach ($rules as $position => $rule) {
        if ($held[$position] === []) {
            $expected[] = "{$rule->id} never_holds certain";
            continue;
        }
        $ending = $giving = [];
        for ($above = 0; $above < $position; ++$above) {
            $giving += $held[$above];
            $ends = $rules[$above]->give?->otherwise instanceof WaitUnplaced;
            $ending += $ends ? $held[$above] : [];
            if ($held[$above] === $held[$position]) {
                $alike = $people[$above] === $people[$position];
                if ($alike || $ends) {
                    $certainty = $alike ? 'certain' : 'likely';
                    $expected[] = "{$rule->id} same_twice {$certainty} {$rules[$above]->id}";
                }
            }
        }
        if (array_diff_key($held[$position], $ending) === []) {
            $expected[] = "{$rule->id} hidden certain";
        } elseif (array_diff_key($held[$position], $giving) === []) {
            $expected[] = "{$rule->id} only_if_nobody_is_free note";
        }
    }
    sort($expected);
    expect(toldOf(new Rulebook($world->fields, $rules)))->toBe($expected, json_encode($criteria, JSON_THROW_ON_ERROR));
})->with(range(1, 400));

it('is never wrong of texts', function (int $seed): void {
    $world = new SmallWorld($seed, texts: true);
    $criteria = $rules = [];
    foreach (range(1, 5) as $number) {
        $criteria[] = $if = $world->criteria(2);
        $give = new Give(new NamedPeople(['ayumi']), new InOrder(), [], new WaitUnplaced());
        $rules["r{$number}"] = new Rule("r{$number}", 'R', [new TaskArrives()], $world->read($if), $give);
    }
    $told = implode(', ', toldOf(new Rulebook($world->fields, array_values($rules))));
    foreach ($world->assignments() as $facts) {
        $taken = false;
        foreach (array_keys($rules) as $position => $id) {
            if ($world->holds($criteria[$position], $facts)) {
                expect($told)->not->toContain("{$id} never_holds");
                if (!$taken) {
                    expect($told)->not->toContain("{$id} hidden");
                }
                $taken = true;
            }
        }
    }
})->with(range(1, 100));

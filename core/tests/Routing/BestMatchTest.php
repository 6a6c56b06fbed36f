<?php

declare(strict_types=1);

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Method\BestMatch;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Work;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A task of an hour for a customer, on Monday 2 March 2026 at 10:00. */
function forCustomer(?string $customer = 'c1', ?string $owner = null): ChangeSet
{
    $at = Build::at('2026-03-02T10:00:00Z');
    $fields = $owner === null ? [] : ['customer.owner' => $owner];
    $task = new TaskSubject('t', $at, new Effort(0, 60), fields: $fields, customerId: $customer);

    return new ChangeSet('e', $at, null, $task, Build::facts([]));
}

/**
 * Ayumi has five hours of work and was last given some three and a half days ago, Femi a day ago, Tobias never. Until
 * the end of Friday there are 7 + 4 × 8 = 39 hours.
 */
function matched(BestMatch $method, ?ChangeSet $change = null): array
{
    $rule = Build::rule('r', new NamedPeople(['ayumi', 'femi', 'tobias']), $method);
    $last = ['ayumi' => Build::at('2026-02-26T22:00:00Z'), 'femi' => Build::at('2026-03-01T10:00:00Z')];
    $work = Work::of([Build::item('w', 'ayumi', 300)], $last)->knowing([['tobias', 'c1'], ['ayumi', 'c2']]);
    $decision = Bench::decide([$rule], $change ?? forCustomer(), $work);

    return [$decision->assigneeId, $decision->attempts[0]->choice?->figures];
}

it('adds what speaks for each of them, by the weights of the rule', function (): void {
    // 60 of 2,340 minutes are 3 %, 360 are 15 %; a day of a week is 14 %.
    $ayumi = ['skill' => 100, 'load' => 85, 'customer' => 0, 'idle' => 50];
    $femi = ['skill' => 66, 'load' => 97, 'customer' => 0, 'idle' => 14];
    $tobias = ['skill' => 0, 'load' => 97, 'customer' => 100, 'idle' => 100];
    expect(matched(new BestMatch('brass')))->toBe([
        'ayumi',
        [
            'ayumi' => ['score' => 520] + $ayumi,
            'femi' => ['score' => 406] + $femi,
            'tobias' => ['score' => 394] + $tobias,
        ],
    ]);
    expect(matched(new BestMatch('brass', 0, 0, 2, 1)))->toBe([
        'tobias',
        [
            'ayumi' => ['score' => 50] + $ayumi,
            'femi' => ['score' => 14] + $femi,
            'tobias' => ['score' => 300] + $tobias,
        ],
    ]);
});

it('knows who looks after the customer, and for whom somebody has done work', function (): void {
    $customer = static fn(?ChangeSet $change): array => array_column(
        matched(new BestMatch('brass', 0, 0, 1, 0), $change)[1],
        'customer',
    );
    expect($customer(forCustomer('c1', 'femi')))->toBe([0, 100, 100]);
    expect($customer(forCustomer('c2')))->toBe([100, 0, 0]);
    expect($customer(forCustomer(null)))->toBe([0, 0, 0]);
});

it('goes by who was given nothing for longest where scores are alike, then by the order', function (): void {
    expect(matched(new BestMatch('strings', 1, 0, 0, 0), forCustomer())[0])->toBe('tobias');
    // Nobody of them knows the customer: Tobias was never given anything.
    expect(matched(new BestMatch('brass', 0, 0, 1, 0), forCustomer('c9'))[0])->toBe('tobias');
    $two = Build::rule('r', new NamedPeople(['femi', 'ayumi']), new BestMatch('brass', 0, 1, 0, 0));
    expect(Bench::decide([$two], forCustomer())->assigneeId)->toBe('femi');
});

it('needs a weight', function (): void {
    expect(static fn(): BestMatch => new BestMatch('brass', 0, 0, 0, 0))->toThrow(Refusal::class, 'above 0');
});

it('says what it looks at', function (): void {
    $rule = Build::rule('r', new NamedPeople(['ayumi', 'callum']), new BestMatch('brass'));
    $rulebook = CompiledRulebook::compile(new Rulebook(Build::fields(), [$rule]), 'v1');
    $router = new Router(Bench::house(), $rulebook);
    expect($router->needs(forCustomer())->customers)->toBe(['c1']);
    expect($router->needs(forCustomer())->people)->toBe(['ayumi', 'callum']);
    expect($router->needs(forCustomer(null))->customers)->toBe([]);
});

it('picks whom a search through all of them finds, over random worlds', function (int $seed): void {
    $dice = new Randomizer(new Mt19937($seed));
    $people = [];
    foreach (range('a', 'f') as $id) {
        $level = $dice->getInt(0, 3);
        $people[] = Build::person($id, $level === 0 ? [] : ['brass' => $level]);
    }
    $now = Build::at('2026-03-02T10:00:00Z');
    $items = $last = $done = [];
    foreach (range(1, 14) as $number) {
        $items[] = Build::item("w{$number}", range('a', 'f')[$dice->getInt(0, 5)], 30 * $dice->getInt(1, 20));
    }
    foreach (range('a', 'f') as $id) {
        if ($dice->getInt(0, 3) > 0) {
            $last[$id] = $now - 3600 * $dice->getInt(0, 300);
        }
        if ($dice->getInt(0, 2) === 0) {
            $done[] = [$id, 'c1'];
        }
    }
    $weights = [$dice->getInt(0, 3), $dice->getInt(0, 3), $dice->getInt(0, 3), 1];
    $roster = new Roster(Build::calendar(), $people, [], ['brass' => 'Brass']);
    $method = new BestMatch('brass', ...$weights);
    $decision = Bench::decide(
        [Build::rule('r', new NamedPeople(range('a', 'f')), $method)],
        forCustomer('c1', 'b'),
        Work::of($items, $last)->knowing($done),
        roster: $roster,
    );

    $best = [];
    foreach (range('a', 'f') as $place => $id) {
        $minutes = 60;
        foreach ($items as $item) {
            $minutes += $item->holderId === $id ? $item->effort->left() : 0;
        }
        $parts = [
            (int) floor(($roster->people[$id]->level('brass') * 100) / 3),
            max(0, 100 - (int) round(($minutes * 100) / (39 * 60))),
            $id === 'b' || in_array([$id, 'c1'], $done, true) ? 100 : 0,
            isset($last[$id]) ? min(100, (int) floor((($now - $last[$id]) * 100) / 604_800)) : 100,
        ];
        $score = array_sum(array_map(static fn(int $part, int $weight): int => $part * $weight, $parts, $weights));
        $best[] = [$score, -($last[$id] ?? PHP_INT_MIN + 1), -$place, $id];
    }
    expect($decision->assigneeId)->toBe(max($best)[3]);
})->with(range(1, 60));

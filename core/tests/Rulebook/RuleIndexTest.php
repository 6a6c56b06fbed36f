<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleIndex;
use OpenBaton\Core\Tests\Support\Build;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * @param array<string, mixed> $if
 *
 * @return list<Rule> as many as asked for, of the same criteria
 */
function rulesWith(array $if, int $count = 1): array
{
    return array_fill(
        0,
        $count,
        (new RuleFormat(Build::context()))->read(
            Node::root([
                'id' => 'r',
                'name' => 'R',
                'active' => true,
                'when' => [['kind' => 'task_arrives']],
                'if' => $if,
                'then' => [['kind' => 'tag', 'tag' => 'seen']],
            ]),
        ),
    );
}

/** @return array<string, mixed> */
function kindIs(string ...$kinds): array
{
    return count($kinds) === 1
        ? ['field' => 'task.kind', 'op' => 'is', 'value' => $kinds[0]]
        : ['field' => 'task.kind', 'op' => 'one_of', 'value' => $kinds];
}

it('leaves out what is equal to something else, and keeps the order', function (): void {
    $rules = [
        ...rulesWith(kindIs('repair'), 20),
        ...rulesWith([
            'all' => [kindIs('repair', 'tuning'), ['field' => 'task.value', 'op' => 'more_than', 'value' => 400]],
        ]),
        ...rulesWith(['all' => []]),
        ...rulesWith(kindIs('quote'), 20),
        ...rulesWith(['any' => [kindIs('quote'), ['field' => 'task.rush', 'op' => 'is', 'value' => true]]]),
        ...rulesWith(['none' => [kindIs('tuning')]]),
    ];
    $found = static fn(array $values): array => RuleIndex::of($rules, Build::fields())->find(Build::facts($values));

    expect($found(['task.kind' => 'repair']))->toBe([...range(0, 21), 42, 43]);
    expect($found(['task.kind' => 'quote']))->toBe([21, ...range(22, 41), 42, 43]);
    expect($found(['task.kind' => 'tuning']))->toBe([20, 21, 42, 43]);
    expect($found([]))->toBe([21, 42, 43]);
});

it('does not take the trouble for a few rules', function (): void {
    $rules = [...rulesWith(kindIs('repair'), 3), ...rulesWith(kindIs('quote'), 3)];
    expect(RuleIndex::of($rules, Build::fields())->find(Build::facts([])))->toBe([0, 1, 2, 3, 4, 5]);
});

it('never leaves out a rule that holds', function (): void {
    $fields = Build::fields();
    $left = 0;
    for ($seed = 0; $seed < 60; ++$seed) {
        $random = new Randomizer(new Mt19937($seed));
        $one = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $comparison = static fn(): array => $one([
            kindIs($one(['repair', 'quote', 'tuning'])),
            kindIs('repair', $one(['quote', 'tuning'])),
            ['field' => 'task.rush', 'op' => 'is', 'value' => $one([true, false])],
            ['field' => 'task.value', 'op' => 'is', 'value' => $one([100, 400])],
            ['field' => 'task.value', 'op' => 'more_than', 'value' => 300],
            ['field' => 'task.kind', 'op' => 'is_not', 'value' => 'repair'],
        ]);
        $rules = [];
        for ($count = 0; $count < 60; ++$count) {
            $rules = [
                ...$rules,
                ...rulesWith([
                    $one(['all', 'all', 'any', 'none']) => [$comparison(), ['all' => [$comparison(), $comparison()]]],
                ]),
            ];
        }
        $index = RuleIndex::of($rules, $fields);
        for ($count = 0; $count < 20; ++$count) {
            $facts = Build::facts(
                array_filter(
                    [
                        'task.kind' => $one(['repair', 'quote', 'tuning', null]),
                        'task.rush' => $one([true, false, null]),
                        'task.value' => $one([100, 400, 400.0, null]),
                    ],
                    static fn(mixed $value): bool => $value !== null,
                ),
            );
            $holding = array_keys(
                array_filter(
                    $rules,
                    static fn(Rule $rule): bool => CompiledCriteria::compile($rule->criteria, $fields)->holds($facts),
                ),
            );
            $found = $index->find($facts);
            array_diff($holding, $found) === [] || $this->fail("Seed {$seed}: a rule that holds was left out.");
            $left += count($rules) - count($found);
        }
    }
    // And it is worth its while: a good part of the 72,000 are never asked.
    expect($left)->toBeGreaterThan(20_000);
});

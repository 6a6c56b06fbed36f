<?php

declare(strict_types=1);

use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\RecentWork;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Rulebook\TaskKind;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

/** Rules of the brass bench, each of which is in order beside the others. */
function soundRules(): array
{
    return [
        'repairs' => plantedRule('repairs', ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair']),
        'quotes' => plantedRule(
            'quotes',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            [
                'pool' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']],
            ],
        ),
        'tunings' => plantedRule(
            'tunings',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'tuning'],
            [
                'otherwise' => ['kind' => 'unplaced'],
            ],
        ),
        'rush' => [
            'id' => 'rush',
            'name' => 'Rush',
            'when' => [['kind' => 'field_changes', 'change' => ['field' => 'task.rush', 'how' => 'any']]],
            'if' => ['field' => 'task.rush', 'op' => 'is', 'value' => true],
            'then' => [['kind' => 'priority', 'priority' => 'urgent']],
        ],
    ];
}

/** @return array<string, mixed> one that gives to the brass bench */
function plantedRule(string $id, array $if, array $give = [], array $more = []): array
{
    return $more + [
        'id' => $id,
        'name' => ucfirst($id),
        'when' => [['kind' => 'task_arrives']],
        'if' => $if,
        'give' => $give + ['pool' => ['kind' => 'team', 'team' => 'brass'], 'method' => ['kind' => 'in_order']],
    ];
}

/** @return list<array<mixed>> kind, certainty, rule, others, pointers, slots of each finding */
function foundIn(array $rules, ?Roster $roster = null): array
{
    return array_map(
        static fn(Finding $one): array => [
            $one->kind,
            $one->certainty->value,
            $one->rule,
            $one->others,
            $one->pointers,
            $one->slots,
        ],
        findingsIn($rules, $roster),
    );
}

/** @return list<Finding> */
function findingsIn(array $rules, ?Roster $roster = null, ?RecentWork $recent = null): array
{
    $roster ??= Bench::house();
    $context = new RuleContext(Build::context()->kinds, Build::fields(), $roster);
    $rulebook = RulebookFormat::rules(Node::root(array_values($rules)), $context);
    $kinds = [];
    foreach (['repair' => 240, 'quote' => 30, 'tuning' => 60] as $id => $minutes) {
        $kinds[$id] = new TaskKind($id, ucfirst($id), $minutes);
    }
    $now = Build::at('2026-03-02T10:00:00Z');

    return StandardChecks::run(new Examination($rulebook, $roster, new TaskCatalogue($kinds), $now, $recent));
}

/**
 * What is found where some of the sound rules are others, or gone, or more of them are there.
 *
 * @param array<string, array<string, mixed>|null> $planted by id
 *
 * @return list<mixed>
 */
function foundWith(array $planted): array
{
    $rules = soundRules();
    foreach ($planted as $id => $rule) {
        $rules[$id] = $rule;
    }

    return foundIn(array_filter($rules));
}

/** @return list<mixed> what planted rules are made of: criteria, how they give, rules that only follow up, tags */
function plantedWords(): array
{
    $isRepair = ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'];
    $value = static fn(string $op, mixed $value): array => ['field' => 'task.value', 'op' => $op, 'value' => $value];
    $dear = ['all' => [$isRepair, $value('more_than', 400)]];
    $brass = [
        'pool' => ['kind' => 'team', 'team' => 'brass'],
        'method' => ['kind' => 'round_robin', 'rotation' => 'b'],
    ];
    $then = static fn(string $id, array $when, array $if, array ...$then): array => [
        'id' => $id,
        'name' => ucfirst($id),
        'when' => [$when],
        'if' => $if,
        'then' => $then,
    ];
    $arrives = ['kind' => 'task_arrives'];
    $tag = static fn(string $kind, string $tag): array => ['kind' => $kind, 'tag' => $tag];

    return [$isRepair, $value, $dear, $brass, $then, $arrives, $tag];
}

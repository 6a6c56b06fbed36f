<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;

it('has a property for every parameter, a default where it is optional, and no other', function (): void {
    $checked = 0;
    foreach (StandardKinds::BY_FAMILY as $classes) {
        foreach ($classes as $class) {
            $arguments = (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [];
            $parameters = $class::parameters();
            expect(array_map(static fn(ReflectionParameter $one): string => $one->getName(), $arguments))->toBe(
                array_map(static fn($parameter): string => $parameter->property(), $parameters),
            );
            foreach ($parameters as $place => $parameter) {
                ++$checked;
                expect($parameter->type)->toBeInstanceOf(ParameterType::class);
                if (!$parameter->required) {
                    expect(
                        $arguments[$place]->isDefaultValueAvailable()
                            ? $arguments[$place]->getDefaultValue()
                            : $parameter->default,
                    )->toEqual($parameter->default);
                }
            }
        }
    }
    expect($checked)->toBeGreaterThan(15);
});

it('writes what it reads of every kind, with defaults written out', function (
    string $family,
    array $given,
    array $written,
): void {
    $context = new RuleContext(KindRegistry::standard(), Build::fields());
    $part = PartFormat::read(Node::root($given), Family::from($family), $context);
    expect($part)->toBeInstanceOf(Part::class);
    expect(PartFormat::write($part))->toBe($written);
    expect(PartFormat::read(Node::root($written), Family::from($family), $context))->toEqual($part);
})->with([
    ['event', ['kind' => 'task_arrives'], ['kind' => 'task_arrives']],
    [
        'pool',
        ['kind' => 'team', 'team' => ' t '],
        ['kind' => 'team', 'team' => 't', 'with_sub_teams' => false, 'with_lead' => true],
    ],
    ['pool', ['kind' => 'people', 'people' => ['a', 'b', 'a']], ['kind' => 'people', 'people' => ['a', 'b']]],
    [
        'pool',
        ['kind' => 'skill', 'skill' => 's'],
        ['kind' => 'skill', 'skill' => 's', 'level' => 1, 'by_level' => false],
    ],
    [
        'pool',
        ['kind' => 'weighted', 'pool' => ['kind' => 'people', 'people' => ['a']], 'people' => ['a'], 'weight' => 50],
        ['kind' => 'weighted', 'pool' => ['kind' => 'people', 'people' => ['a']], 'people' => ['a'], 'weight' => 50],
    ],
    [
        'method',
        ['kind' => 'best_match', 'skill' => 's', 'load_weight' => 0],
        [
            'kind' => 'best_match',
            'skill' => 's',
            'skill_weight' => 3,
            'load_weight' => 0,
            'customer_weight' => 1,
            'idle_weight' => 1,
        ],
    ],
    ['pool', ['kind' => 'field', 'field' => 'case.owner'], ['kind' => 'field', 'field' => 'case.owner']],
    [
        'pool',
        ['kind' => 'union', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
        ['kind' => 'union', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
    ],
    [
        'pool',
        ['kind' => 'intersection', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
        ['kind' => 'intersection', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
    ],
    ['method', ['kind' => 'earliest_finish'], ['kind' => 'earliest_finish']],
    [
        'method',
        ['kind' => 'round_robin', 'rotation' => 'R'],
        ['kind' => 'round_robin', 'rotation' => 'R', 'keep_missed' => 0],
    ],
    ['method', ['kind' => 'open'], ['kind' => 'open']],
    [
        'limit',
        ['kind' => 'open_tasks_at_most', 'tasks' => 1000],
        ['kind' => 'open_tasks_at_most', 'tasks' => 1000, 'count_waiting' => false],
    ],
    [
        'limit',
        ['kind' => 'skill_at_least', 'skill' => 's', 'level' => 3],
        ['kind' => 'skill_at_least', 'skill' => 's', 'level' => 3],
    ],
    ['limit', ['kind' => 'load_ratio_at_most', 'percent' => 1], ['kind' => 'load_ratio_at_most', 'percent' => 1]],
    ['limit', ['kind' => 'on_now'], ['kind' => 'on_now']],
    ['limit', ['kind' => 'finish_before_due'], ['kind' => 'finish_before_due']],
    ['limit', ['kind' => 'no_absence_before_finish'], ['kind' => 'no_absence_before_finish']],
    ['otherwise', ['kind' => 'drop_limit', 'limit' => 'on_now'], ['kind' => 'drop_limit', 'limit' => 'on_now']],
    ['otherwise', ['kind' => 'team_lead', 'team' => 't'], ['kind' => 'team_lead', 'team' => 't']],
    ['otherwise', ['kind' => 'person', 'person' => 'a'], ['kind' => 'person', 'person' => 'a']],
    ['otherwise', ['kind' => 'next_rule'], ['kind' => 'next_rule']],
    [
        'follow_up',
        ['kind' => 'due_in', 'after' => 'PT90M'],
        ['kind' => 'due_in', 'after' => 'PT1H30M', 'hours_of' => 'house'],
    ],
    ['follow_up', ['kind' => 'priority', 'priority' => 'low'], ['kind' => 'priority', 'priority' => 'low']],
]);

it('refuses of every kind what is beyond its bounds', function (string $family, array $given, string $pointer): void {
    try {
        PartFormat::read(Node::root($given), Family::from($family), Build::context(Bench::house()));
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer);
    }
})->with([
    ['limit', ['kind' => 'open_tasks_at_most', 'tasks' => 1001], '/tasks'],
    ['limit', ['kind' => 'open_tasks_at_most', 'tasks' => 0], '/tasks'],
    ['limit', ['kind' => 'open_tasks_at_most', 'tasks' => 1, 'count_waiting' => 'yes'], '/count_waiting'],
    ['limit', ['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 4], '/level'],
    ['limit', ['kind' => 'skill_at_least', 'skill' => 'kazoo'], '/skill'],
    ['limit', ['kind' => 'load_ratio_at_most', 'percent' => 1001], '/percent'],
    ['limit', ['kind' => 'load_ratio_at_most', 'percent' => 0], '/percent'],
    ['pool', ['kind' => 'team', 'team' => 'choir'], '/team'],
    ['pool', ['kind' => 'people', 'people' => ['ayumi', 'nobody']], '/people/1'],
    ['pool', ['kind' => 'people', 'people' => []], '/people'],
    ['pool', ['kind' => 'people', 'people' => array_fill(0, 501, 'ayumi')], '/people'],
    ['pool', ['kind' => 'field', 'field' => 'task.kind'], '/field'],
    ['pool', ['kind' => 'field', 'field' => 'task.nothing'], '/field'],
    ['pool', ['kind' => 'skill', 'skill' => 'brass', 'level' => 0], '/level'],
    ['pool', ['kind' => 'union', 'pools' => []], '/pools'],
    [
        'pool',
        ['kind' => 'union', 'pools' => [['kind' => 'team', 'team' => 'brass'], ['kind' => 'team', 'team' => 'choir']]],
        '/pools/1/team',
    ],
    ['pool', ['kind' => 'except', 'pool' => ['kind' => 'team', 'team' => 'brass']], ''],
    ['method', ['kind' => 'round_robin', 'rotation' => str_repeat('r', 161)], '/rotation'],
    ['method', ['kind' => 'in_order', 'rotation' => 'r'], '/rotation'],
    ['method', ['kind' => 'round_robin', 'rotation' => 'r', 'keep_missed' => 21], '/keep_missed'],
    ['otherwise', ['kind' => 'person', 'person' => 'nobody'], '/person'],
    ['otherwise', ['kind' => 'open_to_team', 'team' => 'choir'], '/team'],
    ['otherwise', ['kind' => 'team_lead', 'team' => 'choir'], '/team'],
    ['otherwise', ['kind' => 'drop_limit', 'limit' => 'luck'], '/limit'],
    ['pool', ['kind' => 'intersection', 'pools' => []], '/pools'],
    [
        'pool',
        [
            'kind' => 'weighted',
            'pool' => ['kind' => 'people', 'people' => ['ayumi']],
            'people' => ['ayumi'],
            'weight' => 1001,
        ],
        '/weight',
    ],
    ['method', ['kind' => 'best_match', 'skill' => 'brass', 'idle_weight' => 11], '/idle_weight'],
    ['limit', ['kind' => 'on_now', 'tasks' => 1], '/tasks'],
    ['follow_up', ['kind' => 'tag', 'tag' => str_repeat('é', 61)], '/tag'],
    ['follow_up', ['kind' => 'due_in', 'after' => 'P261D'], '/after'],
    ['follow_up', ['kind' => 'due_in', 'after' => 'P1D', 'hours_of' => 'nobody'], '/hours_of'],
    ['event', ['kind' => 'round_robin'], '/kind'],
]);

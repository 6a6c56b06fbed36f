<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\StandardKinds;
use OpenBaton\Core\Schema\RulebookSchema;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\NameHasAtMost;
use OpenBaton\Core\Workload\Work;

function withNameLimit(): KindRegistry
{
    return KindRegistry::standard()->with(Family::Limit, NameHasAtMost::class);
}

/** @param array<string, mixed> $limit */
function shortNames(array $limit): Rulebook
{
    return RulebookFormat::read(
        Node::root([
            'openbaton' => 'rulebook/2',
            'fields' => [],
            'rules' => [
                [
                    'id' => 'r',
                    'name' => 'R',
                    'when' => [['kind' => 'task_arrives']],
                    'give' => [
                        'pool' => ['kind' => 'team', 'team' => 'brass'],
                        'method' => ['kind' => 'in_order'],
                        'limits' => [$limit],
                    ],
                ],
            ],
        ]),
        Bench::house(),
        withNameLimit(),
    );
}

it('reads, writes and checks a new kind by what it declares', function (): void {
    $rulebook = shortNames(['kind' => 'name_has_at_most', 'letters' => 4]);
    expect($rulebook->rules[0]->give?->limits)
        ->toEqual([new NameHasAtMost(4, false)])
        ->and(RulebookFormat::writeRules($rulebook)[0]['give']['limits'])
        ->toBe([['kind' => 'name_has_at_most', 'letters' => 4, 'only_vowels' => false]]);
});

it('refuses what the new kind does not allow, with the place', function (
    array $limit,
    string $pointer,
    string $reason,
): void {
    try {
        shortNames($limit);
        $this->fail('It was not refused.');
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer)->and($error->faults[0]->reason)->toBe($reason);
    }
})->with([
    [
        ['kind' => 'name_has_at_most', 'letters' => 0],
        '/rules/0/give/limits/0/letters',
        'A whole number from 1 to 20 belongs here.',
    ],
    [['kind' => 'name_has_at_most'], '/rules/0/give/limits/0', '"letters" is missing.'],
    [
        ['kind' => 'name_has_at_most', 'letters' => 3, 'colour' => 'red'],
        '/rules/0/give/limits/0/colour',
        'There is no such member; the known ones are kind, letters, only_vowels.',
    ],
    [
        ['kind' => 'name_has'],
        '/rules/0/give/limits/0/kind',
        '"name_has" is not one of: open_tasks_at_most, skill_at_least, load_ratio_at_most, name_has_at_most.',
    ],
]);

it('decides by a new kind and explains it', function (): void {
    $rulebook = CompiledRulebook::compile(shortNames(['kind' => 'name_has_at_most', 'letters' => 4]), 'v1');
    $decision = (new Router(Bench::house(), $rulebook))->decide(Build::event(), Work::of([]), new Rotations());
    expect($decision->assigneeId)
        ->toBe('femi')
        ->and(DecisionFormat::write($decision)['verdicts'][0]['steps'][2])
        ->toBe([
            'step' => 'name_has_at_most',
            'kept' => ['femi'],
            'fallen' => [
                ['person' => 'ayumi', 'reasons' => ['name_has_at_most'], 'figures' => ['letters' => 5, 'at_most' => 4]],
            ],
        ]);
});

it('has a new kind in the schema of rulebooks', function (): void {
    $defs = (new RulebookSchema(withNameLimit()))->build()['$defs'];
    $found = array_values(
        array_filter(
            $defs['limit']['oneOf'],
            static fn(array $one): bool => $one['properties']['kind']['const'] === 'name_has_at_most',
        ),
    );
    expect($found)
        ->toHaveCount(1)
        ->and($found[0]['properties']['letters'])
        ->toMatchArray(['type' => 'integer', 'minimum' => 1, 'maximum' => 20])
        ->and($found[0]['required'])
        ->toBe(['kind', 'letters'])
        ->and($found[0]['additionalProperties'])
        ->toBeFalse()
        ->and(count($defs['limit']['oneOf']))
        ->toBe(4);
});

it('takes a kind once', function (): void {
    expect(static fn(): KindRegistry => KindRegistry::standard()->with(Family::Limit, SkillAtLeast::class))
        ->toThrow(LogicException::class, 'skill_at_least')
        ->and(KindRegistry::standard()->of(Family::Limit))
        ->not->toHaveKey('name_has_at_most')
        ->and(withNameLimit()->of(Family::Pool))
        ->toBe(KindRegistry::standard()->of(Family::Pool));
});

it('lists kinds under the family to which they belong, each under its own code', function (): void {
    $interfaces = [
        'event' => 'Event\\EventKind',
        'pool' => 'Pool\\Pool',
        'method' => 'Method\\Method',
        'limit' => 'Limit\\Limit',
        'otherwise' => 'Otherwise\\Otherwise',
        'follow_up' => 'FollowUp\\FollowUp',
    ];
    expect(array_keys(StandardKinds::BY_FAMILY))->toBe(array_column(Family::cases(), 'value'));
    foreach (StandardKinds::BY_FAMILY as $family => $classes) {
        foreach ($classes as $class) {
            expect(is_subclass_of($class, 'OpenBaton\\Core\\Rulebook\\' . $interfaces[$family]))
                ->toBeTrue()
                ->and(KindRegistry::standard()->of(Family::from($family))[$class::kind()])
                ->toBe($class);
        }
    }
});

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
    expect($part)
        ->toBeInstanceOf(Part::class)
        ->and(PartFormat::write($part))
        ->toBe($written)
        ->and(PartFormat::read(Node::root($written), Family::from($family), $context))
        ->toEqual($part);
})->with([
    ['event', ['kind' => 'task_arrives'], ['kind' => 'task_arrives']],
    [
        'pool',
        ['kind' => 'team', 'team' => ' t '],
        ['kind' => 'team', 'team' => 't', 'with_sub_teams' => false, 'with_lead' => true],
    ],
    ['pool', ['kind' => 'people', 'people' => ['a', 'b', 'a']], ['kind' => 'people', 'people' => ['a', 'b']]],
    ['pool', ['kind' => 'skill', 'skill' => 's'], ['kind' => 'skill', 'skill' => 's', 'level' => 1]],
    ['pool', ['kind' => 'field', 'field' => 'case.owner'], ['kind' => 'field', 'field' => 'case.owner']],
    [
        'pool',
        ['kind' => 'union', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
        ['kind' => 'union', 'pools' => [['kind' => 'people', 'people' => ['a']]]],
    ],
    ['method', ['kind' => 'round_robin', 'rotation' => 'R'], ['kind' => 'round_robin', 'rotation' => 'R']],
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
    ['otherwise', ['kind' => 'person', 'person' => 'nobody'], '/person'],
    ['otherwise', ['kind' => 'open_to_team', 'team' => 'choir'], '/team'],
    ['follow_up', ['kind' => 'tag', 'tag' => str_repeat('é', 61)], '/tag'],
    ['follow_up', ['kind' => 'due_in', 'after' => 'P261D'], '/after'],
    ['follow_up', ['kind' => 'due_in', 'after' => 'P1D', 'hours_of' => 'nobody'], '/hours_of'],
    ['event', ['kind' => 'round_robin'], '/kind'],
]);

<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Rulebook;
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
    expect($rulebook->rules[0]->give?->limits)->toEqual([new NameHasAtMost(4, false)]);
    expect(RulebookFormat::writeRules($rulebook)[0]['give']['limits'])->toBe([
        ['kind' => 'name_has_at_most', 'letters' => 4, 'only_vowels' => false],
    ]);
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
        expect($error->faults[0]->pointer)->toBe($pointer);
        expect($error->faults[0]->reason)->toBe($reason);
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
        '"name_has" is not one of: open_tasks_at_most, skill_at_least, load_ratio_at_most, on_now, ' .
        'finish_before_due, no_absence_before_finish, name_has_at_most.',
    ],
]);

it('decides by a new kind and explains it', function (): void {
    $rulebook = CompiledRulebook::compile(shortNames(['kind' => 'name_has_at_most', 'letters' => 4]), 'v1');
    $decision = (new Router(Bench::house(), $rulebook))->decide(Build::event(), Work::of([]), new Rotations());
    expect($decision->assigneeId)->toBe('femi');
    expect(DecisionFormat::write($decision)['verdicts'][0]['steps'][2])->toBe([
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
    expect($found)->toHaveCount(1);
    expect($found[0]['properties']['letters'])->toMatchArray(['type' => 'integer', 'minimum' => 1, 'maximum' => 20]);
    expect($found[0]['required'])->toBe(['kind', 'letters']);
    expect($found[0]['additionalProperties'])->toBeFalse();
    expect(count($defs['limit']['oneOf']))->toBe(count(StandardKinds::BY_FAMILY['limit']) + 1);
});

it('takes a kind once', function (): void {
    expect(static fn(): KindRegistry => KindRegistry::standard()->with(Family::Limit, SkillAtLeast::class))->toThrow(
        LogicException::class,
        'skill_at_least',
    );
    expect(KindRegistry::standard()->of(Family::Limit))->not->toHaveKey('name_has_at_most');
    expect(withNameLimit()->of(Family::Pool))->toBe(KindRegistry::standard()->of(Family::Pool));
});

it('lists kinds under the family to which they belong, each under its own code', function (): void {
    $interfaces = [
        'event' => 'OpenBaton\\Core\\Rulebook\\Event\\EventKind',
        'pool' => 'OpenBaton\\Core\\Rulebook\\Pool\\Pool',
        'method' => 'OpenBaton\\Core\\Rulebook\\Method\\Method',
        'limit' => 'OpenBaton\\Core\\Rulebook\\Limit\\Limit',
        'otherwise' => 'OpenBaton\\Core\\Rulebook\\Otherwise\\Otherwise',
        'follow_up' => 'OpenBaton\\Core\\Rulebook\\FollowUp\\FollowUp',
        'gate' => 'OpenBaton\\Core\\Flow\\Gate\\Gate',
        'step' => 'OpenBaton\\Core\\Flow\\Run\\Step\\StepKind',
        'step_date' => 'OpenBaton\\Core\\Flow\\Run\\Date\\StepDate',
    ];
    expect(array_keys(StandardKinds::BY_FAMILY))->toBe(array_column(Family::cases(), 'value'));
    foreach (StandardKinds::BY_FAMILY as $family => $classes) {
        foreach ($classes as $class) {
            expect(is_subclass_of($class, $interfaces[$family]))->toBeTrue();
            expect(KindRegistry::standard()->of(Family::from($family))[$class::kind()])->toBe($class);
        }
    }
});

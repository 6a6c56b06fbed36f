<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\Rollout\LeafState;
use OpenBaton\Core\Flow\Rollout\Members;
use OpenBaton\Core\Flow\Rollout\PartProgress;
use OpenBaton\Core\Flow\Rollout\PlannedTask;
use OpenBaton\Core\Flow\Rollout\Rollout;
use OpenBaton\Core\Flow\Rollout\RolloutPlan;
use OpenBaton\Core\Flow\Rollout\RolloutProgress;
use OpenBaton\Core\Flow\Rollout\Tree;
use OpenBaton\Core\Flow\Rollout\TreeNode;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Text\PlainWords;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Workload\TaskStatus;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Two regions, three districts, five schools; one district has nobody, and its region neither. */
function schools(): Tree
{
    $school = static fn(string $id, string $in, int $players = 10, array $people = []): TreeNode => new TreeNode(
        $id,
        ucfirst($id) . ' Primary',
        $in,
        'school',
        $people,
        null,
        ['node.players' => $players],
    );

    return new Tree([
        new TreeNode('islands', 'The Islands', null, 'region', ['responsible' => 'bashir']),
        new TreeNode('north', 'North Shore', null, 'region'),
        new TreeNode('holms', 'The Holms', 'islands', 'district', ['responsible' => 'aroha', 'deputy' => 'viktor']),
        new TreeNode('sulla', 'Sulla', 'islands', 'district'),
        new TreeNode('carrow', 'Carrow', 'north', 'district'),
        $school('lesser', 'sulla'),
        $school('greater', 'sulla', 60),
        $school('skerry', 'holms'),
        $school('edda', 'holms', 40, ['responsible' => 'viktor']),
        $school('millrace', 'carrow'),
    ]);
}

/** @return list<string> ids */
function leafIds(Members $members): array
{
    return array_map(
        static fn(TreeNode $node): string => $node->id,
        $members->leaves(schools(), LocalDate::parse('2026-12-01')),
    );
}

/** @param mixed ...$more named arguments of Rollout */
function autumnCheck(mixed ...$more): Rollout
{
    return new Rollout(
        ...$more + [
            'name' => 'Autumn check',
            'taskKind' => 'tuning-visit',
            'title' => MergedText::parse('Autumn check, ~node.name~ (~node.parent|none~)'),
            'holder' => 'responsible',
        ],
    );
}

function planOf(Rollout $rollout, Members $members = new Members()): RolloutPlan
{
    $today = LocalDate::parse('2026-12-01');

    return RolloutPlan::of(
        $rollout,
        schools(),
        $members->leaves(schools(), $today),
        new PlainWords(new FieldCatalogue([])),
        $today,
    );
}

it('makes a task of each leaf of what is chosen: by branch, level and criteria', function (): void {
    expect(leafIds(new Members()))->toBe(['lesser', 'greater', 'skerry', 'edda', 'millrace']);
    expect(leafIds(new Members(['islands'])))->toBe(['lesser', 'greater', 'skerry', 'edda']);
    expect(leafIds(new Members(['holms', 'millrace'])))->toBe(['skerry', 'edda', 'millrace']);
    expect(leafIds(new Members(['islands'], without: ['sulla'])))->toBe(['skerry', 'edda']);
    // Of districts and regions the districts are the leaves.
    expect(leafIds(new Members(levels: ['district', 'region'])))->toBe(['holms', 'sulla', 'carrow']);
    $many = new Condition(
        new Comparison('node.players', 'more_than', 30),
        new FieldCatalogue([new Field('node.players', 'Players', FieldType::Number)]),
    );
    expect(leafIds(new Members(['islands'], ['school'], $many)))->toBe(['greater', 'edda']);
    expect(leafIds(new Members(['nowhere'])))->toBe([]);
});

it('gives each to whoever answers for the node, walking up where nobody is set', function (): void {
    $plan = planOf(autumnCheck());
    expect(
        array_map(
            static fn(PlannedTask $task): array => [$task->node->id, $task->holderId, $task->holderFrom],
            $plan->tasks,
        ),
    )->toBe([
        ['lesser', 'bashir', 'islands'],
        ['greater', 'bashir', 'islands'],
        ['skerry', 'aroha', 'holms'],
        ['edda', 'viktor', 'edda'],
        ['millrace', null, null],
    ]);
    expect(array_map(static fn(PlannedTask $task): string => $task->node->id, $plan->gaps()))->toBe(['millrace']);
    expect($plan->byPerson())->toBe(['bashir' => 2, 'aroha' => 1, 'viktor' => 1]);
    expect($plan->tasks[0]->title)->toBe('Autumn check, Lesser Primary (Sulla)');
});

it('has no gaps where the rules say whose it is, and no reviewer who does it themselves', function (): void {
    expect(planOf(autumnCheck(holder: null))->gaps())->toBe([]);
    $reviewed = planOf(autumnCheck(reviewer: 'deputy'), new Members(['holms']));
    expect(
        array_map(static fn(PlannedTask $task): array => [$task->holderId, $task->reviewerId], $reviewed->tasks),
    )->toBe([['aroha', 'viktor'], ['viktor', null]]);
});

it('is done in a part when all below it are; what was dropped does not count', function (): void {
    $now = Build::at('2026-12-10 12:00');
    $late = new LeafState(TaskStatus::Working, Build::at('2026-12-09 17:00'));
    $parts = RolloutProgress::of(
        schools(),
        [
            'lesser' => new LeafState(TaskStatus::Done),
            'greater' => new LeafState(TaskStatus::Dropped),
            'skerry' => $late,
            'edda' => new LeafState(TaskStatus::New, Build::at('2026-12-20 17:00')),
        ],
        $now,
    );
    expect($parts['sulla'])->toEqual(new PartProgress(1, 1, 0));
    expect($parts['sulla']->isDone())->toBeTrue();
    expect($parts['greater']->isDone())->toBeFalse();
    expect($parts['holms'])->toEqual(new PartProgress(2, 0, 1));
    expect($parts['islands'])->toEqual(new PartProgress(3, 1, 1));
    expect(array_keys($parts))->not->toContain('north', 'millrace');
});

it('is the same again with its dates moved', function (): void {
    $rollout = autumnCheck(startAt: Build::at('2026-09-07 09:00'), dueAt: Build::at('2026-09-30 17:00'), hidden: true);
    $again = $rollout->moved(Offset::parse('+3 months'), Build::calendar());
    // Nine by the clock stays nine, though the clocks were changed between.
    expect([$again->startAt, $again->dueAt])->toBe([Build::at('2026-12-07 09:00'), Build::at('2026-12-30 17:00')]);
    expect($again->hidden)->toBeTrue();
});

it('refuses what can not be', function (Closure $make, string $message): void {
    expect($make)->toThrow(Refusal::class, $message);
})->with([
    'due before it starts' => [static fn() => autumnCheck(startAt: 200, dueAt: 100), 'It is due before it starts.'],
    'hidden without a start' => [
        static fn() => autumnCheck(hidden: true),
        'What is not to be seen before its start needs one.',
    ],
    'two of one id' => [
        static fn() => new Tree([new TreeNode('a', 'A'), new TreeNode('a', 'B')]),
        'There is another node "a".',
    ],
    'in nothing' => [static fn() => new Tree([new TreeNode('a', 'A', 'z')]), '"a" lies in "z", which is not there.'],
    'in itself' => [
        static fn() => new Tree([new TreeNode('a', 'A', 'b'), new TreeNode('b', 'B', 'a')]),
        '"a" lies in itself, or more than 20 deep.',
    ],
]);

it('adds up over random trees: each leaf once, each part what lies in it', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $nodes = [];
    for ($number = 0; $number < 80; ++$number) {
        // Within one of the few before it, so that none is too deep.
        $parent = $number === 0 || $random->getInt(0, 9) === 0 ? null : 'n' . intdiv($number, $random->getInt(2, 4));
        $nodes[] = new TreeNode("n{$number}", "N{$number}", $parent === "n{$number}" ? null : $parent);
    }
    $tree = new Tree($nodes);
    $leaves = (new Members())->leaves($tree, LocalDate::parse('2026-12-01'));
    $states = [];
    foreach ($leaves as $leaf) {
        expect($tree->below($leaf->id))->toBe([$leaf->id]);
        $states[$leaf->id] = new LeafState($random->getInt(0, 1) === 0 ? TaskStatus::Done : TaskStatus::New);
    }
    $parts = RolloutProgress::of($tree, $states, 0);
    foreach ($tree->nodes as $id => $node) {
        $below = array_intersect_key($states, array_flip($tree->below((string) $id)));
        expect($parts[$id]->tasks)->toBe(count($below));
        expect($parts[$id]->isDone())->toBe(
            array_filter($below, static fn(LeafState $one): bool => $one->status !== TaskStatus::Done) === [],
        );
    }
    $tops = array_filter($nodes, static fn(TreeNode $node): bool => $node->parentId === null);
    expect(array_sum(array_map(static fn(TreeNode $top): int => $parts[$top->id]->tasks, $tops)))->toBe(count($leaves));
})->with(range(1, 5));

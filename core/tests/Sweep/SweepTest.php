<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\SweepFormat;
use OpenBaton\Core\Rulebook\Event\HolderChanges;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\ActsBeyond;
use OpenBaton\Core\Rulebook\FollowUp\AddTag;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\LightestLoad;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\ReachesOthers;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Sweep\RuleApplied;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Story;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

require_once __DIR__ . '/SweepFunctions.php';

const RUSH = ['field' => 'task.rush', 'op' => 'is', 'value' => true];

function brassRound(array $more = []): Rule
{
    return Build::rule('round', new TeamMembers('brass'), new RoundRobin('Bench'), ...['if' => RUSH] + $more);
}

function heldBy(string $id, ?string $holder, array $fields = ['task.rush' => true]): TaskSubject
{
    return Story::task($id)
        ->heldBy($holder)
        ->with(['fields' => $fields + ['task.kind' => 'repair']]);
}

it('applies a rule that waits for arrivals to work that is there: who is in its pool keeps it', function (): void {
    $other = Build::rule('other', new NamedPeople(['tobias']), new InOrder());
    $swept = applied(
        [$other, brassRound()],
        'round',
        heldBy('t1', 'tobias'),
        heldBy('t2', 'tobias'),
        heldBy('t3', 'femi'),
        heldBy('t4', null),
        heldBy('t5', 'tobias', []),
        heldBy('t6', 'tobias')->inStatus(TaskStatus::Done),
    );
    // Callum is away: Ayumi and Femi take turns.
    expect(array_map(saidOf(...), $swept))->toBe([
        'changes tobias ayumi',
        'changes tobias femi',
        'same femi femi',
        'changes - ayumi',
        null,
        null,
    ]);
});

it('counts each in the load of the next', function (): void {
    $rule = Build::rule('light', new NamedPeople(['ayumi', 'femi']), new LightestLoad());
    $tasks = array_map(static fn(int $n): TaskSubject => heldBy("t{$n}", 'tobias'), range(1, 4));
    expect(array_map(saidOf(...), applied([$rule], 'light', ...$tasks)))->toBe([
        'changes tobias ayumi',
        'changes tobias femi',
        'changes tobias ayumi',
        'changes tobias femi',
    ]);
});

it('says where a rule finds nobody: the task stays as it is, and its follow-ups do not act', function (): void {
    $rule = Build::rule('greta', new NamedPeople(['greta']), new InOrder(), then: [new AddTag('moved')]);
    [$swept] = applied([$rule], 'greta', heldBy('t1', 'tobias'));
    expect(saidOf($swept))->toBe('nobody tobias tobias')->and($swept?->after->tags)->toBe([]);
});

it('lets other rules answer, and names them', function (): void {
    $answers = Build::rule('told', null, then: [new AddTag('new hands')], when: [new HolderChanges()]);
    $rules = [brassRound(['then' => [new AddTag('brass')]]), $answers];
    [$swept] = applied($rules, 'round', heldBy('t1', 'tobias'));
    expect(saidOf($swept))
        ->toBe('changes tobias ayumi told')
        ->and($swept?->after->tags)
        ->toBe(['brass', 'new hands'])
        ->and([$swept?->made, $swept?->others])
        ->toBe([0, 0]);
});

it('counts tasks that are made, and tells that something is done where the task stays as it is', function (): void {
    $makes = Build::rule(
        'quote',
        null,
        if: ['field' => 'task.kind', 'op' => 'is', 'value' => 'repair'],
        then: [new CreateTask('quote', MergedText::parse('For ~task.kind~'))],
    );
    [$swept] = applied([$makes], 'quote', heldBy('t1', 'femi'));
    expect(saidOf($swept))
        ->toBe('changes femi femi')
        ->and([$swept?->made, $swept?->others])
        ->toBe([1, 0]);
});

it('applies no rule that is paused, unknown, or not valid now', function (): void {
    $paused = brassRound(['active' => false]);
    $later = brassRound(['validFrom' => Build::at('2026-03-02T10:00:01Z')]);
    expect(RuleApplied::named(Story::router([$paused]), 'round'))->toBeNull();
    expect(RuleApplied::named(Story::router([brassRound()]), 'other'))->toBeNull();
    expect(applied([$later], 'round', heldBy('t1', 'tobias')))->toBe([null]);
});

it('is recorded as what it is, for that rule alone', function (): void {
    $rules = [Build::rule('other', new NamedPeople(['tobias']), new InOrder()), brassRound()];
    $router = Story::router($rules);
    $change = RuleApplied::named($router, 'round')?->of(heldBy('t1', 'tobias'), 's1', Build::at(Story::NOW));
    assert($change instanceof ChangeSet);
    expect($change->trigger())->toEqual(new Trigger('applied', 'round', Build::at(Story::NOW)));
    $decision = Story::run($rules, $change)->links[0]->decision;
    assert($decision !== null);
    expect(Bench::verdicts($decision))->toBe(['not_this_event', 'decided']);
    expect(DecisionRecord::of($decision)['kinds'])->toBe(['applied']);
});

it('sweeps what meets the criteria, and hands it on', function (): void {
    $sweep = [
        'if' => RUSH,
        'hand_to' => 'femi',
        'then' => [['kind' => 'tag', 'tag' => 'swept'], ['kind' => 'priority', 'priority' => 'high']],
    ];
    $answers = Build::rule('told', null, then: [new AddTag('new hands')], when: [new HolderChanges()]);
    [$one, $two, $three] = sweptBy(
        $sweep,
        [$answers],
        heldBy('t1', 'tobias'),
        heldBy('t2', 'femi')->tagged('swept')->prioritised(Priority::High),
        heldBy('t3', 'tobias', []),
    );
    expect(array_map(saidOf(...), [$one, $two, $three]))->toBe(['changes tobias femi told', 'same femi femi', null]);
    expect([$one?->after->tags, $one?->after->priority])->toBe([['swept', 'new hands'], Priority::High]);
});

it('leaves alone what is done or dropped', function (TaskStatus $status): void {
    $task = heldBy('t1', 'tobias')->inStatus($status);
    expect(sweptBy(['hand_to' => 'femi'], [], $task))->toBe([null]);
})->with([TaskStatus::Done, TaskStatus::Dropped]);

it('is written as it was read', function (): void {
    $format = new SweepFormat(Build::context());
    $document = ['if' => RUSH, 'hand_to' => 'femi', 'then' => [['kind' => 'tag', 'tag' => 'swept']]];
    expect($format->write($format->read(Node::root($document))))->toBe($document);
    expect($format->write($format->read(Node::root(['hand_to' => 'femi']))))->toBe([
        'if' => ['all' => []],
        'hand_to' => 'femi',
        'then' => [],
    ]);
});

it('refuses what is wrong with it, with the place', function (array $document, array $faults): void {
    try {
        (new SweepFormat(new RuleContext(KindRegistry::standard(), Build::fields(), Bench::house())))->read(
            Node::root($document),
        );
        $this->fail('It was read.');
    } catch (DocumentError $error) {
        expect(array_column($error->faults, 'pointer'))->toBe($faults);
    }
})->with([
    'nothing to change' => [['if' => RUSH], ['']],
    'a stranger' => [['hand_to' => 'femi', 'give' => []], ['/give']],
    'several at once' => [
        ['if' => ['field' => 'task.no', 'op' => 'is', 'value' => 1], 'hand_to' => 'nemo', 'then' => [['kind' => 'no']]],
        ['/if/field', '/hand_to', '/then/0/kind'],
    ],
    'what only rules can do' => [
        ['then' => [['kind' => 'tag', 'tag' => 'a'], ['kind' => 'customer_owner']]],
        ['/then/1/kind'],
    ],
    'what acts on a case' => [
        ['then' => [['kind' => 'case_owner'], ['kind' => 'tag', 'tag' => 'a', 'of' => 'case']]],
        ['/then/0/kind', '/then/1/kind'],
    ],
]);

it('knows of every follow-up whether it acts on more than its task', function (): void {
    $beyond = $marked = [];
    foreach (KindRegistry::standard()->of(Family::FollowUp) as $kind => $class) {
        $source = (string) file_get_contents((string) (new ReflectionClass($class))->getFileName());
        preg_match_all('/^use (OpenBaton\\\\Core\\\\Subject\\\\Effect\\\\\w+);/m', $source, $used);
        foreach ($used[1] as $effect) {
            if (is_a($effect, ReachesOutside::class, true) || is_a($effect, ReachesOthers::class, true)) {
                $beyond[] = $kind;
            }
        }
        // What only moves a case, or gives it, reaches no other task.
        if (is_a($class, ActsBeyond::class, true) && !in_array($kind, ['move_stage', 'case_owner'], true)) {
            $marked[] = $kind;
        }
        expect(is_a($class, FollowUp::class, true))->toBeTrue();
    }
    expect($marked)
        ->toBe([
            'create_task',
            'customer_owner',
            'tell',
            'message',
            'ask_approval',
            'open_case',
            'close_case',
            'start_runsheet',
        ])
        ->and($beyond)
        ->toBe($marked);
});

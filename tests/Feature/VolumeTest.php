<?php

declare(strict_types=1);

use App\Bridge\DecisionReader;
use App\Intake\TakeInTask;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Rules\LockedDraft;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Routing\Rotations;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Method\RoundRobin;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Work;
use Tests\Support\House;

/** @return int queries of a call */
function queriesOf(Closure $call): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $call();
    DB::disableQueryLog();

    return count(DB::getQueryLog());
}

/** @return list<array<string, mixed>> rules of which the last takes repairs */
function manyRules(int $count): array
{
    $rules = [];
    for ($number = 1; $number < $count; ++$number) {
        $rules[] = House::rule(
            "quotes-{$number}",
            [
                'all' => [
                    ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                    ['field' => 'task.value', 'op' => 'more_than', 'value' => $number],
                ],
            ],
            ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
        );
    }
    $rules[] = House::roundRule();

    return $rules;
}

it('keeps a decision of the demo in 4 kB on average', function (): void {
    // Three of its weeks have all that its ten have.
    app(DemoSeeder::class)->run(3, 12);
    $bytes = DB::table('decisions')
        ->selectRaw('AVG(LENGTH(record) + LENGTH(facts)) AS bytes, COUNT(*) AS decisions')
        ->sole();
    expect((int) $bytes->decisions)->toBeGreaterThan(100);
    expect((float) $bytes->bytes)->toBeLessThan(4096.0);
});

it('keeps a decision over 200 rules and a pool of 60 of 200 people in 6 kB', function (): void {
    $people = array_map(
        static fn(int $number) => Build::person("person-{$number}", ['brass' => 1 + ($number % 3)]),
        range(1, 200),
    );
    $members = Build::members(...array_map(static fn(int $number): string => "person-{$number}", range(1, 60)));
    $rules = array_map(
        static fn(int $number) => Build::rule(
            "rule-{$number}",
            new TeamMembers('bench'),
            new RoundRobin('bench'),
            ['field' => 'task.count', 'op' => 'is', 'value' => $number],
            [new SkillAtLeast('brass', 2), new OpenTasksAtMost(5)],
        ),
        range(1, 200),
    );
    $roster = new Roster(Build::calendar(), $people, [new Team('bench', 'Bench', $members)], ['brass' => 'Brass']);
    $decision = (new Router($roster, CompiledRulebook::compile(new Rulebook(Build::fields(), $rules), 'v')))->decide(
        Build::event(['task.count' => 150]),
        Work::of([]),
        new Rotations(),
    );
    expect($decision->assigneeId)->toBe('person-1');
    expect(strlen((string) json_encode(DecisionRecord::of($decision))))->toBeLessThan(6 * 1024);
});

it('asks the same of the database to take a task in, whatever the rulebook and the history', function (): void {
    House::open();
    House::publish(...manyRules(2));
    // What is handed out after the commit is a worker's.
    config(['queue.default' => 'database']);
    $take = static fn(): mixed => app(TakeInTask::class)(
        Node::root(['title' => 'Trumpet', 'kind' => 'bench-repair']),
        TaskSource::ByHand,
        null,
    );
    $take();
    $few = queriesOf($take);
    House::publish(...manyRules(120));
    for ($more = 0; $more < 15; ++$more) {
        $take();
    }
    expect(queriesOf($take))->toBe($few);
    expect($few)->toBeLessThan(16);
});

it('keeps as little of a decision under many rules as under few', function (): void {
    House::open();
    $sizes = [];
    foreach ([2, 120] as $count) {
        House::publish(...manyRules($count));
        House::arrive();
        $sizes[] = (int) DB::table('decisions')
            ->orderByDesc('id')
            ->selectRaw('LENGTH(record) AS bytes')
            ->value('bytes');
    }
    $task = Task::query()->latest('number')->firstOrFail();
    $trace = app(DecisionReader::class)->document(Decision::query()->where('task_id', $task->id)->sole());
    expect(abs($sizes[1] - $sizes[0]))->toBeLessThan(64);
    expect($trace['verdicts'])->toHaveCount(120);
    expect(array_count_values(array_column($trace['verdicts'], 'verdict')))->toBe([
        'criterion_failed' => 119,
        'decided' => 1,
    ]);
});

it('saves a draft with as many queries whatever it has', function (): void {
    // Now and then a lock looks for others that have run out.
    config(['cache.stores.database.lock_lottery' => [0, 1]]);
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
    $save = fn(int $count): int => queriesOf(
        fn() => $this->putJson('/rulebook/draft', [
            'rules' => manyRules($count),
            'revision' => LockedDraft::revision(),
        ])->assertOk(),
    );
    $save(2);
    expect($save(150))->toBe($save(3));
});

it('shows the pages with as many queries whatever is there', function (string $url): void {
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
    House::arrive();
    $look = fn(): int => queriesOf(fn() => $this->get($url)->assertOk());
    $look();
    $few = $look();
    House::publish(...manyRules(80));
    for ($more = 0; $more < 10; ++$more) {
        House::arrive();
    }
    $look();
    expect($look())->toBe($few);
    expect($few)->toBeLessThan(34);
    expect(Decision::query()->count())->toBe(11);
})->with(['/floor', '/rulebook', '/in-hand', '/rulebook/export', '/rulebook/coverage?revision=0']);

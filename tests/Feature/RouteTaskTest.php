<?php

declare(strict_types=1);

use App\Bridge\DecisionReader;
use App\Intake\TakeInTask;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Routing\Outcome;
use Tests\Support\House;

beforeEach(function (): void {
    // A Monday; Dublin is on winter time.
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
});

it('routes a task, and keeps decision, handoff, due date and rotation together', function (): void {
    House::open();
    House::publish(House::roundRule());
    $first = House::arrive();
    $second = House::arrive();

    expect($first->assignee?->slug)->toBe('ayumi');
    expect($second->assignee?->slug)->toBe('femi');
    expect($first->due_at?->format('Y-m-d H:i'))->toBe('2026-03-04 17:00');

    $decision = Decision::query()->where('task_id', $first->id)->sole();
    expect($decision->outcome)->toBe(Outcome::Assigned);
    expect($decision->rule)->toBe('round');
    expect(app(DecisionReader::class)->document($decision)['verdicts'][0]['steps'][0]['kept'])->toBe([
        'ayumi',
        'femi',
        'callum',
    ]);

    $handoff = Handoff::query()->where('task_id', $first->id)->sole();
    expect([$handoff->from_id, $handoff->to_id, $handoff->cause, $handoff->decision_id])->toBe([
        null,
        House::person('ayumi')->id,
        HandoffCause::Rule,
        $decision->id,
    ]);

    // Two turns of a stride of 10^7 each, from half a stride.
    expect(DB::table('rotation_seats')->orderBy('position')->pluck('pass')->all())->toBe([
        15_000_000,
        15_000_000,
        5_000_000,
    ]);
    expect(Decision::query()->pluck('user_id')->all())->toBe([House::user('hanneke')->id, House::user('hanneke')->id]);
});

it('hands a named person\'s work to their substitute and says for whom and until when', function (): void {
    House::open([
        [
            'id' => 'away',
            'person' => 'callum',
            'first' => '2026-03-02',
            'last' => '2026-03-06',
            'status' => 'approved',
            'substitutes' => ['femi'],
        ],
    ]);
    House::publish(
        House::rule(
            'rework',
            ['all' => []],
            [
                'pool' => ['kind' => 'field', 'field' => 'task.repaired_by'],
                'method' => ['kind' => 'same_person'],
            ],
        ),
    );
    $task = House::arrive(facts: ['task.repaired_by' => 'callum']);

    $handoff = Handoff::query()->with('standsInFor')->where('task_id', $task->id)->sole();
    expect($task->assignee?->slug)->toBe('femi');
    expect($handoff->standsInFor?->slug)->toBe('callum');
    expect($handoff->away_until?->format('Y-m-d H:i'))->toBe('2026-03-07 00:00');
});

it('finds the responsible person of the district of the customer', function (): void {
    House::open();
    House::publish(
        House::rule(
            'district',
            ['field' => 'customer.region', 'op' => 'is', 'value' => 'islands'],
            [
                'pool' => ['kind' => 'field', 'field' => 'district.responsible'],
                'method' => ['kind' => 'same_person'],
            ],
        ),
    );
    expect(House::arrive(customer: 'holms-school')->assignee?->slug)->toBe('tobias');
    expect(House::arrive()->assignee)->toBeNull();
});

it('opens a task to those who may claim it', function (): void {
    House::open();
    House::publish(
        House::rule(
            'open',
            ['all' => []],
            [
                'pool' => ['kind' => 'skill', 'skill' => 'brass', 'level' => 2],
                'method' => ['kind' => 'open'],
            ],
        ),
    );
    $task = House::arrive();
    expect($task->assignee_id)->toBeNull();
    expect($task->claimants->pluck('slug')->sort()->values()->all())->toBe(['ayumi', 'femi']);
    expect(Handoff::query()->count())->toBe(0);
});

it('leaves a task unplaced without a rulebook, and says so', function (): void {
    House::open();
    $task = House::arrive();
    $decision = Decision::query()->where('task_id', $task->id)->sole();
    expect($task->assignee_id)->toBeNull();
    expect($decision->outcome)->toBe(Outcome::Unplaced);
    expect($decision->rulebook_version_id)->toBeNull();
});

it('counts the open work of the tables against a limit', function (): void {
    House::open();
    $rule = House::roundRule();
    $rule['give']['limits'] = [['kind' => 'open_tasks_at_most', 'tasks' => 1]];
    House::publish($rule);
    $assignees = [];
    for ($count = 0; $count < 4; ++$count) {
        $assignees[] = House::arrive()->assignee?->slug;
    }
    expect($assignees)->toBe(['ayumi', 'femi', 'callum', null]);
});

it('leaves nothing behind when something fails at the last step', function (): void {
    House::open();
    House::publish(House::roundRule());
    DB::listen(
        static fn(QueryExecuted $query) => str_contains($query->sql, 'insert into `handoffs`')
            ? throw new RuntimeException('The disk is full.')
            : null,
    );
    expect(static fn() => House::arrive())->toThrow(RuntimeException::class, 'disk');
    expect([
        Task::query()->count(),
        Decision::query()->count(),
        Handoff::query()->count(),
        DB::table('rotation_seats')->count(),
    ])->toBe([0, 0, 0, 0]);
});

it('keeps the handoff log append-only, against whoever asks', function (string $statement): void {
    House::open();
    House::publish(House::roundRule());
    House::arrive();
    expect(static fn() => DB::statement($statement))->toThrow(QueryException::class, 'append-only');
})->with(["UPDATE handoffs SET reason = 'other'", 'DELETE FROM handoffs']);

it('asks no more of the database for a house with much open work', function (): void {
    House::open();
    House::publish(House::roundRule());
    $count = static function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        House::arrive();

        return count(DB::getQueryLog());
    };
    $count();
    $few = $count();
    for ($more = 0; $more < 15; ++$more) {
        House::arrive();
    }
    expect($count())->toBe($few);
});

it('asks the database for each thing once', function (): void {
    House::open();
    House::publish(
        array_replace_recursive(House::roundRule(), [
            'give' => ['limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 6]]],
        ]),
    );
    $repair = Node::root(['title' => 'Trumpet', 'kind' => 'bench-repair', 'customer' => 'holms-school']);
    app(TakeInTask::class)($repair, TaskSource::Api, null);

    // What is handed out after the commit is a worker's.
    config(['queue.default' => 'database']);
    DB::flushQueryLog();
    DB::enableQueryLog();
    app(TakeInTask::class)($repair, TaskSource::Api, null);
    $queries = array_column(DB::getQueryLog(), 'query');
    preg_match_all('/(?:from|insert into|update) `(\w+)`/', implode('; ', $queries), $found);
    // The lock, the work and the rotation with its seats; then what is written.
    expect($found[1])->toBe([
        'houses',
        // Who of the pool has what together with others.
        'task_holders',
        'tasks',
        'rotations',
        'tasks',
        'decisions',
        'handoffs',
        'rotation_seats',
        'rotation_turns',
        'recorded_events',
    ]);
    expect($queries[0])->toContain('for update');
});

it('keeps ids as bytes, in every table', function (): void {
    $columns = DB::table('information_schema.columns')
        ->whereRaw('table_schema = DATABASE()')
        ->where('column_type', 'char(26)');
    expect((clone $columns)->count())->toBeGreaterThan(50);
    expect(
        (clone $columns)
            ->where('collation_name', '<>', 'ascii_bin')
            ->get(['table_name', 'column_name'])
            ->all(),
    )->toBe([]);
});

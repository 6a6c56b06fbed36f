<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Rules\LockedDraft;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/CoverFunctions.php';

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T10:00:00Z'));
    House::open();
    $round = House::roundRule();
    $round['give']['limits'] = [['kind' => 'open_tasks_at_most', 'tasks' => 2]];
    House::publish($round);
    $this->actingAs(House::user('hanneke'));
});

/** @return array<string, array<string, mixed>> sides of the page by their code */
function whySides(array $asked): array
{
    $page = test()
        ->get('/rulebook/why?' . http_build_query($asked))
        ->assertOk();

    return array_column($page->viewData('page')['props']['sides'], null, 'code');
}

/** @return list<string> what is said of a person, and what it would need */
function answersOf(array $side): array
{
    return array_map(
        static fn(array $one): string => "{$one['rule']}: {$one['said']} {$one['needs']}",
        $side['answers'],
    );
}

it('says what the rules would do with a task now, beside what they did then', function (): void {
    $task = House::arrive();
    House::arrive();
    away('callum', '2026-03-03', '2026-03-06', []);
    $this->travelTo(CarbonImmutable::parse('2026-03-03T10:00:00Z'));
    ['published' => $now, 'then' => $then] = whySides(['task' => $task->id]);
    expect([$then['trail']['pick']['slug'], $now['trail']['pick']['slug']])->toBe(['ayumi', 'ayumi']);
    expect($then['version'])->toBe('1');
    expect($now['criteria'])->toBeNull();

    $said = static fn(string $person): array => array_map(
        answersOf(...),
        whySides(['task' => $task->id, 'person' => $person]),
    );
    expect($said('callum'))->toBe([
        'published' => [
            'Rule round: They were left out at “present”: away until the end of Fri 6 Mar. They would have to be ' .
            'back, or the rule put their substitute in their place.',
        ],
        'then' => [
            'Rule round: They could get it, and Ayumi Kato was chosen by “round-robin “Brass bench””: their turn, ' .
            'where they have as near, but further down the order. Their turn would have to come before.',
        ],
    ]);
    expect($said('tobias')['published'])->toBe([
        'Rule round: They are not of its pool: Brass bench. They would have to be in that pool, or another pool be ' .
        'named.',
    ]);
    expect($said('ayumi')['then'])->toBe(['Rule round: The rule gives it to them. ']);
    // What she has herself of it does not count against Ayumi.
    foreach (range(1, 3) as $number) {
        House::arrive();
    }
    expect($said('ayumi')['published'])->toBe(['Rule round: The rule gives it to them. ']);
    expect($said('femi')['published'])->toBe([
        'Rule round: They were left out at “with few enough open tasks”: 2 open tasks already, 2 at most with the ' .
        'new one. They would need fewer open tasks, or the rule a higher limit.',
    ]);
    expect(Task::query()->where('status', TaskStatus::New)->count())->toBe(5);
});

it('tries one rule alone, by the draft and by what is in force, with what became of its criteria', function (): void {
    $rule = House::rule(
        'dear',
        [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
                [
                    'any' => [
                        ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
                        ['field' => 'task.needed', 'op' => 'is_filled'],
                    ],
                ],
            ],
        ],
        ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
    );
    $this->putJson('/rulebook/draft', [
        'rules' => [House::roundRule(), $rule],
        'revision' => LockedDraft::revision(),
    ])->assertOk();
    $cheap = House::arrive(facts: ['task.value' => 12.5]);
    ['published' => $published, 'draft' => $draft] = whySides(['task' => $cheap->id, 'rule' => 'dear']);
    expect($published['trail'])->toBeNull();
    expect($draft['trail']['pick'])->toBeNull();
    expect($draft['before'])->toBe('Rule round');
    expect($draft['criteria'])->toBe([
        'kind' => 'all',
        'holds' => false,
        'parts' => [
            ['kind' => null, 'holds' => true, 'asks' => 'Kind of task is Bench repair', 'seen' => 'Bench repair'],
            [
                'kind' => 'any',
                'holds' => false,
                'parts' => [
                    ['kind' => null, 'holds' => false, 'asks' => 'Value is more than EUR 400', 'seen' => 'EUR 12.50'],
                    ['kind' => null, 'holds' => false, 'asks' => 'Needed on is filled in', 'seen' => 'empty'],
                ],
            ],
        ],
    ]);

    $dear = House::arrive(facts: ['task.value' => 500]);
    $draft = whySides(['task' => $dear->id, 'rule' => 'dear', 'person' => 'tobias'])['draft'];
    expect($draft['trail']['pick']['slug'])->toBe('tobias');
    expect($draft['criteria']['holds'])->toBeTrue();
    expect(answersOf($draft))->toBe(['Rule dear: The rule gives it to them. ']);
});

it('tries a rule that waits for something else as if that happened', function (): void {
    $review = House::rule(
        'review',
        ['field' => 'task.kind', 'op' => 'is', 'value' => 'bench-repair'],
        [
            'seat' => 'reviewer',
            'pool' => [
                'kind' => 'except',
                'pool' => ['kind' => 'team', 'team' => 'brass-bench'],
                'without' => ['kind' => 'field', 'field' => 'task.assignee'],
            ],
            'method' => ['kind' => 'in_order'],
        ],
    );
    $review['when'] = [['kind' => 'status_becomes', 'statuses' => ['in_review']]];
    House::publish(House::roundRule(), $review);
    $task = House::arrive();
    $side = whySides(['task' => $task->id, 'rule' => 'review'])['published'];
    expect($side['waits'])->toBe('it becomes in review');
    expect([$task->assignee?->slug, $side['trail']['seat'], $side['trail']['pick']['slug']])->toBe([
        'ayumi',
        'reviewer',
        'femi',
    ]);
    $task->update(['status' => TaskStatus::Done]);
    expect(whySides(['task' => $task->id])['published']['trail']['pick'])->not->toBeNull();
});

it('tells of a task that is made up on the spot, and makes none', function (): void {
    $made = (string) json_encode(['kind' => 'bench-repair', 'title' => 'A tuba', 'fields' => ['task.value' => 900]]);
    $sides = whySides(['made' => $made, 'rule' => 'round', 'person' => 'femi']);
    expect(array_keys($sides))->toBe(['published']);
    expect($sides['published']['trail']['pick']['slug'])->toBe('ayumi');
    expect($sides['published']['criteria']['holds'])->toBeTrue();
    expect(answersOf($sides['published'])[0])->toContain('Rule round');
    $page = $this->get('/rulebook/why?' . http_build_query(['made' => $made]))->viewData('page')['props'];
    expect([$page['task'], $page['made']])->toBe([
        null,
        ['title' => 'A tuba', 'kind' => 'Bench repair', 'document' => $made],
    ]);
    expect(Task::query()->count())->toBe(0);
    foreach (['{', '{"kind":"nothing","title":"x"}', str_repeat('x', 5000)] as $wrong) {
        $this->getJson('/rulebook/why?' . http_build_query(['made' => $wrong]))->assertUnprocessable();
    }
});

it('is for those who write rules, and knows nothing of what is not there', function (): void {
    $task = House::arrive();
    expect(whySides(['task' => 'nothing', 'rule' => 'none', 'person' => 'nobody']))->toBe([]);
    expect(whySides(['task' => $task->id, 'person' => 'nobody'])['published']['answers'])->toBeNull();
    $this->get('/rulebook/why?task[]=1')->assertRedirect();
    $this->actingAs(House::user('ayumi'))->get('/rulebook/why')->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->assertInertia(fn($page) => $page->where('task.asksWhy', true));
    $this->actingAs(House::user('ayumi'))
        ->get("/tasks/{$task->id}")
        ->assertInertia(fn($page) => $page->where('task.asksWhy', false));
});

it('asks the database no more for many tasks and rules', function (): void {
    $count = static function (): int {
        $task = House::arrive();
        DB::flushQueryLog();
        DB::enableQueryLog();
        whySides(['task' => $task->id, 'person' => 'femi']);

        return count(DB::getQueryLog());
    };
    $count();
    $few = $count();
    foreach (range(1, 10) as $number) {
        House::arrive();
    }
    expect($count())->toBe($few);
});

<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskList;
use Carbon\CarbonImmutable;
use Database\Factories\Tasks\TaskFactory;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\PropTypes;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $at = static fn(string $moment): CarbonImmutable => CarbonImmutable::parse($moment);
    // Held in turn by Ayumi, Femi, Callum.
    foreach (
        [
            ['Cornet', ['due_at' => $at('2026-03-01T10:00:00Z'), 'priority' => Priority::High, 'tags' => ['rush']]],
            ['Tuba', ['due_at' => $at('2026-03-02T16:00:00Z')]],
            ['Bugle', ['due_at' => $at('2026-03-06T16:00:00Z'), 'status' => TaskStatus::Working]],
            ['Flute', ['due_at' => null, 'priority' => Priority::Urgent, 'facts' => ['task.value' => 40]]],
        ]
        as [$title, $more]
    ) {
        House::arrive('bench-repair', title: $title)->update($more);
    }
    House::arrive('quote', title: 'Price of a horn', customer: 'holms-school')->update(['due_at' => null]);
    House::arrive('quote', title: 'Old oboe')->update([
        'status' => TaskStatus::Done,
        'completed_at' => now(),
        'due_at' => null,
    ]);
});

/** @return array<string, mixed> */
function listed(mixed $test, string $query = '', string $who = 'hanneke'): array
{
    app()->forgetScopedInstances();
    $props = $test
        ->actingAs(House::user($who))
        ->get("/tasks?{$query}")
        ->assertOk()
        ->viewData('page')['props'];
    expect(PropTypes::check('tasks', [['TasksPage', 'TasksPageProps', $props]]))->toBe('');

    return $props;
}

/** @return list<string> titles */
function titles(mixed $test, string $query, string $who = 'hanneke'): array
{
    return array_column(listed($test, $query, $who)['rows'], 'title');
}

it('narrows, sorts and says the list in words', function (string $query, array $titles, string $said): void {
    $props = listed($this, $query);
    expect([array_column($props['rows'], 'title'), $props['said'], $props['total']])->toBe([
        $titles,
        $said,
        count($titles),
    ]);
})->with([
    'as usual' => ['', ['Cornet', 'Tuba', 'Bugle', 'Flute', 'Price of a horn'], 'open'],
    'of a kind' => [
        'kind=quote&status=all&sort=title',
        ['Old oboe', 'Price of a horn'],
        'open or not, of the kind Quote',
    ],
    'in a status' => ['status=done', ['Old oboe'], 'Done'],
    'held by' => ['holder=ayumi&sort=number', ['Cornet', 'Flute'], 'open, held by Ayumi Kato'],
    'held by nobody' => ['holder=nobody', ['Price of a horn'], 'open, held by nobody'],
    'in a team' => [
        'team=brass-bench&sort=title&down=1',
        ['Tuba', 'Flute', 'Cornet', 'Bugle'],
        'open, held in Brass bench',
    ],
    'late' => ['due=late', ['Cornet'], 'open, late'],
    'today' => ['due=today', ['Tuba'], 'open, due today'],
    'this week' => ['due=week', ['Tuba', 'Bugle'], 'open, due this week'],
    'without a date' => ['due=none&sort=number', ['Flute', 'Price of a horn'], 'open, without a date'],
    'for a customer' => ['customer=holms-school', ['Price of a horn'], 'open, for The Holms Primary School'],
    'tagged' => ['tag=rush', ['Cornet'], 'open, tagged rush'],
    'by priority' => [
        'sort=priority&down=1&priority=',
        ['Flute', 'Cornet', 'Price of a horn', 'Bugle', 'Tuba'],
        'open',
    ],
    'by the name of whoever holds it' => [
        'sort=holder&kind=bench-repair',
        ['Cornet', 'Flute', 'Bugle', 'Tuba'],
        'open, of the kind Bench repair',
    ],
    'nothing' => ['kind=quote&holder=femi', [], 'open, of the kind Quote, held by Femi Adeyinka'],
]);

it('finds a number', function (): void {
    $number = Task::query()->where('title', 'Tuba')->value('number');
    expect(titles($this, "q={$number}"))->toBe(['Tuba']);
});

it('groups, with how many are in each', function (): void {
    $props = listed($this, 'group=kind&sort=number');
    expect(array_column($props['groups'], 'count', 'label'))->toEqual(['Bench repair' => 4, 'Quote' => 1]);
    expect(array_column($props['rows'], 'title'))->toBe(['Cornet', 'Tuba', 'Bugle', 'Flute', 'Price of a horn']);
    expect(array_column(listed($this, 'group=holder')['groups'], 'count', 'label'))->toEqual([
        'nobody' => 1,
        'Ayumi Kato' => 2,
        'Femi Adeyinka' => 1,
        'Callum Rees' => 1,
    ]);
});

it('shows fields of the house that are asked for', function (): void {
    $props = listed($this, 'cols=title,task.value&sort=number');
    expect((array) $props['rows'][3]['facts'])->toHaveKey('task.value');
    expect(array_column($props['columns'], 'value'))->toContain('task.value')->not->toContain('customer.hire_ends');
});

it('shows members what they may see, and refuses what no address has', function (): void {
    expect(titles($this, 'sort=number', 'tobias'))->toBe([]);
    expect(titles($this, 'sort=number', 'ayumi'))->not->toContain('Price of a horn')->toContain('Cornet');
    $this->getJson('/tasks?sort=colour')->assertUnprocessable();
    $this->getJson('/tasks?status=lost')->assertUnprocessable();
    $this->getJson('/tasks?page=0')->assertUnprocessable();
    app('auth')->forgetGuards();
    $this->getJson('/tasks')->assertUnauthorized();
});

it('goes out as a table as it is narrowed and sorted', function (): void {
    $out = $this->actingAs(House::user('hanneke'))
        ->get('/tasks/export?kind=bench-repair&sort=title')
        ->streamedContent();
    $lines = explode("\n", trim($out));
    expect($lines[0])->toContain('№,Task,Kind,Customer')->toContain('Value');
    expect(array_map(static fn(string $line): string => explode(',', $line)[1], array_slice($lines, 1)))->toBe([
        'Bugle',
        'Cornet',
        'Flute',
        'Tuba',
    ]);
    expect($lines[3])->toContain('40');
});

it('keeps lists under a name, for oneself or for all, and takes one\'s own away', function (): void {
    $save = fn(string $who, string $name, bool $shared) => $this->actingAs(House::user($who))->post('/task-lists', [
        'name' => $name,
        'shared' => $shared,
        'query' => ['due' => 'late', 'strange' => 'x', 'status' => 'open'],
    ]);
    $save('hanneke', 'What is late', true)->assertSessionHasNoErrors();
    $save('hanneke', 'Mine', false)->assertSessionHasNoErrors();
    $save('hanneke', 'Mine', false)->assertSessionHasNoErrors();
    $save('ayumi', '', false)->assertSessionHasErrors('name');
    expect(array_column(listed($this)['lists'], 'name'))->toBe(['Mine', 'What is late']);
    $lists = listed($this, '', 'ayumi')['lists'];
    expect([$lists[0]['name'], $lists[0]['own'], $lists[0]['by'], (array) $lists[0]['query']])->toBe([
        'What is late',
        false,
        'Hanneke de Wit',
        ['due' => 'late'],
    ]);
    $id = TaskList::query()->where('name', 'What is late')->sole()->id;
    $this->actingAs(House::user('ayumi'))
        ->delete("/task-lists/{$id}")
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->delete("/task-lists/{$id}")
        ->assertRedirect();
    expect(TaskList::query()->pluck('name')->all())->toBe(['Mine']);
});

it('hands several on at once, and tells those that can not be', function (): void {
    $ids = Task::query()
        ->whereIn('title', ['Cornet', 'Tuba', 'Old oboe'])
        ->pluck('id')
        ->all();
    $answer = $this->actingAs(House::user('hanneke'))
        ->postJson('/tasks/many/hand-on', ['ids' => $ids, 'to' => 'femi', 'reason' => 'Femi has room'])
        ->assertOk()
        ->json();
    // Tuba is Femi's already, the oboe is done.
    expect([$answer['done'], array_column($answer['refused'], 'number')])->toBe([
        1,
        Task::query()
            ->whereIn('title', ['Tuba', 'Old oboe'])
            ->orderBy('number')
            ->pluck('number')
            ->all(),
    ]);
    expect(Task::query()->with('assignee')->where('title', 'Cornet')->sole()->assignee?->slug)->toBe('femi');
    $this->actingAs(House::user('ayumi'))
        ->postJson('/tasks/many/hand-on', ['ids' => $ids, 'to' => 'femi', 'reason' => 'x'])
        ->assertForbidden();
});

it('asks as many queries for many tasks as for few', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        $this->actingAs(House::user('hanneke'))->get('/tasks?group=holder&cols=title,task.value')->assertOk();

        return count(DB::getQueryLog());
    };
    $count();
    DB::enableQueryLog();
    $few = $count();
    TaskFactory::new()
        ->count(60)
        ->create(['customer_id' => Customer::query()->sole()->id]);
    expect($count())->toBe($few);
});

<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Models\Events\Notice;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskHolder;
use App\People\CloseDown;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    togetherRule();
    $this->task = House::arrive();
});

function togetherRule(bool $doTogether = false): void
{
    House::publish(
        House::rule(
            'all',
            ['all' => []],
            [
                'pool' => ['kind' => 'people', 'people' => ['femi', 'ayumi', 'tobias']],
                'method' => ['kind' => 'everyone', 'do_together' => $doTogether],
            ],
        ),
    );
}

/** @return list<string> slugs of all who hold it */
function holdersOf(Task $task): array
{
    $fresh = Task::query()
        ->with(['assignee', 'holdsWith'])
        ->findOrFail($task->id);

    return [
        ...$fresh->assignee === null ? [] : [$fresh->assignee->slug],
        ...array_values($fresh->holdsWith->pluck('slug')->all()),
    ];
}

/** @return list<string> from whom to whom, and why */
function passedOn(Task $task): array
{
    return Handoff::query()
        ->with(['from', 'to'])
        ->where('task_id', $task->id)
        ->orderBy('id')
        ->get()
        ->map(
            static fn(Handoff $one): string => ($one->from->slug ?? '-') .
                ' ' .
                ($one->to->slug ?? '-') .
                " {$one->cause->value}" .
                ($one->together ? ' together' : ''),
        )
        ->all();
}

/** @return list<string> */
function toldTo(string $who): array
{
    return Notice::query()
        ->where('person_id', House::person($who)->id)
        ->with('other')
        ->orderBy('id')
        ->get()
        ->map(static fn(Notice $one): string => trim("{$one->kind->value} " . ($one->other->slug ?? '')))
        ->all();
}

it('goes to all of them, and is in the hands and the load of each', function (): void {
    expect(holdersOf($this->task))->toBe(['femi', 'ayumi', 'tobias']);
    expect(passedOn($this->task))->toBe(['- femi rule together', '- ayumi rule together', '- tobias rule together']);
    $house = app(SnapshotSource::class)->current();
    foreach (['femi', 'ayumi', 'tobias'] as $who) {
        expect(toldTo($who))->toBe(['routed']);
        $this->actingAs(House::user($who));
        $props = $this->get('/in-hand')->assertOk()->viewData('page')['props'];
        expect(array_column($props['tasks'], 'together', 'id'))->toBe([$this->task->id => true]);
        expect(array_column([$props['task']['assignee'], ...$props['task']['heldWith']], 'slug'))->toBe([
            'femi',
            'ayumi',
            'tobias',
        ]);
        // Two hours for three.
        foreach ([WorkReader::of(new Needs([$who], [$who]), $house), WorkReader::ofEverybody($house)] as $work) {
            expect($work->held($who)->loading[0]->effort->left())->toBe(40);
            expect($work->held($who)->lastAssignedAt)->toBe(now()->getTimestamp());
        }
    }
    $listed = fn(string $query): array => array_column(
        $this->get("/tasks?{$query}")->viewData('page')['props']['rows'],
        'number',
    );
    $this->actingAs(House::user('hanneke'));
    expect([$listed('holder=tobias'), $listed('holder=callum')])->toBe([[$this->task->number], []]);
});

it('is kept and read as the core has it', function (): void {
    $subject = static fn() => app(TaskSubjects::class)->of(
        Task::query()->with(TaskSubjects::RELATIONS)->findOrFail(test()->task->id),
        app(Houses::class)->now(),
    );
    expect([$subject()->holderIds(), $subject()->sharing?->doTogether])->toBe([['femi', 'ayumi', 'tobias'], false]);
    togetherRule(true);
    $this->task = House::arrive();
    expect($subject()->sharing?->doTogether)->toBeTrue();
});

it('is alone with whoever starts it, and the others are told', function (): void {
    $this->actingAs(House::user('tobias'))
        ->post("/tasks/{$this->task->id}/start", ['revision' => 1])
        ->assertRedirect();
    expect(holdersOf($this->task))->toBe(['tobias']);
    expect(TaskHolder::query()->count())->toBe(0);
    expect(array_slice(passedOn($this->task), 3))->toBe(['femi - begun together', 'ayumi - begun together']);
    expect([toldTo('femi'), toldTo('ayumi'), toldTo('tobias')])->toBe([
        ['routed', 'lost tobias'],
        ['routed', 'lost tobias'],
        ['routed'],
    ]);
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$this->task->id}/complete")
        ->assertForbidden();
    $page = $this->actingAs(House::user('tobias'))->get('/in-hand')->viewData('page')['props']['task'];
    expect($page['reasons'][0])->toMatchArray([
        'title' => 'Why Tobias Lindqvist',
        'said' => 'Tobias Lindqvist began with it, which several held together.',
    ]);
});

it('is started by one of two at once: the other sees that it has moved on', function (): void {
    $this->actingAs(House::user('femi'))->post("/tasks/{$this->task->id}/start", ['revision' => 1]);
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/start", ['revision' => 1])
        ->assertForbidden();
    expect(holdersOf($this->task))->toBe(['femi']);
});

it('stays with all of them where they do it together, until it is done', function (): void {
    togetherRule(true);
    $task = House::arrive();
    $this->actingAs(House::user('tobias'))->post("/tasks/{$task->id}/start");
    expect(holdersOf($task))->toBe(['femi', 'ayumi', 'tobias']);
    $this->actingAs(House::user('ayumi'))->post("/tasks/{$task->id}/complete");
    expect($task->refresh()->status)->toBe(TaskStatus::Done);
    expect(TaskHolder::query()->where('task_id', $task->id)->where('open', false)->count())->toBe(2);
    foreach (['femi', 'ayumi', 'tobias'] as $who) {
        $props = $this->actingAs(House::user($who))->get('/in-hand')->viewData('page')['props'];
        expect(array_column($props['done'], 'id'))->toBe([$task->id]);
        expect(array_column($props['tasks'], 'id'))->toBe([$this->task->id]);
    }
});

it('lets each take themselves off, but not the last', function (): void {
    foreach (['femi', 'tobias'] as $who) {
        $this->actingAs(House::user($who))
            ->post("/tasks/{$this->task->id}/take-off")
            ->assertRedirect();
    }
    expect(holdersOf($this->task))->toBe(['ayumi']);
    expect(array_slice(passedOn($this->task), 3))->toBe(['femi - taken_off together', 'tobias - taken_off together']);
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/take-off")
        ->assertSessionHas('problem');
    $this->actingAs(House::user('callum'))
        ->post("/tasks/{$this->task->id}/take-off")
        ->assertForbidden();
    expect(holdersOf($this->task))->toBe(['ayumi']);
});

it('is handed on by one of them for their own part, by the lead as a whole', function (): void {
    $data = ['to' => 'callum', 'reason' => 'No time'];
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/hand-on", $data)
        ->assertRedirect();
    expect(holdersOf($this->task))->toBe(['femi', 'callum', 'tobias']);
    $this->actingAs(House::user('hanneke'))
        ->post("/tasks/{$this->task->id}/hand-on", $data)
        ->assertRedirect();
    expect(holdersOf($this->task))->toBe(['callum']);
});

it('goes on with the others when one of them leaves', function (): void {
    app(CloseDown::class)(House::person('femi'), '2026-03-01', null, [], Actor::user(House::user('hanneke')));
    expect(holdersOf($this->task))->toBe(['ayumi', 'tobias']);
});

it('is told to programs with all who have it', function (): void {
    $token = House::user('hanneke')->createToken('t', ['tasks:read'])->plainTextToken;
    $document = $this->withToken($token)
        ->getJson("/api/v1/tasks/{$this->task->id}")
        ->assertOk()
        ->json();
    expect([$document['assignee']['id'], array_column($document['held_with'], 'id')])->toBe([
        'femi',
        ['ayumi', 'tobias'],
    ]);
    $decision = $this->withToken($token)
        ->getJson("/api/v1/tasks/{$this->task->id}/decision")
        ->json();
    expect([$decision['trace']['assignee'], $decision['trace']['held_with']])->toBe(['femi', ['ayumi', 'tobias']]);
});

it('asks once for who holds what, however many tasks are held together', function (): void {
    $count = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        WorkReader::of(new Needs(['femi', 'ayumi']), app(SnapshotSource::class)->current());

        return count(DB::getQueryLog());
    };
    $count();
    $few = $count();
    foreach (range(1, 4) as $more) {
        House::arrive();
    }
    expect($count())->toBe($few);
});

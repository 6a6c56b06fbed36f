<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Bridge\WorkReader;
use App\Models\Events\Notice;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
    $this->do = fn(string $who, string $what, array $data = []): TestResponse => $this->actingAs(
        House::user($who),
    )->post("/tasks/{$this->task->id}/{$what}", $data + ['from' => 'in-hand']);
    $this->may = fn(string $who): array => array_keys(
        array_filter(
            $this->actingAs(House::user($who))
                ->get("/tasks/{$this->task->id}")
                ->viewData('page')['props']['task']['may'],
        ),
    );
    $this->inHand = fn(string $who): array => $this->actingAs(House::user($who))
        ->get('/in-hand')
        ->assertOk()
        ->viewData('page')['props'];
});

it('is put off with a word, takes no time until then, and comes back', function (): void {
    ($this->do)('ayumi', 'postpone', ['at' => '2026-03-05T09:00:00Z', 'note' => 'Parts come then'])->assertRedirect(
        '/in-hand',
    );
    expect($this->task->refresh()->status)->toBe(TaskStatus::New);
    $props = ($this->inHand)('ayumi');
    expect($props['tasks'][0]['startsAt'])->toBe('2026-03-05T09:00:00Z');
    expect($props['tasks'][0]['postponedFor'])->toBe('Parts come then');
    // Nothing opens by itself but what can be done now, where there is such.
    $other = House::arrive();
    ($this->do)('hanneke', 'hand-on', ['to' => 'femi', 'reason' => 'To see both.']);
    $other->refresh()->update(['assignee_id' => House::person('ayumi')->id]);
    $house = app(SnapshotSource::class)->current();
    expect(WorkReader::of(new Needs(['femi'], []), $house)->held('femi')->loading[0]->startAt)->toBe(
        strtotime('2026-03-05T09:00:00Z'),
    );
    // From nine on it would take two hours of eighty hundredths: done at 11:30.
    expect((array) ($this->inHand)('femi')['plan']['finishes'])->toBe([$this->task->id => '2026-03-05T11:30:00Z']);
    expect(($this->inHand)('femi')['plan']['planned'])->toBe(0);
    expect(
        TaskChange::query()->where('task_id', $this->task->id)->where('occasion', 'postponed')->value('reason'),
    )->toBe('Parts come then');
    Clock::set('2026-03-05T09:00:00Z');
    expect(($this->may)('femi'))->not->toContain('take_up');
    expect(($this->inHand)('femi')['task']['id'])->toBe($this->task->id);
});

it('is taken up before, by a press or by beginning', function (): void {
    ($this->do)('ayumi', 'take-up')->assertSessionHas('problem');
    foreach (['take-up' => TaskStatus::New, 'start' => TaskStatus::Working] as $what => $status) {
        ($this->do)('ayumi', 'postpone', ['at' => '2026-03-05T09:00:00Z']);
        expect(($this->may)('ayumi'))->toContain('take_up');
        ($this->do)('ayumi', $what);
        $this->task->refresh();
        expect([$this->task->starts_at, $this->task->status])->toBe([null, $status]);
    }
    // Begun or not, it can be put off.
    ($this->do)('ayumi', 'postpone', ['at' => '2026-03-05T09:00:00Z']);
    expect($this->task->refresh()->status)->toBe(TaskStatus::Working);
});

it('is not put off to what is past, nor for ever, nor by others', function (mixed $at): void {
    ($this->do)('ayumi', 'postpone', ['at' => $at])->assertSessionHasErrors('at');
    ($this->do)('femi', 'postpone', ['at' => '2026-03-05T09:00:00Z'])->assertForbidden();
    expect($this->task->refresh()->starts_at)->toBeNull();
})->with([[null], ['yesterday'], ['2026-03-02T10:00:00Z'], ['2040-01-01T00:00:00Z'], ['no moment']]);

it('is marked for somebody else, where the lead finds it, until somebody else has it', function (): void {
    ($this->do)('ayumi', 'to-hand-on', ['note' => 'Not my trade'])->assertRedirect();
    expect(($this->may)('ayumi'))->toContain('keep')->not->toContain('to_hand_on');
    $this->actingAs(House::user('hanneke'));
    $floor = $this->get('/floor')->viewData('page')['props']['toHandOn'];
    expect([$floor[0]['id'], $floor[0]['holder']['slug'], $floor[0]['note']])->toBe([
        $this->task->id,
        'ayumi',
        'Not my trade',
    ]);
    $listed = fn(): array => array_column(
        $this->get('/tasks?status=to_hand_on')->viewData('page')['props']['rows'],
        'id',
    );
    expect($listed())->toBe([$this->task->id]);
    ($this->do)('hanneke', 'hand-on', ['to' => 'tobias', 'reason' => 'You can.']);
    expect($this->task->refresh()->to_hand_on)->toBeFalse();
    expect($listed())->toBe([]);
});

it('keeps what whoever marked it does after all', function (): void {
    ($this->do)('ayumi', 'to-hand-on');
    ($this->do)('ayumi', 'keep');
    expect($this->task->refresh()->to_hand_on)->toBeFalse();
    expect(($this->may)('ayumi'))->toContain('to_hand_on');
});

it('lets rules answer a mark', function (): void {
    House::publish(
        House::roundRule(),
        array_replace(
            House::rule(
                'away',
                ['all' => []],
                [
                    'pool' => ['kind' => 'people', 'people' => ['tobias']],
                    'method' => ['kind' => 'in_order'],
                    'anew' => true,
                ],
            ),
            ['when' => [['kind' => 'marked_to_hand_on']]],
        ),
    );
    ($this->do)('ayumi', 'to-hand-on');
    $this->task->refresh();
    expect([$this->task->assignee?->slug, $this->task->to_hand_on])->toBe(['tobias', false]);
});

it('is given back to all whom it was open to, and to nobody who has left', function (): void {
    House::publish(
        House::rule(
            'open',
            ['all' => []],
            [
                'pool' => ['kind' => 'people', 'people' => ['femi', 'ayumi', 'callum']],
                'method' => ['kind' => 'open'],
            ],
        ),
    );
    $this->task = House::arrive();
    expect(($this->may)('ayumi'))->toContain('claim');
    ($this->do)('ayumi', 'claim');
    expect(($this->may)('ayumi'))->toContain('give_back');
    House::person('callum')->update(['active' => false]);
    App\Models\House\House::query()->increment('roster_revision');
    ($this->do)('ayumi', 'give-back')->assertRedirect('/in-hand');
    $this->task->refresh();
    expect($this->task->assignee_id)->toBeNull();
    expect($this->task->claimants()->orderBy('slug')->pluck('slug')->all())->toBe(['ayumi', 'femi']);
    $last = Handoff::query()->where('task_id', $this->task->id)->orderByDesc('id')->firstOrFail();
    expect([$last->cause, $last->to_id])->toBe([HandoffCause::GaveBack, null]);
    // What was given to somebody was open to nobody.
    ($this->do)('femi', 'claim');
    ($this->do)('femi', 'hand-on', ['to' => 'ayumi', 'reason' => 'Yours.']);
    expect(($this->may)('ayumi'))->not->toContain('give_back');
    ($this->do)('ayumi', 'give-back')->assertSessionHas('problem');
    expect($this->task->refresh()->assignee?->slug)->toBe('ayumi');
});

it('says who could have it, how loaded they are and what stands against them', function (): void {
    $this->task->update(['due_at' => '2026-03-02T12:00:00Z']);
    $answer = $this->actingAs(House::user('ayumi'))
        ->getJson("/tasks/{$this->task->id}/receivers?person=tobias")
        ->assertOk()
        ->json('receivers');
    $by = array_column($answer, null, 'slug');
    expect(array_keys($by))->toEqualCanonicalizing(['femi', 'callum', 'tobias']);
    // Two hours at eighty hundredths of ten to half past twelve, half an hour late for all; Tobias is outside the pool.
    expect($by['femi']['finishAt'])->toBe('2026-03-02T12:30:00Z');
    expect($by['femi']['against'])->toBe(['30 min late by their load']);
    expect($by['tobias']['against'])->toBe([
        'not one of those whom the rule chooses from',
        '30 min late by their load',
    ]);
    expect([$by['femi']['openTasks'], $by['femi']['loadPercent'], $by['femi']['away']])->toBe([0, 0, null]);
    $this->actingAs(House::user('femi'))
        ->getJson("/tasks/{$this->task->id}/receivers")
        ->assertForbidden();
});

it('adds a task for oneself that no rule gives to anybody', function (): void {
    $made = $this->actingAs(House::user('tobias'))
        ->postJson('/tasks?own=1', ['kind' => 'quote', 'title' => 'Tidy the drawer'])
        ->assertCreated();
    $task = Task::query()->findOrFail($made->json('id'));
    expect([$task->assignee?->slug, $task->creator_id])->toBe(['tobias', House::person('tobias')->id]);
    expect(Handoff::query()->where('task_id', $task->id)->value('cause'))->toBe(HandoffCause::Given);
    expect(Notice::query()->where('task_id', $task->id)->exists())->toBeFalse();
    expect(($this->inHand)('tobias')['tasks'][0]['id'])->toBe($task->id);
});

it('does the same with several, each by itself, and with none where one is not theirs', function (): void {
    $mine = array_map(fn(): Task => House::arrive(), range(1, 3));
    Task::query()->update(['assignee_id' => House::person('ayumi')->id]);
    $ids = array_column($mine, 'id');
    $many = fn(string $who, string $what, array $data): TestResponse => $this->actingAs(House::user($who))->postJson(
        "/tasks/many/{$what}",
        $data,
    );
    $many('ayumi', 'postpone', ['ids' => $ids, 'at' => '2026-03-05T09:00:00Z'])->assertExactJson([
        'done' => 3,
        'refused' => [],
    ]);
    expect(Task::query()->whereKey($ids)->distinct()->pluck('starts_at')->count())->toBe(1);
    $many('femi', 'complete', ['ids' => $ids])->assertForbidden();
    Task::query()
        ->whereKey($ids[0])
        ->update(['assignee_id' => House::person('femi')->id]);
    $many('ayumi', 'complete', ['ids' => $ids])->assertForbidden();
    expect(Task::query()->where('status', TaskStatus::Done)->count())->toBe(0);
    Task::query()
        ->whereKey($ids[0])
        ->update(['assignee_id' => House::person('ayumi')->id]);
    ($this->do)('ayumi', 'complete');
    $answer = $many('ayumi', 'complete', ['ids' => [...$ids, $this->task->id]])->assertOk();
    expect([$answer->json('done'), $answer->json('refused.0.number')])->toBe([3, $this->task->number]);
    $many('ayumi', 'postpone', ['ids' => $ids, 'at' => 'yesterday'])->assertStatus(422);
    $many('ayumi', 'hand-on', ['ids' => $ids, 'to' => 'nobody', 'reason' => 'x'])->assertStatus(422);
});

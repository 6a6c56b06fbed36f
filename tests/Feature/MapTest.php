<?php

declare(strict_types=1);

use App\Map\WorkOutMap;
use App\Models\Cases\CaseStay;
use App\Models\Map\MapArrow;
use App\Models\Map\MapNode;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;
use Tests\Support\HouseMap;
use Tests\Support\Runsheets;

beforeEach(function (): void {
    // A Wednesday, 10:00 in the house.
    Clock::set('2026-03-11T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->sheet = Runsheets::publish(Runsheets::largeRepair());
});

it('counts what each rule gave to whom, by groups and, where they are opened, by what is in them', function (): void {
    HouseMap::begunAfter(1, 'femi');
    HouseMap::begunAfter(3, 'femi');
    HouseMap::begunAfter(2, 'ayumi');
    HouseMap::workOut();
    $rule = MapNode::query()->where('kind', 'rule')->sole();
    expect(HouseMap::arrows(HouseMap::page($this))['does rules > team.brass-bench'])->toBe([3, 120]);
    $opened = HouseMap::arrows(HouseMap::page($this, 'open[]=rules&open[]=team.brass-bench'));
    expect($opened["does {$rule->node} > team.brass-bench/femi"])
        ->toBe([2, 60])
        ->and($opened["does {$rule->node} > team.brass-bench/ayumi"])
        ->toBe([1, 120])
        // What is summed up of what is drawn is not drawn again.
        ->and(array_keys($opened))
        ->not->toContain('does rules > team.brass-bench', "does {$rule->node} > team.brass-bench");
    expect([$rule->number, $rule->median])->toBe([3, 120]);
});

it('counts runs from step to step, and finds what one person can alone', function (): void {
    $run = Runsheets::start($this->sheet, House::arrive());
    $diagnosis = Runsheets::taskOf($run, 'diagnosis');
    Task::query()
        ->whereKey($diagnosis->id)
        ->update(['arrived_at' => '2026-03-09 09:00:00', 'started_at' => '2026-03-09 10:30:00']);
    RunBlock::query()
        ->where('run_id', $run->id)
        ->where('key', 'diagnosis')
        ->update([
            'state' => StepState::Done,
            'reached_at' => '2026-03-09 09:00:00',
            'settled_at' => '2026-03-09 11:00:00',
        ]);
    RunBlock::query()->create([
        'run_id' => $run->id,
        'key' => 'bench',
        'round' => 1,
        'state' => StepState::Open,
        'reached_at' => '2026-03-09 11:00:00',
    ]);
    HouseMap::workOut();
    $props = HouseMap::page($this, 'open[]=runsheet.large-repair&open[]=team.brass-bench&person=femi');
    $arrows = HouseMap::arrows($props);
    expect($arrows['next runsheet.large-repair/diagnosis > runsheet.large-repair/bench'])
        ->toBe([1, 120])
        ->and($arrows['does runsheet.large-repair/diagnosis > team.brass-bench/femi'])
        ->toBe([1, 90]);
    $found = array_values(array_filter($props['findings'], static fn(array $one) => $one['kind'] === 'only_one_can'));
    expect($found[0])
        ->toMatchArray(['number' => 1, 'median' => 90])
        ->and($found[0]['place'])
        ->toBe([
            'node' => 'runsheet.large-repair/diagnosis',
            'kind' => 'step',
            'name' => 'Diagnosis',
            'within' => 'Large repair',
        ])
        ->and($found[0]['person']['slug'])
        ->toBe('femi');
    $own = array_column($props['work']['rows'], null, 'group')['runsheet.large-repair'];
    expect($own)->toMatchArray(['number' => 1, 'others' => [], 'couldToo' => 0]);
});

it('tells of somebody’s work who else could have it', function (): void {
    HouseMap::begunAfter(1, 'femi');
    HouseMap::workOut();
    $row = HouseMap::page($this, 'person=femi')['work']['rows'][0];
    expect($row['couldToo'])
        ->toBe(count($row['others']))
        ->toBeGreaterThan(0)
        ->and(array_column($row['others'], 'slug'))
        ->toContain('ayumi')
        ->not->toContain('femi');
    expect(HouseMap::page($this, 'person=nobody')['work'])->toBeNull();
});

it('counts how cases stood in stages, duties, and who handed work on', function (): void {
    $case = Cases::open();
    CaseStay::query()
        ->where('case_id', $case->id)
        ->update(['left_at' => '2026-03-10 09:00:00', 'minutes' => 480]);
    CaseStay::query()->create([
        'case_id' => $case->id,
        'track_id' => $case->track_id,
        'place' => 2,
        'stage' => 'fitting',
        'came_from' => $case->stage,
        'entered_at' => '2026-03-10 09:00:00',
    ]);
    $duty = Duties::save();
    $made = HouseMap::begunAfter(4, 'tobias');
    Task::query()
        ->whereKey($made->id)
        ->update(['duty_id' => $duty->id]);
    Handoff::query()->create([
        'task_id' => $made->id,
        'from_id' => House::person('femi')->id,
        'to_id' => House::person('tobias')->id,
        'cause' => HandoffCause::HandOn,
        'at' => '2026-03-09 12:00:00',
        'together' => false,
    ]);
    HouseMap::workOut();
    $tobias = MapNode::query()->where('kind', 'person')->where('key', 'tobias')->sole();
    $arrows = HouseMap::arrows(
        HouseMap::page($this, "open[]=track.hire&open[]=duties&open[]={$tobias->within}&open[]=team.brass-bench"),
    );
    expect($arrows["next track.hire/{$case->stage} > track.hire/fitting"])
        ->toBe([1, 480])
        ->and($arrows["does duties/reeds > {$tobias->node}"])
        ->toBe([1, 240])
        // It was begun an hour after it was handed on.
        ->and($arrows["hands_on team.brass-bench/femi > {$tobias->node}"])
        ->toBe([1, 60]);
});

it('looks no further back than eight weeks, and at nothing that was dropped', function (): void {
    $old = HouseMap::begunAfter(1, 'femi');
    Task::query()
        ->whereKey($old->id)
        ->update(['arrived_at' => '2026-01-14 09:00:00']);
    Decision::query()->update(['at' => '2026-01-14 09:00:00']);
    $dropped = HouseMap::begunAfter(1, 'femi');
    Task::query()
        ->whereKey($dropped->id)
        ->update(['status' => TaskStatus::Dropped]);
    HouseMap::workOut();
    expect(MapArrow::query()->where('kind', 'does')->sum('number'))->toEqual(0);
    $rule = MapNode::query()->where('kind', 'rule')->sole();
    expect($rule->number)->toBe(1);
});

it('works it out in the background, and again when somebody looks some minutes later', function (): void {
    Queue::fake();
    expect(HouseMap::page($this))->toMatchArray(['drawnAt' => null, 'nodes' => [], 'arrows' => []]);
    Queue::assertPushed(WorkOutMap::class, 1);
    HouseMap::workOut();
    HouseMap::page($this);
    Queue::assertPushed(WorkOutMap::class, 1);
    Clock::set('2026-03-11T10:11:00Z');
    expect(HouseMap::page($this)['drawnAt'])->toBe('2026-03-11T10:00:00Z');
    Queue::assertPushed(WorkOutMap::class, 2);
});

it('draws what is open now, with what happens most first, whatever the address says', function (): void {
    HouseMap::workOut();
    expect(HouseMap::page($this, 'open[]=nothing&at=nothing&person=')['view'])->toBe([
        'open' => [],
        'at' => 'nothing',
        'person' => '',
    ]);
    $this->get('/map?open=team')->assertInvalid('open');
    $this->get('/map?' . http_build_query(['open' => array_fill(0, 41, 'team.brass-bench')]))->assertInvalid('open');
    $inside = ['kind' => 'rule', 'within' => 'rules', 'name' => 'One of many'];
    for ($number = 1; $number <= 200; ++$number) {
        MapNode::query()->insert($inside + ['node' => "rules/{$number}", 'key' => $number, 'number' => $number]);
    }
    $props = HouseMap::page($this, 'open[]=rules');
    expect($props['left']['nodes'])
        ->toBe(41)
        ->and(array_column($props['nodes'], 'id'))
        ->toContain('rules/200')
        ->not->toContain('rules/1');
});

it('is for those who see the floor', function (): void {
    $this->actingAs(House::user('femi'))->get('/map')->assertForbidden();
});

it('asks no more of the database for more work', function (): void {
    $count = function (): int {
        HouseMap::workOut();
        DB::enableQueryLog();
        HouseMap::page($this, 'open[]=rules&open[]=team.brass-bench&person=femi');
        $queries = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $queries;
    };
    HouseMap::begunAfter(1, 'femi');
    $before = $count();
    Runsheets::start($this->sheet, House::arrive());
    Cases::open();
    Duties::save();
    foreach (['femi', 'ayumi', 'tobias'] as $who) {
        HouseMap::begunAfter(2, $who);
    }
    expect($count())->toBeLessThanOrEqual($before);
    expect(Run::query()->count())->toBe(1);
});

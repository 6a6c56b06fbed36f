<?php

declare(strict_types=1);

use App\Models\People\Skill;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/LevellingFunctions.php';

/** @return array<string, mixed> */
function floor_(mixed $test, string $query = ''): array
{
    return $test
        ->actingAs(House::user('hanneke'))
        ->get("/floor{$query}")
        ->assertOk()
        ->viewData('page')['props'];
}

/** @return list<string> slugs of the lanes, in their order */
function lanesShown(mixed $test, string $query): array
{
    return array_merge(
        [],
        ...array_map(
            static fn(array $team): array => array_column($team['people'], 'slug'),
            floor_($test, $query)['teams'],
        ),
    );
}

beforeEach(function (): void {
    // Ayumi: sixteen hours due this evening.
    $this->tasks = benchInNeed();
});

it('answers who has room, who is over, what will be late, what nobody has, who is away', function (): void {
    DB::table('tasks')
        ->where('id', $this->tasks[3]->id)
        ->update(['assignee_id' => null]);
    Task::query()
        ->whereKey($this->tasks[0]->id)
        ->update(['due_at' => '2026-03-02 08:00:00']);
    $this->actingAs(House::user('hanneke'))->post('/people/callum/ill', [])->assertRedirect();
    $answers = floor_($this)['answers'];
    // Overdue are four hours, then comes what is due this evening: of eight hours an hour and 36 minutes is in time.
    expect($answers['late'])->toMatchArray(['overdue' => 1, 'tooLate' => 2]);
    expect($answers['over'])->toBe([
        'count' => 1,
        'people' => [['slug' => 'ayumi', 'name' => 'Ayumi Kato', 'minutes' => 384, 'from' => '2026-03-02T17:00:00Z']],
    ]);
    expect($answers['unplaced'])->toBe(1);
    expect(array_column($answers['away']['people'], 'slug'))->toBe(['callum']);
    expect($answers['room']['count'])->toBe(3);
    // Four and a half days at four fifths, and one of seven hours.
    expect($answers['room']['people'][0]['minutes'])->toBe(4 * 384 + 336);
    $worst = $answers['late']['worst'];
    expect(array_column($worst, 'finishAt'))->toBe(['2026-03-03T17:00:00Z', '2026-03-03T12:00:00Z']);
    expect($worst[0]['lateBy'])->toBe(24 * 60);
    // Callum is away; Femi has nothing to do.
    expect(floor_($this)['tooLate'][0]['help'])->toBe([
        'slug' => 'femi',
        'name' => 'Femi Adeyinka',
        'finishAt' => '2026-03-02T15:00:00Z',
        'inTime' => true,
    ]);
});

it('begins at the next working day where the house is closed for today, and tells what is left', function (
    string $now,
    bool $isToday,
    string $first,
    array $before,
): void {
    Clock::set($now);
    $floor = floor_($this);
    expect([$floor['isToday'], $floor['days'][0]])->toBe([$isToday, $first]);
    $lane = array_column($floor['lanes'], null, 'slug')['ayumi'];
    expect(array_values($lane['before']))->toBe($before);
    expect($lane['days'])->toHaveCount(5);
})->with([
    'in the morning' => ['2026-03-02T10:00:00Z', true, '2026-03-02', [0, 0]],
    'in the evening' => ['2026-03-02T19:00:00Z', false, '2026-03-03', [960, 0]],
    'at a weekend' => ['2026-03-07T12:00:00Z', false, '2026-03-09', [960, 0]],
]);

it('shows what somebody still does today whose day is later than that of the house', function (): void {
    Task::query()->update(['assignee_id' => House::person('tobias')->id]);
    House::person('tobias')->update(['zone' => 'America/Chicago']);
    DB::table('houses')->increment('roster_revision');
    // In Chicago it is noon: five hours are left, of which four are worked.
    Clock::set('2026-03-02T18:00:00Z');
    $lane = array_column(floor_($this)['lanes'], null, 'slug')['tobias'];
    expect($lane['before'])->toBe(['behind' => 960, 'planned' => 240]);
    expect($lane['days'][0]['planned'])->toBe(384);
});

it('shows whom one asks for, in groups and in order', function (string $query, array $lanes): void {
    expect(lanesShown($this, $query))->toBe($lanes);
})->with([
    'those who are over' => ['?only=over', ['ayumi']],
    'the fullest first' => ['?group=none&sort=load&team=brass-bench', ['ayumi', 'femi', 'callum']],
    'by skill' => ['?group=skill&skill=brass', ['ayumi', 'femi']],
    'nobody' => ['?only=away', []],
    'most room first' => ['?group=none&sort=room&only=room&skill=brass', ['femi']],
    'in no place' => ['?group=place&team=brass-bench', ['ayumi', 'femi', 'callum']],
    'nowhere' => ['?place=the-holms', []],
]);

it('looks two and four weeks ahead', function (int $weeks, int $days): void {
    $floor = floor_($this, "?weeks={$weeks}");
    expect($floor['days'])->toHaveCount($days);
    expect($floor['lanes'][0]['days'])->toHaveCount($days);
    expect(array_column($floor['lanes'], null, 'slug')['femi']['free'])->toBe(($days - 1) * 384 + 336);
})->with([[1, 5], [2, 10], [4, 20]]);

it('opens a day of somebody with what is done when', function (): void {
    Task::query()
        ->whereKey($this->tasks[1]->id)
        ->update(['due_at' => '2026-03-02 16:00:00']);
    $person = floor_($this, '?person=ayumi&day=2026-03-02')['person'];
    expect(
        array_map(static fn(array $one): array => [$one['title'], $one['from'], $one['to']], $person['day']['blocks']),
    )->toBe([
        ['Horn 2', '2026-03-02T10:00:00Z', '2026-03-02T15:00:00Z'],
        ['Horn 1', '2026-03-02T15:00:00Z', '2026-03-02T17:00:00Z'],
    ]);
    expect(((array) $person['finishes'])[$this->tasks[1]->id])->toBe('2026-03-02T15:00:00Z');
    expect(floor_($this, '?person=ayumi')['person']['day'])->toBeNull();
    expect(floor_($this, '?person=nobody')['person'])->toBeNull();
});

it('shows one day by hours: when each is there, and what they do when', function (): void {
    Task::query()
        ->whereKey($this->tasks[1]->id)
        ->update(['due_at' => '2026-03-02 15:00:00']);
    House::person('tobias')->update(['zone' => 'Europe/Helsinki']);
    $floor = floor_($this, '?weeks=0');
    expect($floor['days'])->toBe(['2026-03-02']);
    // Tobias, two hours ahead, begins at seven by the clock of the house.
    expect($floor['axis'])->toBe(['from' => '2026-03-02T07:00:00Z', 'to' => '2026-03-02T17:00:00Z']);
    $lanes = array_column($floor['lanes'], 'hours', 'slug');
    expect($lanes['femi'])->toBe([
        'there' => [['from' => '2026-03-02T09:00:00Z', 'to' => '2026-03-02T17:00:00Z']],
        'blocks' => [],
    ]);
    expect(
        array_map(
            static fn(array $one): array => [$one['title'], $one['from'], $one['to'], $one['late']],
            $lanes['ayumi']['blocks'],
        ),
    )->toBe([
        ['Horn 2', '2026-03-02T10:00:00Z', '2026-03-02T15:00:00Z', false],
        ['Horn 1', '2026-03-02T15:00:00Z', '2026-03-02T17:00:00Z', false],
    ]);
    expect(floor_($this)['axis'])->toBeNull();
    // What is done on another day is not of this one; what is done too late says so.
    Clock::set('2026-03-03T10:00:00Z');
    $late = array_column(floor_($this, '?weeks=0')['lanes'], 'hours', 'slug')['ayumi']['blocks'];
    expect(array_unique(array_column($late, 'late')))->toBe([true]);
    expect(max(array_column($late, 'to')))->toBe('2026-03-03T17:00:00Z');
});

it('says of a task that nobody has what would help', function (): void {
    House::publish(
        House::rule(
            'paused',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            [
                'pool' => ['kind' => 'people', 'people' => ['femi', 'callum']],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'skill_at_least', 'skill' => 'brass', 'level' => 3]],
                'otherwise' => ['kind' => 'unplaced'],
            ],
        ),
    );
    House::person('callum')->update(['intake_paused_until' => '2026-03-05T09:00:00Z']);
    DB::table('houses')->increment('roster_revision');
    House::arrive('quote', title: 'Quote for a tuba');
    $lines = array_column(floor_($this)['unplaced'], 'help', 'title');
    expect($lines['Quote for a tuba'])->toBe([
        'rule' => 'Rule paused',
        'ruleId' => 'paused',
        'inPool' => 2,
        'kept' => [['reason' => 'skill_at_least', 'count' => 1], ['reason' => 'paused', 'count' => 1]],
        'backAt' => null,
    ]);
    DB::table('tasks')
        ->where('id', $this->tasks[0]->id)
        ->update(['assignee_id' => null]);
    $lines = array_column(floor_($this)['unplaced'], 'help', 'title');
    expect($lines['Horn 1'])->toMatchArray(['rule' => null, 'inPool' => 0]);
});

it('tries again what nobody has, when one asks for it', function (): void {
    DB::table('tasks')
        ->where('id', $this->tasks[0]->id)
        ->update(['assignee_id' => null]);
    $this->actingAs(House::user('femi'))
        ->post("/floor/unplaced/{$this->tasks[0]->id}/retry")
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->post("/floor/unplaced/{$this->tasks[0]->id}/retry")
        ->assertRedirect();
    expect($this->tasks[0]->refresh()->assignee_id)->not->toBeNull();
});

it('asks as often of the database however many people, tasks and unplaced there are', function (): void {
    $count = function (string $query): int {
        floor_($this, $query);
        DB::enableQueryLog();
        DB::flushQueryLog();
        floor_($this, $query);

        return count(DB::getQueryLog());
    };
    DB::table('tasks')
        ->where('id', $this->tasks[0]->id)
        ->update(['assignee_id' => null]);
    $few = array_map($count, ['', '?group=skill', '?group=place', '?person=ayumi&day=2026-03-02']);
    for ($n = 5; $n <= 14; ++$n) {
        House::arrive(title: "Horn {$n}");
    }
    DB::table('tasks')
        ->whereIn('title', ['Horn 5', 'Horn 6', 'Horn 7'])
        ->update(['assignee_id' => null]);
    foreach (['keys', 'tuning'] as $slug) {
        Skill::query()->create(['slug' => $slug, 'name' => ucfirst($slug)]);
    }
    expect(array_map($count, ['', '?group=skill', '?group=place', '?person=ayumi&day=2026-03-02']))->toBe($few);
});

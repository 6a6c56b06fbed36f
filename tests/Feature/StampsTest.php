<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Access\Speaker;
use App\Models\Events\Notice;
use App\Models\People\Person;
use App\Models\Tasks\ChainCut;
use App\Rules\LockedDraft;
use App\Rules\SaveDraft;
use App\Tasks\CommentOn;
use App\Tasks\HandOnTask;
use App\Tasks\StartTask;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use Symfony\Component\Finder\Finder;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::rule(
            'one',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'same_person']],
        ),
    );
    $this->task = House::arrive(title: 'Horn');
    $this->other = House::arrive(title: 'Tuba');
    app(HandOnTask::class)($this->other, House::person('tobias'), 'Knows it', House::user('femi'));
});

const ALL_TOPICS = ['work', 'house', 'rules', 'mine', 'strip'];

/** @return array<string, string> of all topics, for somebody */
function stampsOf(mixed $test, string $who): array
{
    app()->forgetScopedInstances();
    $topics = [...ALL_TOPICS, "task:{$test->task->id}", "task:{$test->other->id}"];

    return $test
        ->actingAs(House::user($who))
        ->getJson('/pulse?topics=' . implode(',', $topics))
        ->assertOk()
        ->json('topics');
}

it('moves the stamps of what has changed, and no others', function (string $who, Closure $do, array $moved): void {
    $this->cut = ChainCut::query()->create([
        'task_id' => $this->task->id,
        'at' => now(),
        'reason' => CutReason::Circle,
        'rules' => [],
    ]);
    $before = stampsOf($this, $who);
    $do($this);
    $now = stampsOf($this, $who);
    $names = ["task:{$this->task->id}" => 'task', "task:{$this->other->id}" => 'other'];
    expect(
        array_values(
            array_map(
                static fn(string $topic): string => $names[$topic] ?? $topic,
                array_keys(array_diff_assoc($now, $before)),
            ),
        ),
    )->toBe($moved);
})->with([
    'a task of theirs is begun' => [
        'femi',
        static fn(mixed $test) => app(StartTask::class)($test->task, House::user('femi')),
        ['work', 'mine', 'task'],
    ],
    'a task of somebody else is begun' => [
        'femi',
        static fn(mixed $test) => app(StartTask::class)($test->other->refresh(), House::user('tobias')),
        ['work', 'other'],
    ],
    'something is said on a task of theirs' => [
        'femi',
        static fn(mixed $test) => app(CommentOn::class)(
            $test->task,
            'Well?',
            [],
            Speaker::user(House::user('hanneke')),
        ),
        ['work', 'mine', 'strip', 'task'],
    ],
    'they are named on a task of somebody else' => [
        'femi',
        static fn(mixed $test) => app(CommentOn::class)(
            $test->other->refresh(),
            'Well?',
            ['femi'],
            Speaker::user(House::user('hanneke')),
        ),
        ['work', 'mine', 'strip', 'other'],
    ],
    'a task comes to somebody else' => ['tobias', static fn() => House::arrive(), ['work', 'strip']],
    'a task comes to them' => ['femi', static fn() => House::arrive(), ['work', 'mine', 'strip']],
    'they have read what they were told' => [
        'femi',
        static fn(mixed $test) => $test
            ->actingAs(House::user('femi'))
            ->post(
                '/notices/' .
                    Notice::query()->where('person_id', House::person('femi')->id)->latest('id')->first()?->id .
                    '/seen',
            )
            ->assertRedirect(),
        ['mine', 'strip'],
    ],
    'a draft is saved' => [
        'hanneke',
        static fn() => app(SaveDraft::class)([], LockedDraft::revision(), Actor::user(House::user('hanneke'))),
        ['rules'],
    ],
    'the house changes' => [
        'femi',
        static fn(mixed $test) => $test
            ->actingAs(House::user('hanneke'))
            ->put('/house/sight', ['open' => true])
            ->assertSessionHasNoErrors(),
        ['house', 'strip'],
    ],
    'a lead has seen what was told of rules' => [
        'hanneke',
        static fn(mixed $test) => $test
            ->actingAs(House::user('hanneke'))
            ->post("/cuts/{$test->cut->id}/seen")
            ->assertRedirect(),
        ['house', 'strip'],
    ],
]);

it('says nothing of topics where nothing has moved, by one query', function (): void {
    $this->actingAs(House::user('femi'));
    $stamp = $this->getJson('/pulse?topics=mine,strip')->json('stamp');
    DB::enableQueryLog();
    expect($this->getJson('/pulse?topics=mine,strip&known=' . urlencode($stamp))->json())->toBe(['stamp' => $stamp]);
    expect(DB::getQueryLog())->toHaveCount(1);
    expect(
        $this->getJson('/pulse?topics=mine,opera,task:none,' . str_repeat('work,', 30))
            ->assertOk()
            ->json('topics'),
    )->toHaveKeys(['mine', 'work', 'task:none']);
});

it('asks as many queries for stamps, however much there is', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        $this->actingAs(House::user('femi'));
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->getJson('/pulse?topics=' . implode(',', ALL_TOPICS))->assertOk();

        return count(DB::getQueryLog());
    };
    $few = $count();
    for ($more = 0; $more < 10; ++$more) {
        House::arrive();
    }
    expect($count())->toBe($few);
    expect($few)->toBeLessThan(12);
});

it('knows of every page which of its props are about what', function (): void {
    $topics = json_decode(
        (string) file_get_contents(resource_path('js/lib/topics.json')),
        true,
        8,
        JSON_THROW_ON_ERROR,
    );
    $pages = [];
    foreach (Finder::create()->files()->name('*.php')->in(app_path('Http')) as $file) {
        preg_match_all("/Inertia::render\\(\s*'([^']+)'/", $file->getContents(), $found);
        array_push($pages, ...$found[1]);
    }
    expect(array_keys($topics))->toEqualCanonicalizing(array_values(array_unique($pages)));
    // What is on a page from when it is made until it is left.
    $fixed = [
        'view',
        'chosen',
        'recentDays',
        'zones',
        'asked',
        'page',
        'errors',
        'viewer',
        'status',
        'stamp',
        'notice',
        'abilities',
        'roles',
        'self',
    ];
    app()->forgetScopedInstances();
    foreach (
        [
            '/floor',
            '/in-hand',
            "/tasks/{$this->task->id}",
            '/tasks/new',
            '/rulebook',
            '/people?person=femi',
            '/customers',
            '/me',
            '/absences',
        ]
        as $url
    ) {
        $user = House::user('hanneke');
        Person::query()
            ->where('slug', 'hanneke')
            ->update(['user_id' => $user->id]);
        $page = $this->actingAs($user)->get($url)->assertOk()->viewData('page');
        $about = $topics[$page['component']];
        $known = in_array('all', $about, true) ? array_keys($page['props']) : array_merge(...array_values($about));
        expect([$url, array_values(array_diff(array_keys($page['props']), $known, $fixed))])->toBe([$url, []]);
        expect([
            $url,
            array_values(array_diff(array_filter($known, is_string(...)), array_keys($page['props']))),
        ])->toBe([$url, []]);
    }
});

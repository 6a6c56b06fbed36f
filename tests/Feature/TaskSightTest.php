<?php

declare(strict_types=1);

use App\Models\Access\Role;
use App\Models\Access\User;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Standings;

require_once __DIR__ . '/TaskSightFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-03T10:00:00Z');
    Storage::fake('tasks');
    House::open();
    House::publish(House::roundRule(), [
        'id' => 'parts',
        'name' => 'Parts',
        'when' => [['kind' => 'pressed', 'label' => 'Order parts']],
        'then' => [['kind' => 'tag', 'tag' => 'parts']],
    ]);
    $this->task = House::arrive(title: 'Bassoon with a heron on it');
    $this->task->update(['contact' => 'bassoon@holms.example']);
    $file = TaskFile::query()->create([
        'task_id' => $this->task->id,
        'user_id' => House::user('hanneke')->id,
        'name' => 'heron.txt',
        'type' => 'text/plain',
        'size' => 5,
        'path' => 'heron',
        'at' => now(),
    ]);
    Storage::disk('tasks')->put('heron', 'heron');
    $this->values = [
        '{task}' => $this->task->id,
        '{decision}' => (string) Decision::query()->where('task_id', $this->task->id)->first()?->id,
        '{file}' => $file->id,
        '{rule}' => 'parts',
    ];
});

/** Whether a request gets beyond the question of who asks: whatever else is wrong with it. */
function getsIn(mixed $test, User $user, string $route): bool
{
    [$method, $path] = explode(' ', $route);
    $url = '/' . strtr($path, $test->values);
    app()->forgetScopedInstances();
    Cache::flush();
    $headers = ['Accept' => 'application/json'];
    DB::beginTransaction();
    if (str_starts_with($path, 'api/')) {
        $headers += [
            'Authorization' =>
                'Bearer ' . $user->createToken('t', ['tasks:read', 'tasks:speak', 'tasks:work'])->plainTextToken,
        ];
        app('auth')->forgetGuards();
        $answer = $test->json($method, $url, [], $headers);
    } else {
        $answer = $test->actingAs($user)->json($method, $url, [], $headers);
    }
    DB::rollBack();
    app('auth')->forgetGuards();
    expect($answer->getStatusCode())->toBeLessThan(500, "{$route}: {$answer->getStatusCode()}");

    return !in_array($answer->getStatusCode(), [401, 403], true) &&
        $answer->headers->get('Location') !== url('/sign-in');
}

it('has an entry for each request about a task, and no other', function (): void {
    $found = [];
    /** @var Route $route */
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        if (str_contains($route->uri(), 'tasks/{task}')) {
            $found[] = $route->methods()[0] . ' ' . $route->uri();
        }
    }
    $entries = array_keys(takes());
    sort($found);
    sort($entries);
    expect($entries)->toBe($found);
});

it('lets somebody do what the document says, by each request', function (string $standing, Role $role): void {
    $user = Standings::bring($standing, $this->task, $role);
    $documented = Standings::documented()[$standing];
    $expected = $found = [];
    foreach (takes() as $route => $right) {
        $expected[$route] = $documented[$right];
        $found[$route] = getsIn($this, $user, $route);
    }
    expect($found)->toBe($expected);
})
    ->with(fn(): array => array_keys(Standings::documented()))
    ->with(['member' => Role::Member, 'reviewer' => Role::Reviewer]);

it('tells the contact, and finds and opens the task, to those of whom the document says so', function (
    string $standing,
): void {
    $user = Standings::bring($standing, $this->task, Role::Member);
    $documented = Standings::documented()[$standing];
    app()->forgetScopedInstances();
    $this->actingAs($user);
    $page = (string) $this->get("/tasks/{$this->task->id}")->getContent();
    $hand = (string) $this->get("/in-hand?task={$this->task->id}")->getContent();
    // By its words: Process/SearchTest, since the index has what is committed.
    $found = (string) $this->getJson("/search?q={$this->task->number}")->getContent();
    expect(str_contains($page, 'Bassoon'))->toBe($documented['see']);
    expect(str_contains($hand, 'Bassoon'))->toBe($documented['see']);
    expect(substr_count($found, 'Bassoon'))->toBe($documented['see'] ? 1 : 0);
    expect(str_contains($page, 'bassoon@holms.example'))->toBe($documented['contact']);
})->with(fn(): array => array_keys(Standings::documented()));

it(
    'tells of linked tasks that somebody does not see their number, and lets nobody link or await those',
    function (): void {
        $other = House::arrive('quote', title: 'Secret harp');
        $this->actingAs(House::user('hanneke'))
            ->post("/tasks/{$this->task->id}/link", ['other' => $other->id, 'on' => 1])
            ->assertRedirect();
        $callum = Standings::bring('holds it', $this->task, Role::Member);
        app()->forgetScopedInstances();
        $page = $this->actingAs($callum)->get("/tasks/{$this->task->id}");
        expect($page->viewData('page')['props']['task']['links'])->toBe([
            ['number' => $other->number, 'task' => null, 'ways' => ['linked']],
        ]);
        expect((string) $page->getContent())->not->toContain('Secret harp');
        $third = House::arrive('quote', title: 'Secret viol');
        foreach (
            ['link' => ['other' => $third->id, 'on' => 1], 'wait' => ['reason' => 'For the viol', 'on' => $third->id]]
            as $what => $sent
        ) {
            $this->actingAs($callum)
                ->postJson("/tasks/{$this->task->id}/{$what}", $sent)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.detail', 'Choose a task that is there.');
        }
        expect($this->task->refresh()->linked()->pluck('title')->all())->toBe(['Secret harp']);
    },
);

it('shows the last handoff in the strip to whoever sees its task', function (): void {
    $strip = function (string $who): ?array {
        app()->forgetScopedInstances();

        return $this->actingAs(House::user($who))->get('/rulebook')->viewData('page')['props']['status']['lastHandoff'];
    };
    expect($strip('hanneke')['number'])->toBe($this->task->number);
    expect($strip('femi')['number'])->toBe($this->task->number);
    expect($strip('tobias'))->toBeNull();
});

it('opens all tasks to everybody where the house says so, and writes that down', function (): void {
    $seen = function (): int {
        app()->forgetScopedInstances();

        return $this->actingAs(House::user('tobias'))
            ->get("/tasks/{$this->task->id}")
            ->getStatusCode();
    };
    expect($seen())->toBe(403);
    $this->put('/house/sight', ['open' => true])->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->put('/house/sight', ['open' => 'perhaps'])
        ->assertSessionHasErrors('open');
    $this->put('/house/sight', ['open' => true])->assertRedirect();
    expect($seen())->toBe(200);
    $this->actingAs(House::user('hanneke'))->put('/house/sight', ['open' => false]);
    expect($seen())->toBe(403);
    expect(DB::table('activity_log')->where('event', 'sight_changed')->count())->toBe(2);
});

it('asks no more of the database for many tasks than for few', function (): void {
    $count = function (): int {
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        $this->actingAs(House::user('callum'))->getJson('/search?q=Bassoon')->assertOk();

        return count(DB::getQueryLog());
    };
    $count();
    DB::enableQueryLog();
    $few = $count();
    foreach (range(1, 10) as $_) {
        House::arrive(title: 'Bassoon once more');
    }
    expect($count())->toBe($few);
    expect(Task::query()->count())->toBe(11);
});

<?php

declare(strict_types=1);

use App\Models\Access\Role;
use App\Models\People\Person;
use Database\Factories\Access\UserFactory;
use OpenBaton\Core\Workload\TaskStatus;
use Spatie\Permission\Models\Role as RoleRow;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive();
    RoleRow::findOrCreate(Role::Reviewer->value);
    House::user('tobias')->syncRoles([Role::Reviewer->value]);
});

it('opens each page to whom it is for', function (string $who, array $statuses): void {
    $user = match ($who) {
        'administrator' => UserFactory::new()->who(Role::Administrator)->create(),
        'outsider' => UserFactory::new()->create(),
        default => House::user($who),
    };
    $this->actingAs($user);
    $seen = [];
    foreach (
        ['/floor', '/in-hand', '/rulebook', '/rulebook/export', '/roster/export', "/tasks/{$this->task->id}"]
        as $page
    ) {
        $seen[] = $this->get($page)->getStatusCode();
    }
    expect($seen)->toBe($statuses);
})->with([
    'a lead' => ['hanneke', [200, 200, 200, 200, 200, 200]],
    'a member' => ['ayumi', [403, 200, 200, 200, 403, 200]],
    'a reviewer, who does not review it' => ['tobias', [403, 200, 200, 200, 403, 403]],
    'an administrator who does no tasks' => ['administrator', [200, 200, 200, 200, 200, 200]],
    'somebody who is nobody here' => ['outsider', [403, 200, 403, 403, 403, 403]],
]);

const PAGES = [
    '/floor',
    '/tasks',
    '/cases',
    '/absences',
    '/people',
    '/customers',
    '/rulebook',
    '/house',
    '/guides',
    '/outbox',
];

it('offers just the pages that open', function (string $who, array $expected): void {
    $user = match ($who) {
        'administrator' => UserFactory::new()->who(Role::Administrator)->create(),
        'outsider' => UserFactory::new()->create(),
        default => House::user($who),
    };
    $places = $this->actingAs($user)->get('/account')->assertOk()->viewData('page')['props']['viewer']['places'];
    expect(array_column($places, 'place'))->toBe($expected);
    foreach (PAGES as $url) {
        expect([$url, $this->get($url)->getStatusCode()])->toBe([
            $url,
            in_array($url, array_column($places, 'url'), true) ? 200 : 403,
        ]);
    }
})->with([
    'a lead' => [
        'hanneke',
        [
            'floor',
            'in_hand',
            'tasks',
            'cases',
            'absences',
            'people',
            'customers',
            'rulebook',
            'house',
            'guides',
            'outbox',
        ],
    ],
    'a member' => ['ayumi', ['in_hand', 'tasks', 'cases', 'absences', 'rulebook', 'guides', 'outbox']],
    'a reviewer' => ['tobias', ['in_hand', 'tasks', 'cases', 'absences', 'rulebook', 'guides', 'outbox']],
    'an administrator who does no tasks' => [
        'administrator',
        ['floor', 'tasks', 'cases', 'absences', 'people', 'customers', 'rulebook', 'house', 'guides', 'outbox'],
    ],
    'somebody who is nobody here' => ['outsider', []],
]);

it('lets a reviewer read the rules and change none', function (): void {
    $this->actingAs(House::user('tobias'));
    $this->putJson('/rulebook/draft', ['rules' => [], 'revision' => 1])->assertForbidden();
    $this->post('/rulebook/publish', ['revision' => 1])->assertForbidden();
    $this->delete('/rulebook/draft', ['revision' => 1])->assertForbidden();
    $this->postJson('/roster/import', House::roster())->assertForbidden();
    $this->postJson('/roster/preview', House::roster())->assertForbidden();
});

it('shows a reviewer what they review as their work, and nobody else', function (): void {
    $this->task->update(['status' => TaskStatus::InReview, 'reviewer_id' => House::person('tobias')->id]);
    $load = function (string $slug): int {
        $props = $this->actingAs(House::user('hanneke'))->get('/floor')->viewData('page')['props'];
        foreach ($props['lanes'] as $lane) {
            if ($lane['slug'] === $slug) {
                return $lane['openTasks'];
            }
        }
        throw new RuntimeException("{$slug} has no lane.");
    };
    expect($load('tobias'))->toBe(1);
    expect($load('ayumi'))->toBe(0);
});

it('lets a reviewer do with a task of somebody else no more than look', function (string $what, array $data): void {
    $this->task->update(['status' => TaskStatus::InReview, 'reviewer_id' => House::person('tobias')->id]);
    $this->actingAs(House::user('tobias'))
        ->post("/tasks/{$this->task->id}/{$what}", $data)
        ->assertForbidden();
    expect($this->task->refresh()->status)->toBe(TaskStatus::InReview);
    expect($this->task->assignee?->slug)->toBe('ayumi');
})->with([
    ['start', []],
    ['complete', []],
    ['reopen', []],
    ['claim', []],
    ['hand-on', ['to' => 'femi', 'reason' => 'Mine']],
]);

it('lets nobody look who is no longer active', function (): void {
    Person::query()
        ->where('slug', 'ayumi')
        ->update(['active' => false]);
    $this->actingAs(House::user('ayumi'))
        ->get("/tasks/{$this->task->id}")
        ->assertRedirect('/sign-in');
    $this->assertGuest();
});

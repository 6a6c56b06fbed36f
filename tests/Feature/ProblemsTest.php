<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Route;
use Tests\Support\House;
use Tests\Support\OpenPage;

beforeEach(function (): void {
    House::open();
});

/** @return array<string, string> */
function fromAnOpenPage(): array
{
    return OpenPage::visits() + ['Referer' => url('/in-hand')];
}

it('says in words of its own, and where to go on, what a page can\'t be', function (
    string $who,
    string $url,
    int $status,
    string $title,
): void {
    $this->actingAs(House::user($who))
        ->get($url)
        ->assertStatus($status)
        ->assertSee($title)
        ->assertSee('href="/"', false)
        ->assertDontSee('laravel');
})->with([
    'nothing there' => ['hanneke', '/tasks/nothing', 404, 'Not found.'],
    'not for members' => ['ayumi', '/floor', 403, 'Not allowed.'],
    'another method' => ['ayumi', '/tasks/01hzzzzzzzzzzzzzzzzzzzzzzz/start', 405, 'Not that way.'],
]);

it('says that something failed without telling what', function (): void {
    Route::middleware('web')->get('/breaks', static fn() => throw new RuntimeException('The secret of the house.'));
    $this->get('/breaks')
        ->assertInternalServerError()
        ->assertSee('Something failed on our side.')
        ->assertDontSee('secret');
});

it('does not say of what is refused for another reason that it is not there', function (): void {
    Route::middleware('web')->get('/too-much', static fn() => abort(406));
    $this->get('/too-much')
        ->assertStatus(406)
        ->assertSee('The request was not carried out.')
        ->assertDontSee('Not found');
});

it('answers on the page that is open what is asked from it and can\'t be done', function (): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    $this->actingAs(House::user('tobias'))
        ->post("/tasks/{$task->id}/start", [], fromAnOpenPage())
        ->assertStatus(303)
        ->assertRedirect('/in-hand')
        ->assertSessionHas('problem', 'Not allowed. You do not have the right to do this.');
    expect(Task::query()->sole()->revision)->toBe($task->revision);
});

it('lets an open page go wholly to one that can\'t be had, where it is said', function (): void {
    $this->actingAs(House::user('hanneke'))
        ->get('/tasks/nothing', fromAnOpenPage())
        ->assertConflict()
        ->assertHeader('X-Inertia-Location', url('/tasks/nothing'));
});

it('says to systems what it has words for, by the same words', function (): void {
    $this->deleteJson('/api/v1/tasks')
        ->assertStatus(405)
        ->assertHeader('Content-Type', 'application/problem+json')
        ->assertJson(['type' => 'https://openbaton.example/problems/not-that-way', 'status' => 405]);
});

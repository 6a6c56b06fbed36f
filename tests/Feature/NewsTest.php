<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Models\Events\NoticeKind;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->tell = fn(string $who, Task $task, int $minute = 0): Notice => Notice::query()->create([
        'person_id' => House::person($who)->id,
        'task_id' => $task->id,
        'kind' => NoticeKind::Mentioned,
        'other_id' => House::person('tobias')->id,
        'at' => now()->addMinutes($minute),
    ]);
    $this->news = fn(string $who, string $query = ''): array => $this->actingAs(House::user($who))
        ->get("/news{$query}")
        ->assertOk()
        ->viewData('page')['props'];
});

it('is one\'s own, the latest first, with how much of it is unread', function (): void {
    $task = House::arrive();
    Notice::query()->delete();
    $told = [($this->tell)('ayumi', $task), ($this->tell)('ayumi', $task, 1), ($this->tell)('femi', $task)];
    $news = ($this->news)('ayumi');
    expect(array_column($news['notices'], 'id'))->toBe([$told[1]->id, $told[0]->id]);
    expect([$news['unreadInAll'], $news['status']['news']])->toBe([2, 2]);
    expect($news['notices'][0]['said'])->toBe('Tobias Lindqvist named you in what was said');
    $told[0]->update(['seen_at' => now()]);
    expect(array_column(($this->news)('ayumi', '?unread=1')['notices'], 'id'))->toBe([$told[1]->id]);
    expect(array_column(($this->news)('ayumi')['notices'], 'read'))->toBe([false, true]);
});

it('leads to its place and is read then, and can be put back among what is not', function (): void {
    [$own, $other] = [House::arrive(), House::arrive()];
    Task::query()->update(['assignee_id' => House::person('femi')->id]);
    Task::query()
        ->whereKey($own->id)
        ->update(['assignee_id' => House::person('ayumi')->id]);
    [$first, $second] = [($this->tell)('ayumi', $own), ($this->tell)('ayumi', $other)];
    $post = fn(string $who, string $path): TestResponse => $this->actingAs(House::user($who))->post($path);
    $post('ayumi', "/news/{$first->id}/open")->assertRedirect("/in-hand?task={$own->id}");
    $post('ayumi', "/news/{$second->id}/open")->assertRedirect("/tasks/{$other->id}");
    expect($first->refresh()->seen_at)->not->toBeNull();
    $post('femi', "/news/{$first->id}/unread")->assertNotFound();
    $post('ayumi', "/news/{$first->id}/unread")->assertRedirect();
    expect($first->refresh()->seen_at)->toBeNull();
});

it('comes in pages, each in as many steps', function (): void {
    $task = House::arrive();
    Notice::query()->delete();
    ($this->tell)('ayumi', $task);
    ($this->news)('ayumi');
    DB::enableQueryLog();
    DB::flushQueryLog();
    ($this->news)('ayumi');
    $one = count(DB::getQueryLog());
    for ($count = 0; $count < 60; ++$count) {
        ($this->tell)('ayumi', $task, $count);
    }
    DB::flushQueryLog();
    $news = ($this->news)('ayumi');
    expect(count(DB::getQueryLog()))->toBeLessThanOrEqual($one);
    expect($news['notices'])->toHaveCount(50);
    $earlier = ($this->news)('ayumi', "?before={$news['earlier']}");
    expect($earlier['notices'])->toHaveCount(11);
    expect($earlier['earlier'])->toBeNull();
    expect(array_intersect(array_column($earlier['notices'], 'id'), array_column($news['notices'], 'id')))->toBe([]);
});

<?php

declare(strict_types=1);

use App\Models\Tasks\WorkSpan;
use Illuminate\Testing\TestResponse;
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
});

it('counts the time on one task at a time, and puts it down', function (): void {
    $first = $this->task;
    ($this->do)('ayumi', 'start');
    ($this->do)('ayumi', 'time', ['on' => 1])->assertRedirect();
    Clock::set('2026-03-02T10:25:00Z');
    expect($this->get('/in-hand')->viewData('page')['props']['plan']['count']['taskId'])->toBe($first->id);
    $this->task = House::arrive();
    $this->task->update(['assignee_id' => House::person('ayumi')->id]);
    ($this->do)('ayumi', 'time', ['on' => 1]);
    expect($first->refresh()->spent_minutes)->toBe(25);
    Clock::set('2026-03-02T10:40:00Z');
    ($this->do)('ayumi', 'time', ['on' => 0]);
    expect($this->task->refresh()->spent_minutes)->toBe(15);
    expect(WorkSpan::query()->running()->exists())->toBeFalse();
    ($this->do)('femi', 'time', ['on' => 1])->assertForbidden();
});

it('stops counting where the work stops, unless the time is typed', function (
    string $what,
    array $data,
    int $spent,
): void {
    ($this->do)('ayumi', 'start');
    ($this->do)('ayumi', 'time', ['on' => 1]);
    Clock::set('2026-03-02T10:30:00Z');
    ($this->do)('ayumi', $what, $data);
    expect($this->task->refresh()->spent_minutes)->toBe($spent);
    expect(WorkSpan::query()->running()->exists())->toBeFalse();
    expect(WorkSpan::query()->value('minutes'))->toBe(30);
})->with([
    'completed' => ['complete', [], 30],
    'completed with the time typed' => ['complete', ['spent' => 50], 50],
    'waits' => ['wait', ['reason' => 'Parts to come'], 30],
    'handed on' => ['hand-on', ['to' => 'femi', 'reason' => 'Your turn.'], 30],
    'put off' => ['postpone', ['at' => '2026-03-05T09:00:00Z'], 30],
]);

it('counts the working time alone where somebody forgot to stop', function (): void {
    ($this->do)('ayumi', 'start');
    ($this->do)('ayumi', 'time', ['on' => 1]);
    // Nine to five: seven hours of Monday, one of Tuesday.
    Clock::set('2026-03-03T10:00:00Z');
    ($this->do)('ayumi', 'time', ['on' => 0]);
    expect($this->task->refresh()->spent_minutes)->toBe(480);
});

<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Models\Messages\Message;
use App\Models\People\Person;
use App\Models\Reminders\Reminder;
use App\Models\Reminders\ReminderMoment;
use App\Models\Tasks\Task;
use App\Reminders\WorkOutReminders;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/DomainEventsFunctions.php';
require_once __DIR__ . '/MessagesFunctions.php';
require_once __DIR__ . '/RemindersFunctions.php';

// 2 March 2026 is a Monday.
beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    remindedAt('2026-03-02T10:00:00Z');
});

it('reminds whoever has a task as its kind proposes, once, and of each date', function (): void {
    kindReminds(['text' => 'Bring ~task.title~ to an end']);
    $task = heldTask();
    remindedAt('2026-03-03T12:59:59Z');
    expect(told())->toBe(['ayumi due_soon']);
    remindedAt('2026-03-03T13:00:00Z');
    remindedAt('2026-03-03T13:01:00Z');
    expect(array_slice(told(), 1))->toBe(['ayumi reminded Bring Trumpet, stuck valve to an end']);
    // Another date is another reminder; and the same one again is none.
    dueAt($task, '2026-03-04T15:00:00Z');
    remindedAt('2026-03-04T13:00:00Z');
    dueAt($task, '2026-03-03T15:00:00Z');
    dueAt($task, '2026-03-04T15:00:00Z');
    remindedAt('2026-03-04T14:00:00Z');
    expect(array_count_values(array_map(static fn(string $one): string => explode(' ', $one)[1], told())))->toBe([
        'due_soon' => 2,
        'reminded' => 2,
    ]);
});

it('does not remind of a date that has moved, though nobody has worked that out yet', function (): void {
    kindReminds();
    $task = heldTask();
    Task::query()
        ->whereKey($task->id)
        ->update(['due_at' => '2026-03-05 15:00:00']);
    remindedAt('2026-03-03T13:00:00Z');
    expect(told())->toBe([]);
    expect(ReminderMoment::query()->count())->toBe(0);
});

it('does not remind of what is done, and of nothing that was past when it was set', function (): void {
    kindReminds();
    $task = heldTask();
    $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/complete");
    handedOut();
    remindedAt('2026-03-03T13:00:00Z');
    $late = heldTask('femi', '2026-03-03T14:00:00Z');
    remindedAt('2026-03-03T13:05:00Z');
    expect([$task->refresh()->status->value, told()])->toBe(['done', []]);
    expect(ReminderMoment::query()->where('task_id', $late->id)->count())->toBe(0);
});

it('reminds of one\'s own on whatever one holds, and on one task while one sees it', function (): void {
    $task = heldTask();
    setsReminder('ayumi', ['offset' => '-1 days', 'time' => '15:30'])->assertSessionHasNoErrors();
    setsReminder('femi', [
        'task' => $task->id,
        'offset' => '-3 hours',
        'channels' => ['chat'],
    ])->assertSessionHasNoErrors();
    remindedAt('2026-03-02T15:30:00Z');
    remindedAt('2026-03-03T12:00:00Z');
    expect(told())->toBe(['ayumi reminded Due date: Tue 3 Mar', 'ayumi due_soon', 'femi reminded Due date: Tue 3 Mar']);
    $waits = Notice::query()->where('waits', true)->sole();
    expect([$waits->person?->slug, $waits->channels])->toBe(['femi', ['chat']]);
    // Passed on, her own goes with her: it is hers, not the task's.
    $other = heldTask('callum', '2026-03-06T15:00:00Z');
    remindedAt('2026-03-05T15:30:00Z');
    expect(Notice::query()->where('task_id', $other->id)->count())->toBe(0);
});

it('reminds nobody who has muted it: one on all tasks, or one task', function (): void {
    kindReminds();
    [$first, $second] = [heldTask(), heldTask('femi')];
    $reminder = Reminder::query()->sole();
    $this->actingAs(House::user('femi'))
        ->put("/reminders/{$reminder->id}/mute", ['muted' => true])
        ->assertSessionHasNoErrors();
    $this->actingAs(House::user('ayumi'))
        ->put("/tasks/{$first->id}/reminders/mute", ['muted' => true])
        ->assertSessionHasNoErrors();
    remindedAt('2026-03-03T13:00:00Z');
    // Femi still hears that it is due soon; Ayumi of that task nothing.
    expect(told())->toBe(['femi due_soon']);
    setsReminder('ayumi', ['task' => $second->id]);
    setsReminder('ayumi');
    setsReminder('ayumi', ['task' => $first->id]);
    $page = $this->actingAs(House::user('ayumi'))->get('/reminders')->assertOk()->viewData('page')['props'];
    expect(array_column($page['own'], 'task'))->toHaveCount(3);
    expect(array_column($page['mutedTasks'], 'number'))->toBe([(int) $first->number]);
    $this->actingAs(House::user('ayumi'))->put("/tasks/{$first->id}/reminders/mute", ['muted' => false]);
    remindedAt('2026-03-03T15:00:00Z');
    expect(array_slice(told(), 1))->toBe(['ayumi late', 'femi late']);
    expect($second->refresh()->assignee_id)->toBe(House::person('femi')->id);
});

it('reminds a customer by a message, which can not go out once the date has moved', function (): void {
    setsReminder('hanneke', [
        'kind' => 'bench-repair',
        'audience' => 'customer',
        'channels' => ['mail'],
        'text' => 'We are at ~task.title~.',
    ])->assertSessionHasNoErrors();
    $this->put('/outbox/holding', ['holds' => true])->assertSessionHasNoErrors();
    $task = heldTask();
    $task->update(['contact' => 'office@holms.example']);
    remindedAt('2026-03-03T13:00:00Z');
    $message = Message::query()->sole();
    expect([$message->state, $message->text, $message->address])->toBe([
        MessageState::Held,
        'We are at Trumpet, stuck valve.',
        'office@holms.example',
    ]);
    dueAt($task, '2026-03-04T15:00:00Z');
    expect($message->refresh()->state)->toBe(MessageState::Dropped);
    expect(becameOf($message))->toBe(['prepared', 'dropped']);
    // Somebody takes it up again all the same: it does not go.
    $this->post('/messages/release', ['messages' => [$message->id]]);
    expect($message->refresh()->state)->toBe(MessageState::Dropped);
});

it('gives a message up, and tells rules, where nothing is known of how to reach the customer', function (): void {
    setsReminder('hanneke', [
        'kind' => 'bench-repair',
        'audience' => 'customer',
        'channels' => ['text'],
        'text' => 'Soon.',
    ])->assertSessionHasNoErrors();
    Queue::fake();
    heldTask();
    remindedAt('2026-03-03T13:00:00Z');
    $message = Message::query()->sole();
    expect([$message->state, $message->to_tell_rules, becameOf($message)])->toBe([
        MessageState::GivenUp,
        true,
        ['given_up'],
    ]);
});

it('works out what is there already when one is set, changed and taken out', function (): void {
    $task = heldTask();
    kindReminds();
    expect(ReminderMoment::query()->sole()->at->toIso8601ZuluString())->toBe('2026-03-03T13:00:00Z');
    $reminder = Reminder::query()->sole();
    $this->put("/reminders/{$reminder->id}", [
        'audience' => 'holder',
        'field' => 'task.due',
        'offset' => '-1 working_days',
        'time' => '09:00',
    ])->assertSessionHasNoErrors();
    // That moment is past by now.
    expect(
        ReminderMoment::query()->where('task_id', $task->id)->get()->map->at->map->toIso8601ZuluString()->all(),
    )->toBe(['2026-03-02T09:00:00Z']);
    $this->delete("/reminders/{$reminder->id}")->assertSessionHasNoErrors();
    expect(ReminderMoment::query()->count())->toBe(0);
});

it('works out twice what it has worked out once', function (): void {
    kindReminds();
    heldTask();
    $before = ReminderMoment::query()->get()->toArray();
    WorkOutReminders::dispatchSync(now()->getTimestamp());
    WorkOutReminders::dispatchSync(now()->getTimestamp());
    expect(ReminderMoment::query()->get()->toArray())->toBe($before);
});

it('tells more than five at once as one', function (): void {
    kindReminds();
    foreach (range(1, 6) as $task) {
        heldTask();
    }
    remindedAt('2026-03-03T16:00:00Z');
    $numbers = Task::query()->orderBy('number')->pluck('number')->map(fn($one): string => "№ {$one}")->implode(', ');
    expect(told())->toBe(["ayumi reminded {$numbers}", "ayumi late {$numbers}"]);
    expect(Notice::query()->pluck('link')->unique()->all())->toBe(['/in-hand']);
});

it('refuses what is no reminder, with where and why', function (array $sent, string $where): void {
    setsReminder('hanneke', $sent)->assertSessionHasErrors($where);
    expect(Reminder::query()->count())->toBe(0);
})->with([
    'no such date' => [['field' => 'task.title'], 'field'],
    'no distance' => [['offset' => 'soon'], 'offset'],
    'a time beside hours' => [['time' => '09:00'], 'time'],
    'a field that there is not' => [['text' => '~task.nothing~'], 'text'],
    'a customer without a word' => [
        ['kind' => 'bench-repair', 'audience' => 'customer', 'channels' => ['mail']],
        'text',
    ],
    'a customer by chat' => [
        ['kind' => 'bench-repair', 'audience' => 'customer', 'channels' => ['chat'], 'text' => 'x'],
        'channels.0',
    ],
    'a kind that is none' => [['kind' => 'nothing', 'audience' => 'holder'], 'kind'],
]);

it('leaves what kinds propose to leads, and each their own', function (): void {
    setsReminder('ayumi', ['kind' => 'quote', 'audience' => 'holder'])->assertForbidden();
    setsReminder('ayumi')->assertSessionHasNoErrors();
    $own = Reminder::query()->sole();
    $this->actingAs(House::user('femi'));
    $this->delete("/reminders/{$own->id}")->assertForbidden();
    $this->put("/reminders/{$own->id}/mute", ['muted' => true])->assertForbidden();
    expect($this->get('/reminders')->viewData('page')['props']['own'])->toBe([]);
    foreach (range(2, 20) as $more) {
        setsReminder('ayumi', ['offset' => "-{$more} hours"]);
    }
    setsReminder('ayumi', ['offset' => '-30 hours']);
    expect(Reminder::query()->count())->toBe(20);
    expect(Person::query()->findOrFail($own->person_id)->slug)->toBe('ayumi');
});

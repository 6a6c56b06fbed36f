<?php

declare(strict_types=1);

use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    Queue::fake();
    $this->task = House::arrive(customer: 'holms-school');
    $this->task->update(['assignee_id' => House::person('ayumi')->id, 'contact' => 'office@holms.example']);
    $this->write = fn(array $more = [], string $who = 'ayumi'): TestResponse => $this->actingAs(
        House::user($who),
    )->post(
        "/tasks/{$this->task->id}/messages",
        $more + ['key' => 'written-1', 'to' => 'customer', 'channel' => 'mail', 'text' => 'It is <b>ready</b>.'],
    );
});

it(
    'goes to the customer as it was written, with what the task is called, once however often it is sent',
    function (): void {
        ($this->write)()->assertSessionHasNoErrors();
        ($this->write)(['text' => 'Again']);
        $message = Message::query()->sole();
        expect([$message->state, $message->address, $message->subject, $message->text])->toBe([
            MessageState::ToBeSent,
            'office@holms.example',
            'Trumpet, stuck valve',
            'It is <b>ready</b>.',
        ]);
        expect([$message->task_id, $message->steps()->sole()->user?->name])->toBe([$this->task->id, 'Ayumi Kato']);
        ($this->write)(['key' => 'written-2'])->assertSessionHasNoErrors();
        expect(Message::query()->count())->toBe(2);
        expect($this->get("/tasks/{$this->task->id}")->viewData('page')['props']['task']['messages'])->toHaveCount(2);
    },
);

it('goes to people by any means, not before a moment', function (): void {
    ($this->write)(['to' => 'femi', 'channel' => 'chat', 'at' => '2026-03-04T09:00:00Z'])->assertSessionHasNoErrors();
    $message = Message::query()->sole();
    expect([$message->recipient_name, $message->subject, $message->not_before?->toIso8601ZuluString()])->toBe([
        'Femi Adeyinka',
        null,
        '2026-03-04T09:00:00Z',
    ]);
});

it('is held where the house looks at all that goes to customers, unless a lead has written it', function (): void {
    $this->actingAs(House::user('hanneke'))->put('/outbox/holding', ['holds' => true]);
    ($this->write)();
    ($this->write)(['key' => 'written-2', 'to' => 'femi']);
    ($this->write)(['key' => 'written-3'], 'hanneke');
    expect(Message::query()->orderBy('id')->get()->map->state->all())->toBe([
        MessageState::Held,
        MessageState::ToBeSent,
        MessageState::ToBeSent,
    ]);
});

it('is refused with where and why', function (array $sent, string $where): void {
    ($this->write)($sent)->assertSessionHasErrors($where);
    expect(Message::query()->count())->toBe(0);
})->with([
    'a customer by chat' => [['channel' => 'chat'], 'channel'],
    'nobody' => [['to' => 'nobody-here'], 'to'],
    'nothing said' => [['text' => ''], 'text'],
    'a text that is too long' => [['channel' => 'text', 'text' => str_repeat('x', 460)], 'text'],
    'a moment that is past' => [['at' => '2026-03-01T09:00:00Z'], 'at'],
]);

it('says that nothing is known of how to reach them, and is not for everybody', function (): void {
    Task::query()->update(['contact' => null]);
    expect(($this->write)()->getSession()->get('problem'))->toContain('no address');
    ($this->write)(['to' => 'femi'], 'tobias')->assertForbidden();
    expect(Message::query()->count())->toBe(0);
});

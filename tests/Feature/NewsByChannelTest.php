<?php

declare(strict_types=1);

use App\Models\Events\Notice;
use App\Models\House\House as HouseRow;
use App\Models\Messages\Message;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Notices\TellNews;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Workload\Priority;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

// Femi works from nine to half past five in Dublin; 2 March 2026 is a Monday.
beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    House::publish(House::roundRule());
    $this->choose = fn(array $channels, array $more = []): TestResponse => $this->actingAs(House::user('femi'))->put(
        '/news/choice',
        ['channels' => $channels] + $more,
    );
    // Ayumi hands one on to Femi.
    $this->give = function (?Priority $priority = null): Task {
        $task = House::arrive();
        $task->update(['assignee_id' => House::person('ayumi')->id, 'priority' => $priority ?? Priority::Normal]);
        $this->actingAs(House::user('hanneke'))->post("/tasks/{$task->id}/hand-on", [
            'to' => 'femi',
            'reason' => 'You have room.',
        ]);
        handedOut();

        return $task;
    };
    $this->tell = function (?string $at = null): array {
        if ($at !== null) {
            Clock::set($at);
        }
        app(TellNews::class)(CarbonImmutable::now());

        return Message::query()->where('recipient_name', 'Femi Adeyinka')->orderBy('id')->get()->all();
    };
});

it('comes by the means that they have chosen, once, and by no others', function (): void {
    ($this->choose)(['given' => ['mail', 'chat'], 'taken' => ['text']])->assertSessionHasNoErrors();
    $task = ($this->give)();
    $messages = ($this->tell)();
    expect(array_map(static fn(Message $one): string => $one->channel->value, $messages))->toBe(['mail', 'chat']);
    expect($messages[0]->text)->toContain("№ {$task->number} {$task->title}: given to you");
    expect([$messages[0]->state, $messages[0]->recipient_name])->toBe([MessageState::ToBeSent, 'Femi Adeyinka']);
    expect(($this->tell)())->toHaveCount(2);
});

it('comes by no means where none is chosen', function (): void {
    ($this->give)();
    expect(Notice::query()->where('waits', true)->count())->toBe(0);
    expect(($this->tell)())->toBe([]);
});

it('waits in quiet time and comes as one when that is over', function (): void {
    ($this->choose)(['given' => ['chat']], ['quiet_from' => '09:30', 'quiet_to' => '11:00']);
    [$first, $second] = [($this->give)(), ($this->give)()];
    expect(($this->tell)())->toBe([]);
    expect(($this->tell)('2026-03-02T10:59:00Z'))->toBe([]);
    $messages = ($this->tell)('2026-03-02T11:00:00Z');
    expect($messages)->toHaveCount(1);
    expect($messages[0]->text)
        ->toContain("№ {$first->number}")
        ->toContain("\n№ {$second->number}");
});

it('waits outside of working hours until they are there', function (): void {
    ($this->choose)(['given' => ['chat']]);
    Clock::set('2026-03-02T20:00:00Z');
    ($this->give)();
    expect(($this->tell)())->toBe([]);
    expect(($this->tell)('2026-03-03T08:59:00Z'))->toBe([]);
    expect(($this->tell)('2026-03-03T09:00:00Z'))->toHaveCount(1);
});

it('passes quiet time where it is urgent and they want that', function (
    bool $passes,
    Priority $priority,
    int $count,
): void {
    ($this->choose)(['given' => ['chat']], ['urgent_passes' => $passes]);
    Clock::set('2026-03-02T20:00:00Z');
    ($this->give)($priority);
    ($this->give)();
    expect(($this->tell)())->toHaveCount($count);
    expect(($this->tell)('2026-03-03T09:00:00Z'))->toHaveCount($count + 1);
})->with([
    'urgent, wanted' => [true, Priority::Urgent, 1],
    'urgent, not wanted' => [false, Priority::Urgent, 0],
    'not urgent' => [true, Priority::High, 0],
]);

it('comes to everybody where the house wants that, whatever they chose', function (): void {
    ($this->choose)([], []);
    $this->actingAs(House::user('femi'))
        ->put('/news/obligatory', ['channels' => []])
        ->assertForbidden();
    $this->actingAs(House::user('hanneke'))
        ->put('/news/obligatory', ['channels' => ['given' => ['chat']]])
        ->assertSessionHasNoErrors();
    expect(HouseRow::query()->sole()->obligatory_news)->toBe(['given' => ['chat']]);
    ($this->give)();
    expect(($this->tell)())->toHaveCount(1);
});

it('comes by no channel by which they can\'t be reached, and says so where they choose', function (): void {
    Person::query()
        ->where('slug', 'femi')
        ->update(['phone' => null]);
    ($this->choose)(['given' => ['text']]);
    ($this->give)();
    expect(($this->tell)())->toBe([]);
    expect(Notice::query()->where('waits', true)->count())->toBe(0);
    $choice = $this->actingAs(House::user('femi'))->get('/news')->viewData('page')['props']['choice'];
    expect($choice['reached'])->not->toContain('text')->toContain('chat');
});

it('takes no choice that there is not', function (array $data, string $wrong): void {
    $this->actingAs(House::user('femi'))->put('/news/choice', $data)->assertSessionHasErrors($wrong);
})->with([
    'a sort' => [['channels' => ['weather' => ['mail']]], 'channels'],
    'a channel' => [['channels' => ['given' => ['drums']]], 'channels.given.0'],
    'a time' => [['quiet_from' => '25:00', 'quiet_to' => '09:00'], 'quiet_from'],
    'half of a time' => [['quiet_from' => '20:00'], 'quiet_to'],
]);

it('comes in quiet time where it is urgent and their team is on call', function (): void {
    ($this->choose)(['given' => ['chat']], ['quiet_from' => '09:30', 'quiet_to' => '11:00']);
    ($this->give)(Priority::Urgent);
    ($this->give)();
    expect(($this->tell)())->toBe([]);
    $oblige = fn(array $teams): TestResponse => $this->actingAs(House::user('hanneke'))->put('/news/obligatory', [
        'channels' => [],
        'on_call' => $teams,
    ]);
    $oblige(['nobody'])->assertSessionHasErrors('on_call.0');
    $oblige(['brass-bench'])->assertSessionHasNoErrors();
    expect(($this->tell)())->toHaveCount(1);
    expect(Notice::query()->where('waits', true)->where('kind', 'got')->count())->toBe(1);
});

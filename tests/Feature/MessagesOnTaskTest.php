<?php

declare(strict_types=1);

use App\Messages\SendNext;
use App\Models\House\House as HouseRow;
use App\Models\Messages\Message;
use App\Models\Messages\StandInPost;
use App\Models\Tasks\Task;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/MessagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    Storage::fake('files');
    House::open();
    $this->shown = fn(string $who, Task $task): array => $this->actingAs(House::user($who))
        ->get("/tasks/{$task->id}")
        ->assertOk()
        ->viewData('page')['props']['task']['messages'];
});

it('stands on its task for those who may see it, with what still waits first', function (): void {
    preparing();
    $message = begunMessage();
    $task = Task::query()->findOrFail($message->task_id);
    $task->update(['assignee_id' => House::person('ayumi')->id]);
    HouseRow::query()->update(['tasks_are_open' => true]);
    foreach (['ayumi' => 1, 'hanneke' => 1, 'femi' => 0] as $who => $count) {
        expect(($this->shown)($who, $task))->toHaveCount($count);
    }
    $sent = Message::query()->create(
        ['id' => null, 'state' => MessageState::Sent, 'key' => 'k', 'text' => 'Sent.'] + $message->getAttributes(),
    );
    expect(array_column(($this->shown)('ayumi', $task), 'id'))->toBe([$message->id, $sent->id]);
});

it('is looked up in as many steps for ten as for one', function (): void {
    preparing();
    $message = begunMessage();
    $task = Task::query()->findOrFail($message->task_id);
    $count = function () use ($task): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        ($this->shown)('hanneke', $task);

        return count(DB::getQueryLog());
    };
    $one = $count();
    for ($number = 0; $number < 9; ++$number) {
        Message::query()->create(['id' => null, 'key' => "k{$number}"] + $message->getAttributes());
    }
    expect(($this->shown)('hanneke', $task))->toHaveCount(10);
    expect($count())->toBeLessThanOrEqual($one);
});

it('says something else and goes in one, or neither', function (): void {
    preparing();
    $message = begunMessage();
    $this->actingAs(House::user('hanneke'));
    $edit = fn(string $text): mixed => $this->put("/messages/{$message->id}", [
        'address' => 'ada@holms.example',
        'text' => $text,
        'send' => true,
    ]);
    $edit('We begin.')->assertSessionHasNoErrors();
    expect(becameOf($message))->toBe(['prepared', 'edited', 'released']);
    // It is on its way, so that it can't be sent once more; what was typed with that is not kept either.
    $edit('We began.');
    expect($message->refresh()->text)->toBe('We begin.');
    expect(becameOf($message))->toBe(['prepared', 'edited', 'released']);
});

it('takes the files of its task with it where the rule says so, but for those that are left out', function (): void {
    preparing(['files' => true]);
    $task = House::arrive(customer: 'holms-school');
    $task->update(['contact' => 'office@holms.example']);
    $this->actingAs(House::user('hanneke'));
    foreach (['terms.txt' => 'All terms.', 'inner.txt' => 'Not for them.'] as $name => $content) {
        $this->post("/tasks/{$task->id}/files", ['file' => UploadedFile::fake()->createWithContent($name, $content)]);
    }
    $this->post("/tasks/{$task->id}/start");
    handedOut();
    $message = Message::query()->sole();
    expect($message->fileIds())->toHaveCount(2);
    $this->put("/messages/{$message->id}", [
        'address' => 'office@holms.example',
        'text' => 'With the terms.',
        'files' => [$message->fileIds()[0]],
        'send' => true,
    ])->assertSessionHasNoErrors();
    app(SendNext::class)();
    $raw = (string) StandInPost::query()->sole()->raw;
    expect($raw)->toContain('filename=terms.txt')->toContain(base64_encode('All terms.'));
    expect($raw)->not->toContain('inner.txt');
});

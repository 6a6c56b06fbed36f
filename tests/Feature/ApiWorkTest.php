<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Access\TokenAbility;
use App\Models\Messages\Message;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Message\MessageState;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\Messages;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->call = function (
        string $method,
        string $path,
        array $body = [],
        array $headers = [],
        string $who = 'ayumi',
    ): TestResponse {
        app()->forgetScopedInstances();
        app('auth')->forgetGuards();
        $token = House::user($who)->createToken('t', array_column(TokenAbility::cases(), 'value'))->plainTextToken;

        return $this->json($method, "/api/v1{$path}", $body, [
            ...$headers,
            'Authorization' => "Bearer {$token}",
            'Idempotency-Key' => $headers['Idempotency-Key'] ?? 'key-' . bin2hex(random_bytes(6)),
        ]);
    };
    $this->held = function (string $by = 'ayumi'): Task {
        $task = House::arrive('quote', title: 'Horn');
        $task->update(['assignee_id' => House::person($by)->id]);

        return $task->refresh();
    };
});

it('lists what the owner sees, filtered and sorted, and nothing else', function (): void {
    [$own, $other] = [($this->held)(), ($this->held)('tobias')];
    $own->update(['due_at' => '2026-03-05 10:00:00', 'priority' => 'high', 'tags' => ['rush']]);
    $numbers = fn(string $query, string $who = 'ayumi'): array => array_column(
        ($this->call)('GET', "/tasks?{$query}", who: $who)
            ->assertOk()
            ->json('tasks'),
        'number',
    );
    expect($numbers(''))->toBe([(int) $own->number]);
    expect($numbers('sort=number', 'hanneke'))->toBe([(int) $own->number, (int) $other->number]);
    expect($numbers('sort=-number', 'hanneke'))->toBe([(int) $other->number, (int) $own->number]);
    foreach (['holder=me', 'priority=high', 'tag=rush', 'kind=quote&sort=due', 'q=' . $own->number] as $query) {
        expect([$query, $numbers($query)])->toBe([$query, [(int) $own->number]]);
    }
    foreach (['holder=nobody', 'status=done', 'priority=low', 'due=late', 'kind=bench-repair'] as $query) {
        expect([$query, $numbers($query)])->toBe([$query, []]);
    }
    expect(($this->call)('GET', '/tasks', who: 'ayumi')->json('tasks.0'))->not->toHaveKey('nothing');
});

it('gives each once, page by page, while others come', function (string $sort): void {
    foreach (range(1, 7) as $count) {
        ($this->held)()->update(['due_at' => $count % 2 === 0 ? '2026-03-05 10:00:00' : '2026-03-06 10:00:00']);
    }
    $known = Task::query()->pluck('number')->all();
    [$seen, $cursor] = [[], ''];
    do {
        $page = ($this->call)('GET', "/tasks?limit=3&sort={$sort}&cursor={$cursor}")
            ->assertOk()
            ->json();
        array_push($seen, ...array_column($page['tasks'], 'number'));
        $cursor = $page['next'];
        ($this->held)()->update(['due_at' => '2026-03-01 10:00:00']);
    } while ($cursor !== null && count($seen) < 30);
    expect(count($seen))->toBe(count(array_unique($seen)));
    expect(array_diff($known, $seen))->toBe([]);
})->with(['number', '-number', 'due', '-due', 'arrived', '-arrived']);

it('takes as many queries for many as for one', function (): void {
    $count = function (): int {
        DB::enableQueryLog();
        DB::flushQueryLog();
        ($this->call)('GET', '/tasks')->assertOk();

        return count(DB::getQueryLog());
    };
    ($this->held)();
    $count();
    $one = $count();
    foreach (range(1, 5) as $more) {
        ($this->held)();
    }
    expect($count())->toBe($one);
});

it('refuses a cursor that is none', function (string $cursor): void {
    ($this->held)();
    ($this->call)('GET', '/tasks?cursor=' . urlencode($cursor))
        ->assertStatus(422)
        ->assertJsonPath('errors.0.pointer', '/cursor');
})->with([
    'x',
    base64_encode('{"number":[1],"id":"x"}'),
    base64_encode('7'),
    base64_encode('{"id":{"a":1},"number":1}'),
]);

it('says the revision, and answers that nothing has changed', function (): void {
    $task = ($this->held)();
    $answer = ($this->call)('GET', "/tasks/{$task->id}")->assertOk();
    expect($answer->headers->get('ETag'))->toBe("\"{$task->revision}\"");
    expect($answer->json('revision'))->toBe($task->revision);
    ($this->call)('GET', "/tasks/{$task->id}", [], ['If-None-Match' => "\"{$task->revision}\""])->assertStatus(304);
});

it('changes fields as they were at a revision, and no others', function (): void {
    $task = ($this->held)();
    $change = fn(array $headers, array $set = ['task.priority' => 'high']): TestResponse => ($this->call)(
        'PATCH',
        "/tasks/{$task->id}",
        ['set' => $set],
        $headers,
    );
    $change([])->assertStatus(428);
    $change(['If-Match' => 'W/"1"'])->assertStatus(400);
    $change(['If-Match' => '"999"'])->assertStatus(412);
    $change(['If-Match' => "\"{$task->revision}\""], ['task.nothing' => 1])->assertStatus(422);
    expect($task->refresh()->priority->value)->toBe('normal');
    $done = $change(['If-Match' => "\"{$task->revision}\""])->assertOk();
    expect([$done->json('priority'), $done->headers->get('ETag')])->toBe([
        'high',
        '"' . $task->refresh()->revision . '"',
    ]);
    $change(['If-Match' => '"' . ($task->revision - 1) . '"'])->assertStatus(412);
});

it('does once what comes twice under one key', function (): void {
    $task = ($this->held)();
    $path = "/tasks/{$task->id}/complete";
    $key = ['Idempotency-Key' => 'complete-1', 'If-Match' => "\"{$task->revision}\""];
    ($this->call)('POST', $path, ['note' => 'Oiled', 'spent' => 20], $key)
        ->assertOk()
        ->assertJsonPath('status', 'done');
    $again = ($this->call)('POST', $path, ['note' => 'Oiled', 'spent' => 20], $key)->assertOk();
    expect($again->headers->get('Idempotent-Replayed'))->toBe('true');
    expect(TaskChange::query()->where('task_id', $task->id)->where('occasion', 'completed')->count())->toBe(1);
    ($this->call)('POST', $path, ['note' => 'Otherwise'], $key)->assertStatus(422);
    // What was refused has used up no key.
    $other = ($this->held)();
    $late = ['Idempotency-Key' => 'start-00001', 'If-Match' => '"999"'];
    ($this->call)('POST', "/tasks/{$other->id}/start", [], $late)->assertStatus(412);
    ($this->call)('POST', "/tasks/{$other->id}/start", [], ['Idempotency-Key' => 'start-00001'])->assertOk();
    ($this->call)('POST', "/tasks/{$other->id}/start")->assertStatus(409);
});

it('answers nothing of a task that has gone out of sight by what was done', function (): void {
    $task = ($this->held)('callum');
    ($this->call)(
        'POST',
        "/tasks/{$task->id}/hand-on",
        ['to' => 'tobias', 'reason' => 'Keys'],
        who: 'callum',
    )->assertStatus(204);
    expect($task->refresh()->assignee?->slug)->toBe('tobias');
    ($this->call)('GET', "/tasks/{$task->id}", who: 'callum')->assertForbidden();
});

it('tells what was said, attached and done, by pages', function (): void {
    $task = ($this->held)();
    foreach (['One', 'Two', 'Three'] as $body) {
        ($this->call)('POST', "/tasks/{$task->id}/comments", ['from' => 'owner', 'body' => $body])->assertCreated();
    }
    $first = ($this->call)('GET', "/tasks/{$task->id}/comments?limit=2")
        ->assertOk()
        ->json();
    expect(array_column($first['comments'], 'body'))->toBe(['Three', 'Two']);
    $rest = ($this->call)('GET', "/tasks/{$task->id}/comments?limit=2&before={$first['before']}")->json();
    expect([array_column($rest['comments'], 'body'), $rest['before']])->toBe([['One'], null]);
    ($this->call)('POST', "/tasks/{$task->id}/start")->assertOk();
    $changes = ($this->call)('GET', "/tasks/{$task->id}/history")
        ->assertOk()
        ->json('changes');
    expect([$changes[0]['what'], $changes[0]['by']])->toBe(['started', 'Ayumi Kato']);
    expect(($this->call)('GET', "/tasks/{$task->id}/files")->json())->toBe(['files' => [], 'before' => null]);
});

it('says who would get a task, and changes nothing', function (): void {
    $answer = ($this->call)('POST', '/tasks/preview', ['title' => 'Horn', 'kind' => 'bench-repair'])->assertOk();
    expect($answer->json('explanation.summary'))->toContain('Ayumi Kato');
    expect(Task::query()->count())->toBe(0);
});

it('steers messages that the owner sees, each once, and no others', function (): void {
    $message = Messages::held(($this->held)());
    ($this->call)('GET', "/messages/{$message->id}", who: 'tobias')->assertForbidden();
    expect(($this->call)('GET', '/messages?state=held', who: 'tobias')->json('messages'))->toBe([]);
    expect(($this->call)('GET', '/messages?state=held')->json('messages.0.id'))->toBe($message->id);
    $body = ['address' => 'ada@holms.example', 'text' => 'It is ready.', 'send' => true];
    $key = ['Idempotency-Key' => 'send-00001'];
    ($this->call)('PUT', "/messages/{$message->id}", $body, $key)->assertOk();
    ($this->call)('PUT', "/messages/{$message->id}", $body, $key)->assertOk();
    expect([Message::query()->sole()->text, Message::query()->sole()->state])->toBe([
        'It is ready.',
        MessageState::Sent,
    ]);
    ($this->call)('POST', "/messages/{$message->id}/drop")->assertStatus(409);
});

it('keeps absences of one\'s own, asked for once', function (): void {
    $ask = fn(): TestResponse => ($this->call)(
        'POST',
        '/absences',
        ['kind' => 'leave', 'first' => '2026-03-09', 'last' => '2026-03-10', 'person' => 'femi'],
        ['Idempotency-Key' => 'leave-00001'],
    );
    $asked = $ask()->assertCreated()->json();
    expect([$asked['status'], $asked['first'], $asked['last']])->toBe(['asked', '2026-03-09', '2026-03-10']);
    expect($ask()->assertOk()->json('id'))->toBe($asked['id']);
    expect(Absence::query()->sole()->person?->slug)->toBe('ayumi');
    ($this->call)('POST', "/absences/{$asked['id']}/end", who: 'femi')->assertNotFound();
    ($this->call)('POST', "/absences/{$asked['id']}/end")
        ->assertOk()
        ->assertJsonPath('status', 'cancelled');
    expect(($this->call)('GET', '/absences', who: 'femi')->json('absences'))->toBe([]);
    expect(($this->call)('GET', '/me')->json())->toBe([
        'name' => 'Ayumi Kato',
        'person' => 'ayumi',
        'zone' => 'Europe/Dublin',
    ]);
});

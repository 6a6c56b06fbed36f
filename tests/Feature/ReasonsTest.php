<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Tasks\AskReview;
use App\Tasks\ClaimTask;
use App\Tasks\CompleteTask;
use App\Tasks\HandOnTask;
use App\Tasks\PressButton;
use App\Tasks\StartTask;
use Tests\Support\Clock;
use Tests\Support\House;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        House::roundRule(),
        [
            'id' => 'begun',
            'name' => 'Begun',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['working', 'done']]],
            'then' => [['kind' => 'tag', 'tag' => 'begun']],
        ],
        [
            'id' => 'parts',
            'name' => 'Parts',
            'when' => [['kind' => 'pressed', 'label' => 'Order parts']],
            'then' => [['kind' => 'tag', 'tag' => 'parts']],
        ],
        [
            'id' => 'check',
            'name' => 'Check',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['in_review']]],
            'give' => [
                'seat' => 'reviewer',
                'pool' => ['kind' => 'people', 'people' => ['tobias']],
                'method' => ['kind' => 'in_order'],
            ],
        ],
        House::rule(
            'quotes',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            ['pool' => ['kind' => 'people', 'people' => ['callum', 'tobias']], 'method' => ['kind' => 'open']],
        ),
        [
            'id' => 'late',
            'name' => 'Late',
            'when' => [['kind' => 'date_reached', 'field' => 'task.due']],
            'then' => [['kind' => 'priority', 'priority' => 'high']],
        ],
    );
});

/**
 * @return list<array{string, string|null, string|null}> title, what is said, and the rule that decided, of each reason
 */
function reasonsOf(Task $task): array
{
    $shown = test()
        ->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->assertOk()
        ->viewData('page')['props']['task'];

    return array_map(
        static fn(array $reason): array => [
            $reason['title'],
            $reason['said'],
            $reason['trail']['rule']['name'] ?? null,
        ],
        $shown['reasons'],
    );
}

it('keeps the reason whatever has happened to the task since', function (): void {
    $task = House::arrive();
    $given = [['Why Ayumi Kato', null, 'Rule round']];
    expect(reasonsOf($task))->toBe($given);
    app(StartTask::class)($task, House::user('ayumi'));
    expect(reasonsOf($task))->toBe($given);
    app(PressButton::class)($task, 'parts', House::user('ayumi'));
    $history = $this->get("/tasks/{$task->id}")->viewData('page')['props']['task']['history'];
    expect(reasonsOf($task))->toBe($given);
    expect(array_column($history, 'said'))->toContain('Ayumi Kato pressed “Order parts”');
    Clock::tick('2026-03-05T10:00:00Z');
    expect(reasonsOf($task))->toBe($given);
    app(AskReview::class)($task->refresh(), null, House::user('ayumi'));
    expect(reasonsOf($task))->toBe([...$given, ['Why Tobias Lindqvist reviews it', null, 'Check']]);
});

it('says what a person did, where a person gave it', function (): void {
    $task = House::arrive();
    app(HandOnTask::class)($task, House::person('tobias'), 'It needs the lathe', House::user('ayumi'));
    $said = [['Why Tobias Lindqvist', 'Ayumi Kato handed it on to Tobias Lindqvist: “It needs the lathe”', null]];
    expect(reasonsOf($task))->toBe($said);
    app(CompleteTask::class)($task->refresh(), House::user('tobias'), null, 10);
    expect(reasonsOf($task))->toBe($said);
});

it('says why it is open, or with nobody, also after rules have followed up', function (): void {
    $open = House::arrive('quote');
    expect(reasonsOf($open))->toBe([['Why it is open to claim', null, 'Rule quotes']]);
    $unplaced = House::arrive('quote', ['task.family' => 'brass']);
    House::publish([
        'id' => 'late',
        'name' => 'Late',
        'when' => [['kind' => 'pressed', 'label' => 'Press']],
        'then' => [['kind' => 'tag', 'tag' => 'x']],
    ]);
    $nobody = House::arrive('quote');
    app(PressButton::class)($nobody, 'late', House::user('hanneke'));
    expect(reasonsOf($nobody))->toBe([['Why nobody holds it', null, null]]);
    app(ClaimTask::class)($unplaced, House::person('callum'), House::user('callum'));
    expect(reasonsOf($unplaced))->toBe([
        ['Why Callum Rees', 'Callum Rees took it up: it was open to them to claim.', null],
    ]);
});

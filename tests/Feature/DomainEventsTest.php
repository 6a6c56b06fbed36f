<?php

declare(strict_types=1);

use App\Access\Speaker;
use App\Tasks\CommentOn;
use App\Tasks\HandOnTask;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/DomainEventsFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
});

it(
    'tells people what rules give to them and take from them, and whoever hands something on is told nothing',
    function (): void {
        House::publish(givesTo('femi'), [
            'id' => 'moves',
            'name' => 'What Callum gets is Ayumi’s',
            'when' => [['kind' => 'holder_changes', 'to' => ['people' => ['callum']]]],
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['ayumi']],
                'method' => ['kind' => 'same_person'],
                'anew' => true,
            ],
        ]);
        $task = House::arrive();
        expect(told())->toBe(['femi routed Rule gives']);
        app(HandOnTask::class)($task, House::person('tobias'), 'Knows it', House::user('femi'));
        expect(array_slice(told(), 1))->toBe(['tobias got femi']);
        // It goes on to Ayumi at once: Callum, who has never seen it, is told nothing.
        app(HandOnTask::class)($task->refresh(), House::person('callum'), 'Knows it', House::user('hanneke'));
        expect(array_slice(told(), 2))->toBe([
            'ayumi routed What Callum gets is Ayumi’s',
            'tobias routed_away ayumi What Callum gets is Ayumi’s',
        ]);
    },
);

it('shows on the page what came by a rule for as long as it is there to do', function (): void {
    House::publish(givesTo('femi'));
    $task = House::arrive(title: 'Horn');
    $said = function (): array {
        app()->forgetScopedInstances();

        return array_column(
            $this->actingAs(House::user('femi'))->get('/in-hand')->viewData('page')['props']['notices'],
            'said',
        );
    };
    expect($said())->toBe(['came to you by the rule “Rule gives”']);
    app(HandOnTask::class)($task, House::person('tobias'), 'Knows it', House::user('femi'));
    expect($said())->toBe([]);
});

it('tells those whom a rule names, and says so on the task', function (): void {
    House::publish(
        givesTo('femi', [
            [
                'kind' => 'tell',
                'people' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']],
                'text' => '~task.title~ has come in',
            ],
        ]),
    );
    $task = House::arrive(title: 'Horn');
    expect(told())->toBe(['ayumi told Horn has come in', 'tobias told Horn has come in', 'femi routed Rule gives']);
    $page = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->assertOk()
        ->viewData('page')['props'];
    expect(json_encode($page, JSON_UNESCAPED_UNICODE))->toContain(
        'Told Ayumi Kato, Tobias Lindqvist: “Horn has come in”',
    );
});

it('tells who is named in what is said, but not by themselves', function (): void {
    House::publish(givesTo('femi'));
    $task = House::arrive();
    app(CommentOn::class)($task, 'Look @Tobias, @Femi', ['tobias', 'femi'], Speaker::user(House::user('femi')));
    expect(array_slice(told(), 1))->toBe(['tobias mentioned femi']);
});

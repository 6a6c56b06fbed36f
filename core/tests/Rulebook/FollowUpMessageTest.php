<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Subject\Effect\MessagePrepared;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\Story;

require_once __DIR__ . '/FollowUpFunctions.php';

const MESSAGE = ['kind' => 'message', 'channel' => 'mail', 'text' => 'The ~task.title~ is ready.'];

it('prepares a message for those whom it is for, each once', function (
    array $more,
    TaskSubject $task,
    array $to,
    string $channel,
): void {
    $effect = effectOf([...MESSAGE, ...$more], $task);
    expect($effect)->toBeInstanceOf(MessagePrepared::class);
    expect(array_intersect_key($effect->write(), ['to' => 0, 'channel' => 0, 'text' => 0]))->toBe([
        'to' => $to,
        'channel' => $channel,
        'text' => 'The Horn is ready.',
    ]);
})->with([
    'holder' => [['addressee' => 'holder'], Story::task(), ['person:femi'], 'mail'],
    'holders' => [
        ['addressee' => 'holder', 'channel' => 'text'],
        Story::task()->heldTogether(['femi', 'ayumi']),
        ['person:femi', 'person:ayumi'],
        'text',
    ],
    'customer' => [['addressee' => 'customer'], Story::task(), ['customer:band'], 'mail'],
    'watchers' => [
        ['addressee' => 'watchers', 'channel' => 'chat'],
        Story::task()->watchedBy(['tobias']),
        ['person:tobias'],
        'chat',
    ],
    'people of a pool' => [
        ['addressee' => 'people', 'people' => ['kind' => 'people', 'people' => ['ayumi', 'tobias']]],
        Story::task(),
        ['person:ayumi', 'person:tobias'],
        'mail',
    ],
]);

it('says when and how it goes', function (): void {
    $effect = effectOf([...MESSAGE, 'addressee' => 'holder'], Story::task());
    expect($effect?->write()['subject'])->toBe('Horn');
    expect($effect?->write()['held'])->toBeTrue();
    expect($effect?->write())->not->toHaveKey('not_before');
    // Half past nine in Dublin and two working hours of the house later.
    $later = effectOf(
        [...MESSAGE, 'addressee' => 'holder', 'held' => false, 'delay' => 'PT2H', 'subject' => 'A ~task.title~'],
        Story::task(),
    );
    expect($later?->write()['held'])->toBeFalse();
    expect($later?->write()['not_before'])->toBe('2026-03-02T12:00:00Z');
    expect($later?->write()['subject'])->toBe('A Horn');
});

it('prepares nothing for nobody', function (): void {
    expect(effectOf([...MESSAGE, 'addressee' => 'reviewer'], Story::task()))->toBeNull();
    expect(effectOf([...MESSAGE, 'addressee' => 'customer'], Story::task()->with(['customerId' => null])))->toBeNull();
});

it('refuses what reaches nobody', function (array $more): void {
    expect(static fn() => effectOf([...MESSAGE, ...$more], Story::task()))->toThrow(DocumentError::class);
})->with([
    'people without people' => [['addressee' => 'people']],
    'people where it is for the customer' => [
        ['addressee' => 'customer', 'people' => ['kind' => 'people', 'people' => ['ayumi']]],
    ],
    'a team that is not named' => [['addressee' => 'team', 'channel' => 'chat']],
    'a customer by chat' => [['addressee' => 'customer', 'channel' => 'chat']],
    'files by a text' => [['addressee' => 'customer', 'channel' => 'text', 'files' => true]],
    'a team that is not there' => [['addressee' => 'team', 'team' => 'nowhere', 'channel' => 'chat']],
]);

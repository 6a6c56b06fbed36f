<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Message\Tries;
use OpenBaton\Core\Subject\Effect\MessagePrepared;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Tests\Support\Story;

require_once __DIR__ . '/../Rulebook/FollowUpFunctions.php';

const MESSAGE = ['kind' => 'message', 'channel' => 'mail', 'text' => 'The ~task.title~ is ready.'];

it('prepares a message for those whom it is for, each once', function (
    array $more,
    Subject $task,
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
    'a team that is not there' => [['addressee' => 'team', 'team' => 'nowhere', 'channel' => 'chat']],
]);

it('knows whom a channel reaches, and how much it takes', function (): void {
    expect(Channel::Chat->takes(RecipientKind::Customer))->toBeFalse();
    expect(Channel::Mail->takes(RecipientKind::Team))->toBeFalse();
    expect(Channel::Text->takes(RecipientKind::Customer))->toBeTrue();
    expect(Channel::Text->most())->toBe(459);
});

it('tries again after 1, 5, 15, 60 and 240 minutes and 12 hours, and then no more', function (): void {
    $minutes = array_map(static fn(int $failed): ?int => Tries::next($failed, 0), range(1, 7));
    expect($minutes)->toBe([60, 300, 900, 3600, 14_400, 43_200, null]);
});

it('leads from each state to those that a person may put it in', function (): void {
    $leads = [];
    foreach (MessageState::cases() as $from) {
        $leads[$from->value] = array_values(
            array_map(
                static fn(MessageState $to): string => $to->value,
                array_filter(MessageState::cases(), static fn(MessageState $to): bool => $from->leadsTo($to)),
            ),
        );
    }
    expect($leads)->toBe([
        'held' => ['to_be_sent', 'dropped'],
        'to_be_sent' => ['held', 'dropped'],
        'sent' => [],
        'failed' => ['held', 'dropped'],
        'given_up' => ['to_be_sent', 'dropped'],
        'dropped' => ['to_be_sent'],
    ]);
});

it('takes out of texts what does more than say something', function (): void {
    expect(HarmlessText::line("Ready\r\nBcc: all@selwyn.example", 100))->toBe('Ready Bcc: all@selwyn.example');
    expect(HarmlessText::line("a\u{202E}b\u{2066}c\u{2028}d\x07e\tf", 100))->toBe('abc d e f');
    expect(HarmlessText::line('Grüße', 3))->toBe('Grü');
    expect(HarmlessText::prose("One\r\nTwo\rThree\u{2029}Four\x00\x1b[31m\t!", 100))->toBe(
        "One\nTwo\nThree\nFour[31m\t!",
    );
    expect(HarmlessText::prose("שלום <b>עולם</b>\u{202E}", 100))->toBe('שלום <b>עולם</b>');
    expect(HarmlessText::prose("bad \xC3\x28", 100))->toBe('bad ?(');
});

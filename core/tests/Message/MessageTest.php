<?php

declare(strict_types=1);

use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Message\Tries;

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

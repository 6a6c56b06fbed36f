<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\RandomRecurrence;
use OpenBaton\Core\Time\BoundedRule;
use OpenBaton\Core\Time\Steps;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sabre\VObject\InvalidDataException;

it('gives up on what never comes, after so many steps', function (string $rule, string $from): void {
    $days = new BoundedRule($rule, new DateTimeImmutable($from), new Steps(5_000));
    // From the month in which it begins the library goes to a day near it; after that there is none.
    $days->next();
    $days->next();
})
    ->with([
        '30 February' => ['FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30', '2026-03-02'],
        'every seventh day from a Monday, on Tuesdays' => ['FREQ=DAILY;INTERVAL=7;BYDAY=TU', '2026-03-02'],
        'a week that the library never finds' => ['FREQ=YEARLY;BYWEEKNO=53;BYDAY=MO', '2026-03-02'],
        'the 31st of each February' => ['FREQ=MONTHLY;INTERVAL=12;BYMONTHDAY=31', '2026-02-02'],
    ])
    ->throws(Refusal::class, 'It does not come, or so seldom');

it('stops by itself whatever the rule is', function (): void {
    $random = new Randomizer(new Mt19937(16));
    $stopped = $gone = $unread = 0;
    for ($round = 0; $round < 1_500; ++$round) {
        $rule = RandomRecurrence::of($random);
        try {
            $found = 0;
            for (
                $days = new BoundedRule($rule, new DateTimeImmutable('2026-01-31 09:00'), new Steps(1_000));
                $days->valid() && $found < 20;
                $days->next()
            ) {
                ++$found;
            }
            ++$gone;
        } catch (Refusal) {
            ++$stopped;
        } catch (InvalidDataException) {
            ++$unread;
        }
    }
    expect($stopped)->toBeGreaterThan(30);
    expect($gone)->toBeGreaterThan(500);
    expect($stopped + $gone + $unread)->toBe(1_500);
});

it('refuses a schedule that never comes from its first day on, with the place', function (): void {
    $read = static fn(string $from): mixed => PartFormat::read(
        Node::root([
            'kind' => 'schedule',
            'recurrence' => 'FREQ=DAILY;INTERVAL=7;BYDAY=TU',
            'from' => $from,
            'time' => '09:00',
        ]),
        Family::Event,
        Build::context(),
    );
    expect(PartFormat::write($read('2026-03-03'))['recurrence'])->toBe('FREQ=DAILY;INTERVAL=7;BYDAY=TU');
    expect(static fn(): mixed => $read('2026-03-02'))->toThrow(DocumentError::class, 'never comes from 2026-03-02 on');
});

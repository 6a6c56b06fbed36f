<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\RunsRule;

require_once __DIR__ . '/WorldFormatFunctions.php';

/** @return list<array{string, string}> the pointer and reason of each fault of a world with events of ours */
function refusedEvents(array ...$events): array
{
    $world = example();
    $world['events'] = $events;
    try {
        WorldFormat::read(Node::root($world));

        return [];
    } catch (DocumentError $error) {
        return array_map(static fn($fault): array => [$fault->pointer, $fault->reason], $error->faults);
    }
}

it('takes no member that an event does not have', function (array $event): void {
    $fitting = refusedEvents(['id' => 'e', 'at' => '2026-03-02T10:00:00Z'] + $event);
    $faults = refusedEvents(['id' => 'e', 'at' => '2026-03-02T10:00:00Z', 'colour' => 'red'] + $event);
    expect(array_column($fitting, 0))->not->toContain('/events/0/colour');
    expect(array_column($faults, 1, 0)['/events/0/colour'] ?? json_encode($faults))->toContain(
        'There is no such member',
    );
})->with([
    'a tick' => [['kind' => 'tick']],
    'a pressed button' => [['kind' => 'pressed', 'task' => 't', 'rule' => 'r']],
    'a change of a customer' => [['kind' => 'customer_changes', 'customer' => 'c', 'facts' => []]],
]);

it('takes events in the order of time alone, the clock before all of them', function (): void {
    $tick = static fn(string $id, string $at): array => ['id' => $id, 'kind' => 'tick', 'at' => $at];
    expect(refusedEvents($tick('a', '2027-03-02T10:00:00Z'), $tick('b', '2027-03-02T10:00:00Z')))->toBe([]);
    expect(refusedEvents($tick('a', '2027-03-02T10:00:01Z'), $tick('b', '2027-03-02T10:00:00Z')))->toBe([
        ['/events/1/at', 'Events come in the order of time, none before the clock.'],
    ]);
    expect(array_column(refusedEvents($tick('a', '2020-03-02T10:00:00Z')), 0))->toBe(['/events/0/at']);
});

it('presses what a rule has as a button, and only that', function (): void {
    $world = example();
    $world['rulebook']['rules'][1]['when'] = [['kind' => 'pressed', 'label' => 'Send it round']];
    $press = ['id' => 'e9', 'kind' => 'pressed', 'at' => '2027-03-02T10:00:00Z', 'task' => 'T-2'];
    $pressed = static fn(string $rule): Happening => array_slice(
        WorldFormat::read(Node::root(['events' => [...$world['events'], ['rule' => $rule] + $press]] + $world))->events,
        -1,
    )[0];
    expect($pressed('brass-round'))->toBeInstanceOf(RunsRule::class);
    expect(static fn() => $pressed('owner-keeps'))->toThrow(
        DocumentError::class,
        'no rule "owner-keeps" with a button',
    );
    expect(static fn() => $pressed('unknown'))->toThrow(DocumentError::class, 'no rule "unknown" with a button');
});

<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\StillOpen;
use OpenBaton\Core\Tests\Support\Build;

/** @return array<string, mixed> */
function dutyDocument(array $more = []): array
{
    return $more + [
        'openbaton' => 'duty/1',
        'id' => 'reeds',
        'name' => 'Reed count',
        'task' => ['kind' => 'repair', 'title' => 'Count the reeds, ~duty.period~', 'estimate' => 'PT30M'],
        'comes' => ['rule' => 'FREQ=WEEKLY;INTERVAL=2;BYDAY=FR', 'from' => '2026-12-11'],
        'due' => '+0 days',
        'off_day' => 'before',
        'still_open' => 'wait',
        'catch_up' => 'newest',
    ];
}

/** @return list<string> "pointer: message" */
function dutyFaults(array $document): array
{
    try {
        (new DutyFormat(Build::context()))->read(Node::root($document));
    } catch (DocumentError $error) {
        return array_map(static fn($fault): string => "{$fault->pointer}: {$fault->reason}", $error->faults);
    }

    return [];
}

it('reads a duty, and writes it as it was', function (array $more): void {
    $document = dutyDocument($more);
    $duty = (new DutyFormat(Build::context()))->read(Node::root($document));
    expect([$duty->id, $duty->template->title->text, $duty->template->estimate, $duty->stillOpen])->toBe([
        'reeds',
        'Count the reeds, ~duty.period~',
        30,
        StillOpen::Wait,
    ]);
    $again = (new DutyFormat(Build::context()))->read(Node::root(DutyFormat::write($duty)));
    expect($again)->toEqual($duty);
    expect(array_intersect_key(DutyFormat::write($duty), $document))->toEqual($document);
})->with([
    'by the calendar' => [[]],
    'after the last' => [['comes' => ['after_last' => '+10 working_days', 'from' => '2026-12-11']]],
    'with all' => [
        [
            'appears' => '-3 working_days',
            'pause' => ['from' => '2027-07-01', 'to' => '2027-08-31'],
            'until' => '2028-01-01',
            'count' => 40,
            'give' => [
                'pool' => ['kind' => 'people', 'people' => ['ayumi', 'femi']],
                'method' => ['kind' => 'round_robin', 'rotation' => 'Reeds', 'keep_missed' => 0],
                'limits' => [],
                'otherwise' => ['kind' => 'next_rule'],
            ],
        ],
    ],
]);

it('says where it is wrong', function (array $more, string $fault): void {
    expect(implode("\n", dutyFaults(dutyDocument($more))))->toContain($fault);
})->with([
    [['comes' => ['rule' => 'FREQ=HOURLY', 'from' => '2026-12-11']], '/comes/rule'],
    [['comes' => ['rule' => 'FREQ=DAILY', 'after_last' => '+1 days', 'from' => '2026-12-11']], '/comes'],
    [['comes' => ['after_last' => '+2 hours', 'from' => '2026-12-11']], '/comes'],
    [['comes' => ['rule' => 'FREQ=DAILY']], 'from'],
    [['appears' => '+2 days'], 'The task comes on its date'],
    [['pause' => ['to' => '2027-01-01']], '/pause'],
    [['until' => '2026-01-01'], 'Its last date lies before the first.'],
    [['count' => 0], '1 to 9999 times'],
    [['id' => 'Reed count'], '/id'],
    [['off_day' => 'never'], '/off_day'],
    [['task' => ['kind' => 'repair', 'title' => 'Count ~task.nothing~']], '/task/title'],
    [['also' => 1], 'also'],
    [
        [
            'give' => [
                'seat' => 'reviewer',
                'pool' => ['kind' => 'people', 'people' => ['ayumi']],
                'method' => ['kind' => 'in_order'],
            ],
        ],
        '/give/seat',
    ],
]);

it('knows the calendar that it comes by', function (): void {
    $duty = (new DutyFormat(Build::context()))->read(Node::root(dutyDocument()));
    expect($duty->rhythm)->toBeInstanceOf(ByCalendar::class);
    expect($duty->rhythm->from()->format())->toBe('2026-12-11');
});

<?php

declare(strict_types=1);

use OpenBaton\Core\Message\QuietHours;
use OpenBaton\Core\Message\SummaryTime;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\Zone;

it('comes once on each day on which they work, as soon as they may be reached', function (
    string $last,
    string $now,
    bool $comes,
): void {
    $quiet = new QuietHours(
        Build::calendar('Europe/Dublin', '09:00-17:30'),
        TimeOfDay::parse('08:00'),
        TimeOfDay::parse('09:30'),
    );
    $has = SummaryTime::hasCome((int) strtotime($last), (int) strtotime($now), new Zone('Europe/Dublin'), $quiet);
    expect($has)->toBe($comes);
})->with([
    'before work' => ['2026-03-02T10:00:00Z', '2026-03-03T08:59:00Z', false],
    'at work, and it is quiet' => ['2026-03-02T10:00:00Z', '2026-03-03T09:29:00Z', false],
    'then' => ['2026-03-02T10:00:00Z', '2026-03-03T09:30:00Z', true],
    'on the same day' => ['2026-03-03T09:30:00Z', '2026-03-03T12:00:00Z', false],
    'late, where the clock stood' => ['2026-03-02T10:00:00Z', '2026-03-03T15:00:00Z', true],
    'on a Sunday' => ['2026-03-06T10:00:00Z', '2026-03-08T12:00:00Z', false],
    'after the weekend' => ['2026-03-06T10:00:00Z', '2026-03-09T09:30:00Z', true],
    'where the clock was set back' => ['2026-03-04T10:00:00Z', '2026-03-03T10:00:00Z', false],
]);

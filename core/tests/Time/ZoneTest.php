<?php

declare(strict_types=1);

use OpenBaton\Core\Time\Zone;

it('changes its offset at the very second', function (string $zone, string $change, int $before, int $after): void {
    $instant = (int) strtotime($change);
    $offsets = new Zone($zone);
    expect($offsets->offsetAt($instant - 1))->toBe($before);
    expect($offsets->offsetAt($instant))->toBe($after);
})->with([
    'spring in Dublin' => ['Europe/Dublin', '2026-03-29T01:00:00Z', 0, 3600],
    'autumn in Dublin' => ['Europe/Dublin', '2026-10-25T01:00:00Z', 3600, 0],
    'half an hour on Lord Howe' => ['Australia/Lord_Howe', '2026-04-04T15:00:00Z', 39600, 37800],
    'beyond the tables of today' => ['Europe/Dublin', '2099-03-29T01:00:00Z', 0, 3600],
    'a day that Samoa skipped' => ['Pacific/Apia', '2011-12-30T10:00:00Z', -36000, 50400],
    'never' => ['Asia/Kathmandu', '2026-03-29T01:00:00Z', 20700, 20700],
    'before the epoch' => ['Europe/Berlin', '1945-11-18T01:00:00Z', 7200, 3600],
]);

it('has the offset of the platform, whichever instant is asked first', function (): void {
    mt_srand(11);
    foreach (['Europe/Dublin', 'America/New_York', 'Africa/Casablanca', 'UTC'] as $name) {
        [$zone, $platform] = [new Zone($name), new DateTimeZone($name)];
        for ($try = 0; $try < 500; ++$try) {
            $instant = mt_rand(-600_000_000, 4_000_000_000);
            if ($zone->offsetAt($instant) !== $platform->getOffset(new DateTimeImmutable("@{$instant}"))) {
                $this->fail("{$name} at " . gmdate('c', $instant));
            }
        }
    }
    expect($zone->offsetAt(0))->toBe(0);
});

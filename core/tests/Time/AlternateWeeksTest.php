<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\HoursFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Time\Zone;

/** @param array<string, mixed> ...$patterns */
function alternating(string $date, array ...$patterns): array
{
    $calendar = HoursFormat::calendar(Node::root(['hours' => array_values($patterns)]), new Zone('UTC'));

    return array_map(
        static fn(Span $span): string => gmdate('H:i', $span->from) . '-' . gmdate('H:i', $span->to),
        $calendar->spansOf(LocalDate::parse($date)),
    );
}

it('goes from week to week and comes back', function (string $date, array $expected): void {
    // It begins on a Wednesday: the Monday before already belongs to the first week.
    $pattern = [
        'from' => '2026-03-04',
        'mon' => ['09:00-17:00'],
        'wed' => ['09:00-17:00'],
        'then' => [['wed' => ['12:00-20:00']], []],
    ];
    expect(alternating($date, $pattern))->toBe($expected);
})->with([
    'before it begins' => ['2026-03-02', []],
    'the first week' => ['2026-03-04', ['09:00-17:00']],
    'the second, Monday' => ['2026-03-09', []],
    'the second, Wednesday' => ['2026-03-11', ['12:00-20:00']],
    'the third' => ['2026-03-18', []],
    'the first again' => ['2026-03-23', ['09:00-17:00']],
    'a year on, 52 weeks later' => ['2027-03-03', ['12:00-20:00']],
]);

it('gives way to a later pattern', function (): void {
    $patterns = [
        ['from' => '2026-03-02', 'mon' => ['09:00-17:00'], 'then' => [[]]],
        ['from' => '2026-03-09', 'mon' => ['10:00-12:00']],
    ];
    expect(alternating('2026-03-09', ...$patterns))->toBe(['10:00-12:00']);
    expect(alternating('2026-03-16', ...$patterns))->toBe(['10:00-12:00']);
});

it('says what is wrong with a week', function (): void {
    expect(fn() => alternating('2026-03-02', ['from' => '2026-03-02', 'then' => [['from' => '2026-03-09']]]))->toThrow(
        DocumentError::class,
    );
    expect(fn() => alternating('2026-03-02', ['from' => '2026-03-02', 'then' => array_fill(0, 8, [])]))->toThrow(
        DocumentError::class,
    );
});

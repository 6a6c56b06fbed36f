<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use App\Tables\Cell;
use App\Tables\Notation;
use App\Tables\Table;
use OpenBaton\Core\Document\DocumentError;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it('reads dates as people of all countries write them', function (string $text, ?bool $dayFirst, string $day): void {
    expect((new Cell($text, 2, 'due', new Notation('.', $dayFirst)))->day())->toBe($day);
})->with([
    ['2026-03-09', null, '2026-03-09'],
    ['2026/3/9', null, '2026-03-09'],
    ['9.3.2026', false, '2026-03-09'],
    ['9. 3. 2026', null, '2026-03-09'],
    ['31/12/2026', null, '2026-12-31'],
    ['12/31/2026', null, '2026-12-31'],
    ['3/3/2026', null, '2026-03-03'],
    ['03/04/2026', true, '2026-04-03'],
    ['03/04/2026', false, '2026-03-04'],
    ['3-4-2026', true, '2026-04-03'],
    ['2028-02-29', null, '2028-02-29'],
]);

it('reads a time after a date, in the zone of the house, and gives a day that has none its usual one', function (
    string $text,
    string $moment,
): void {
    $cell = new Cell($text, 2, 'due', new Notation('.', true));
    expect($cell->moment(new DateTimeZone('Europe/Dublin'), '23:59'))->toBe($moment);
})->with([
    ['2026-03-09 14:30', '2026-03-09T14:30:00Z'],
    ['2026-07-09T14:30', '2026-07-09T13:30:00Z'],
    ['9.7.2026 8.05', '2026-07-09T07:05:00Z'],
    ['9/7/2026, 2:30 PM', '2026-07-09T13:30:00Z'],
    ['9/7/2026 12:00 a.m.', '2026-07-08T23:00:00Z'],
    ['09/07/2026', '2026-07-09T22:59:00Z'],
    ['2026-03-02T09:00:00+02:00', '2026-03-02T09:00:00+02:00'],
]);

it('reads no date out of what is none, and does not guess which one is meant', function (
    string $text,
    string $said,
): void {
    expect(static fn() => (new Cell($text, 2, 'due'))->day())->toThrow(DocumentError::class, $said);
})->with([
    ['30.2.2026', 'is not a date'],
    ['13/13/2026', 'is not a date'],
    ['1.1.0026', 'is not a date'],
    ['tomorrow', 'is not a date'],
    ['2026-03-09 25:00', 'is not a date'],
    ['2026-03-09 13:00 PM', 'is not a date'],
    ['1/2/26', 'is not a date'],
    ['03/04/2026', '"03/04/2026" may be 2026-04-03 or 2026-03-04: write it as one of these.'],
]);

it('takes the order of day and month from a date of the table that can be nothing else', function (
    string $table,
    ?bool $dayFirst,
): void {
    expect(Table::of($table)->notation()->dayFirst)->toBe($dayFirst);
})->with([
    ["due\n03/04/2026\n13/04/2026\n", true],
    ["due\n3/4/2026\n3/14/2026\n", false],
    ["due\n3/4/2026\n", null],
    ["due\n13/4/2026\n4/13/2026\n", null],
    ["a\n113/4/2026\n", null],
]);

it('brings tasks in with dates as their spreadsheet has them', function (): void {
    SentTable::to($this, 'tasks', "title;kind;start;due\nHorn;quote;03/04/2026;13/04/2026 12:00\n")->assertStatus(202);
    $task = Task::query()->where('title', 'Horn')->sole();
    expect([$task->starts_at?->toIso8601ZuluString(), $task->due_at?->toIso8601ZuluString()])->toBe([
        '2026-04-02T23:00:00Z',
        '2026-04-13T11:00:00Z',
    ]);
    expect(SentTable::lines(SentTable::to($this, 'tasks/preview', "title;kind;due\nHorn;quote;03/04/2026\n")))->toBe([
        '2 wrong due: "03/04/2026" may be 2026-04-03 or 2026-03-04: write it as one of these.',
    ]);
});

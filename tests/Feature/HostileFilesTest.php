<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\House\House as HouseRow;
use App\Models\People\Person;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tests\Support\House;

require_once __DIR__ . '/HostileFilesFunctions.php';

/** Of each file; more of them with MUTATIONS in the environment. */
function mutations(): int
{
    return (int) (getenv('MUTATIONS') ?: 60);
}

beforeEach(function (): void {
    beginHostileFiles();
    $this->actingAs(House::user('hanneke'));
});

/** A file as it might come out of broken hands: cut, doubled, swapped, with strange bytes and numbers. */
function spoilt(string $text, Randomizer $random): string
{
    $lines = explode("\n", $text);
    $at = static fn(array $of): int => $random->getInt(0, count($of) - 1);
    for ($times = $random->getInt(1, 4); $times > 0; --$times) {
        $line = $at($lines);
        $cut = $random->getInt(0, strlen($lines[$line]));
        $strange = [
            "\0",
            "\xff\xfe",
            '😀😀',
            '"',
            ';',
            ',',
            ':',
            '99999999999999999999',
            '-1',
            'NaN',
            str_repeat('x', 5000),
            "\r\nBEGIN:VEVENT",
            '{}',
            "\u{202e}",
        ];
        match ($random->getInt(0, 5)) {
            0 => ($lines[$line] = substr($lines[$line], 0, $cut)),
            1 => ($lines[$line] = substr_replace($lines[$line], $strange[$at($strange)], $cut, 0)),
            2 => array_splice($lines, $line, 0, [$lines[$at($lines)]]),
            3 => array_splice($lines, $line, count($lines) > 1 ? 1 : 0),
            4 => ($lines[$line] = strrev($lines[$line])),
            5 => ($lines[$line] = (string) preg_replace(
                '/\d+/',
                (string) $random->getInt(0, 99999),
                $lines[$line],
                1,
            )),
        };
    }

    return implode("\n", $lines);
}

/** @return array<string, list<array<string, mixed>>> what no file may change by halves */
function houseRows(): array
{
    $rows = [];
    foreach (
        ['people', 'teams', 'team_members', 'person_skills', 'absences', 'calendar_entries', 'activity_log']
        as $table
    ) {
        $rows[$table] = array_values(
            DB::table($table)->get()->map(static fn(object $row): array => (array) $row)->sort()->all(),
        );
    }

    return $rows;
}

/** Takes spoilt files in, each into the house as it was: a clear answer, and nothing of what was refused. */
function takeSpoilt(string $whole, int $seed, Closure $send): int
{
    $random = new Randomizer(new Mt19937($seed));
    $before = houseRows();
    $refused = 0;
    for ($mutation = 0; $mutation < mutations(); ++$mutation) {
        $text = spoilt($whole, $random);
        app()->forgetScopedInstances();
        DB::beginTransaction();
        /** @var TestResponse<Response> $answer */
        $answer = $send($text);
        expect($answer->getStatusCode())->toBeLessThan(500, base64_encode($text));
        if ($answer->getStatusCode() >= 400) {
            ++$refused;
            expect($answer->json('errors.0.detail') ?? $answer->json('message'))
                ->toBeString()
                ->not->toBe('');
            expect(houseRows())->toBe($before, base64_encode($text));
        }
        // What was entered by hand is there whatever comes.
        expect(Absence::query()->where('slug', 'by-hand')->count())->toBe(1);
        expect(Person::query()->count())->toBeGreaterThanOrEqual(5);
        DB::rollBack();
    }

    return $refused;
}

it('answers spoilt tables, cards and rosters clearly, and takes nothing of what it refuses', function (
    string $form,
    string $type,
    int $seed,
): void {
    HouseRow::query()->increment('roster_revision');
    $whole = (string) $this->get("/roster/export?form={$form}")
        ->assertOk()
        ->getContent();
    $refused = takeSpoilt(
        $whole,
        $seed,
        fn(string $text): TestResponse => $this->call(
            'POST',
            "/roster/import?form={$form}",
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => $type],
            $text,
        ),
    );
    expect($refused)
        ->toBeGreaterThan(mutations() / 10)
        ->toBeLessThanOrEqual(mutations());
})->with([
    ['csv', 'text/plain', 1],
    ['csv', 'text/plain', 2],
    ['vcf', 'text/plain', 3],
    ['json', 'application/json', 4],
]);

it('answers spoilt calendars clearly, and takes nothing of what it refuses', function (int $seed): void {
    $event = static fn(
        string $uid,
        string $more,
    ): string => "BEGIN:VEVENT\r\nUID:{$uid}\r\nDTSTAMP:20260301T000000Z\r\nATTENDEE;CN=Femi " .
        "Adeyinka:mailto:femi@alderquill.example\r\n{$more}\r\nEND:VEVENT\r\n";
    $whole =
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//X//EN\r\n" .
        $event('1', "DTSTART;VALUE=DATE:20260309\r\nDTEND;VALUE=DATE:20260312") .
        $event(
            '2',
            "SEQUENCE:2\r\nDTSTART;TZID=Europe/Helsinki:20260316T090000\r\nDURATION:PT4H\r\n" .
                "RRULE:FREQ=WEEKLY;COUNT=3\r\nEXDATE;TZID=Europe/Helsinki:20260323T090000",
        ) .
        $event('3', "STATUS:CANCELLED\r\nDTSTART:20260401T090000Z\r\nDTEND:20260401T120000Z") .
        "END:VCALENDAR\r\n";
    takeSpoilt(
        $whole,
        $seed,
        fn(string $text): TestResponse => $this->call(
            'POST',
            '/absences/calendars/import',
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/calendar'],
            $text,
        ),
    );
    expect(
        $this->call(
            'POST',
            '/absences/calendars/import',
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/calendar'],
            $whole,
        )
            ->assertOk()
            ->getStatusCode(),
    )->toBe(200);
    expect(Absence::query()->count())->toBe(4);
})->with([11, 12]);

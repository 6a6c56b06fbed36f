<?php

declare(strict_types=1);

use App\Models\House\TableImport;
use App\Models\People\Place;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

/** @return list<string> the tree, each with what it lies in and whoever answers for it */
function placesThere(): array
{
    return Place::query()
        ->with(['parent', 'responsible', 'deputy'])
        ->orderBy('slug')
        ->get()
        ->map(
            static fn(Place $one): string => implode(' ', [
                $one->slug,
                $one->parent->slug ?? '-',
                $one->responsible->slug ?? '-',
                $one->deputy->slug ?? '-',
            ]),
        )
        ->all();
}

const SHEET =
    "name;in;responsible;deputy\n" .
    "Lowlands;;Femi Adeyinka;\n" .
    "Mill Vale;Lowlands;;\n" .
    "the holms;Islands;Tobias Ekholm;ayumi\n" .
    "The Holms;Lowlands;;\n" .
    "Islands;;;\n";

it('brings the tree in as a table, whatever lies in a place after it', function (): void {
    $people = [House::person('femi')->name, House::person('tobias')->name];
    $sheet = str_replace(['Femi Adeyinka', 'Tobias Ekholm'], $people, SHEET);
    expect(SentTable::lines(SentTable::to($this, 'places/preview', $sheet)))->toBe([
        '2 makes',
        '3 makes',
        '4 changes',
        '5 makes',
        '6 same',
    ]);
    expect(Place::query()->count())->toBe(2);
    $import = SentTable::to($this, 'places', $sheet)->assertStatus(202)->json('id');
    expect(placesThere())->toBe([
        'islands - - -',
        'lowlands - femi -',
        'mill-vale lowlands - -',
        'the-holms islands tobias ayumi',
        'the-holms-2 lowlands - -',
    ]);
    $import = TableImport::query()->findOrFail($import);
    expect([$import->made, $import->changed, $import->faults])->toBe([3, 1, null]);
    // Brought in again it changes nothing.
    SentTable::to($this, 'places', $sheet)->assertStatus(202);
    expect(Place::query()->count())->toBe(5);
});

it('goes out as it comes in', function (): void {
    $this->postJson('/places', ['name' => 'Lowlands', 'responsible' => 'femi'])->assertCreated();
    $sent = $this->get('/places/export')->assertOk()->streamedContent();
    expect($sent)->toBe(
        "\xEF\xBB\xBFid,name,in,responsible,deputy\n" .
            "islands,Islands,,,\nlowlands,Lowlands,,femi,\nthe-holms,\"The Holms\",islands,tobias,\n",
    );
    expect(SentTable::lines(SentTable::to($this, 'places/preview', $sent)))->toBe(['2 same', '3 same', '4 same']);
});

it('says by line what is not right, and then does nothing', function (): void {
    $sheet =
        "id,name,in,responsible\n" .
        ",Weka,Nowhere,\n" .
        ",A street,The Holms,\n" .
        "nowhere,,,\n" .
        ",Lowlands,,Nobody\n" .
        ",Highlands,,\n" .
        ",HIGHLANDS,,\n" .
        "the-holms,,Highlands,\n" .
        "islands,,Highlands,\n";
    $wrong = SentTable::to($this, 'places/preview', $sheet);
    expect(SentTable::lines($wrong))->toBe([
        '2 wrong in: There is no place "Nowhere".',
        '3 wrong in: Nothing lies below the last level.',
        '4 wrong id: There is no place "nowhere".',
        '5 wrong responsible: There is no person "Nobody".',
        '7 wrong : This is the same place as in line 6.',
        '9 wrong in: It lies at another level than places in "Highlands".',
        '6 makes',
        '8 changes',
    ]);
    SentTable::to($this, 'places', $sheet)->assertUnprocessable();
    expect(Place::query()->count())->toBe(2);
});

it('looks at more lines in as many queries', function (): void {
    $count = function (int $lines): int {
        $table = "name,in,responsible\n";
        for ($line = 1; $line <= $lines; ++$line) {
            $table .= "Region {$line},,femi\nDistrict {$line},Region {$line},ayumi\n";
        }
        DB::flushQueryLog();
        DB::enableQueryLog();
        SentTable::to($this, 'places/preview', $table)
            ->assertOk()
            ->assertJsonPath('counts.makes', 2 * $lines);
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $count(1);
    expect($count(100))->toBe($count(2));
});

it('keeps the tree by other systems, with the right for customers', function (): void {
    $ask = function (string $method, string $path, array $body = [], string $right = 'customers:keep'): TestResponse {
        app('auth')->forgetGuards();
        app()->forgetScopedInstances();
        $token = House::user('hanneke')->createToken('t', [$right], now()->addDay())->plainTextToken;

        return $this->json($method, "/api/v1/places{$path}", $body, ['Authorization' => "Bearer {$token}"]);
    };
    $ask('POST', '', ['name' => 'Mill Vale', 'in' => 'islands', 'deputy' => 'ayumi'])
        ->assertCreated()
        ->assertExactJson([
            'id' => 'mill-vale',
            'name' => 'Mill Vale',
            'level' => 'district',
            'in' => 'islands',
            'responsible' => null,
            'deputy' => 'ayumi',
            'retired' => false,
        ]);
    $ask('PUT', '/mill-vale', ['responsible' => 'femi', 'deputy' => null])
        ->assertOk()
        ->assertJson(['name' => 'Mill Vale', 'responsible' => 'femi', 'deputy' => null]);
    $ask('GET', '/mill-vale')->assertOk()->assertJsonPath('responsible', 'femi');
    $ask('GET', '?q=mill')->assertOk()->assertJsonPath('places.0.id', 'mill-vale')->assertJsonPath('total', 1);
    $ask('GET', '/nowhere')->assertNotFound();
    $ask('PUT', '/mill-vale', ['level' => 'region'])->assertUnprocessable();
    $ask('POST', '', ['name' => 'X'], 'tasks:read')->assertForbidden();
    expect(Place::query()->count())->toBe(3);
});

<?php

declare(strict_types=1);

use App\Cases\CasesTable;
use App\Models\Cases\CustomerCase;
use App\Models\House\TableImport;
use App\Tables\ImportVerdict;
use App\Tables\LookAtTable;
use App\Tables\RunImport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    Cases::track();
    $this->actingAs(House::user('hanneke'));
    $this->look = static fn(string $table): array => array_map(
        static fn(ImportVerdict $one): array => [
            $one->line,
            $one->what,
            ...array_map(static fn($fault): string => $fault->pointer, $one->faults),
        ],
        LookAtTable::of(app(CasesTable::class), $table)[1],
    );
    $this->bring = function (string $table): TableImport {
        $id = SentTable::to($this, 'cases', $table)->assertStatus(202)->json('id');
        app()->call([new RunImport($id), 'handle']);

        return TableImport::query()->findOrFail($id);
    };
});

const CASES = <<<'CSV'
title;track;stage;customer;owner;terms signed on;tags;key
Forty clarinets;Hire;Fitting;The Holms Primary School;Ayumi Kato;2.3.2026;large; 4711
Six cellos;hire;;;;;;4712

CSV;

it('opens a case for each line, by names as by ids, and rules answer', function (): void {
    $given = ['pool' => ['kind' => 'people', 'people' => ['femi']], 'method' => ['kind' => 'same_person']];
    House::publish(ofCases('owns', ['kind' => 'case_opens'], [], ['give' => $given]));
    expect(($this->look)(CASES))->toBe([[2, 'makes'], [3, 'makes']]);
    expect(CustomerCase::query()->count())->toBe(0);
    $import = ($this->bring)(CASES);
    expect([$import->made, $import->faults])->toBe([2, null]);
    $cases = CustomerCase::query()
        ->with(['owner', 'customer'])
        ->orderBy('number')
        ->get();
    expect(
        $cases
            ->map(
                static fn(CustomerCase $one): array => [
                    $one->title,
                    $one->stage,
                    $one->customer?->slug,
                    $one->owner?->slug,
                    $one->facts['case.terms'] ?? null,
                    $one->tags,
                ],
            )
            ->all(),
    )->toBe([
        ['Forty clarinets', 'fitting', 'holms-school', 'ayumi', '2026-03-02', ['large']],
        ['Six cellos', 'enquiry', null, 'femi', null, []],
    ]);
});

it('opens a case once, however often its line comes, and whichever worker does it', function (): void {
    ($this->bring)(CASES);
    expect(array_column(($this->look)(CASES), 1))->toBe(['same', 'same']);
    expect([($this->bring)(CASES)->made, CustomerCase::query()->count()])->toBe([0, 2]);
    // Without keys, once of one table: a worker that died has not said how far it was.
    $table = "title,track\nOne,Hire\nTwo,Hire\n";
    $import = ($this->bring)($table);
    TableImport::query()
        ->whereKey($import->id)
        ->update([
            'done' => 0,
            'ended_at' => null,
            'rows' => json_encode([
                ['line' => 2, 'document' => ['case' => ['title' => 'One', 'track' => 'Hire']]],
                ['line' => 3, 'document' => ['case' => ['title' => 'Two', 'track' => 'Hire']]],
            ]),
        ]);
    app()->call([new RunImport($import->id), 'handle']);
    expect(CustomerCase::query()->count())->toBe(4);
});

it('says of each line what is wrong with it, and then does nothing', function (): void {
    $table = <<<'CSV'
    title,track,stage,customer,owner,Terms signed on,key
    A,Hirings,,,,,
    B,Hire,Gone,,,,
    C,Hire,,Nobody,,,
    D,Hire,,,Nobody,,
    E,Hire,,,,soon,
    F,Hire,,,,,k
    G,Hire,,,,,k
    ,Hire,,,,,
    CSV;
    expect(($this->look)($table))->toBe([
        [2, 'wrong', '/line 2/track'],
        [3, 'wrong', '/line 3/stage'],
        [4, 'wrong', '/line 4/customer'],
        [5, 'wrong', '/line 5/owner'],
        [6, 'wrong', '/line 6/case.terms'],
        [7, 'makes'],
        [8, 'wrong', '/line 8/key'],
        [9, 'wrong', '/line 9'],
    ]);
    SentTable::to($this, 'cases', $table)->assertUnprocessable();
    expect([CustomerCase::query()->count(), TableImport::query()->count()])->toBe([0, 0]);
});

it('looks at many lines in as many queries as at few', function (): void {
    $asked = function (int $lines): int {
        $table = "title,track,customer,owner,key\n";
        for ($line = 0; $line < $lines; ++$line) {
            $table .= "Case {$line},Hire,The Holms Primary School,Ayumi Kato,{$line}\n";
        }
        DB::enableQueryLog();
        ($this->look)($table);
        $asked = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $asked;
    };
    $asked(2);
    expect($asked(40))->toBe($asked(2));
});

it('is for those who bring tables in', function (): void {
    $this->actingAs(House::user('femi'));
    $this->postJson('/imports/cases/preview')->assertForbidden();
});

<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\House\TableImport;
use App\Models\People\Place;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Tables\Cell;
use App\Tables\Notation;
use App\Tables\RunImport;
use App\Tables\Table;
use App\Tables\TableWriter;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Document\DocumentError;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->actingAs(House::user('hanneke'));
});

it('reads tables as spreadsheets of all countries write them', function (string $bytes, array $rows): void {
    expect(iterator_to_array(Table::of($bytes)->lines()))->toBe($rows);
})->with([
    'commas and quotes' => ["a,b\n\"x, \"\"y\"\"\",2\n", [1 => ['a', 'b'], 2 => ['x, "y"', '2']]],
    'semicolons, a mark of UTF-8' => ["\xEF\xBB\xBFa;b\n\"1,5\";ü\n", [1 => ['a', 'b'], 2 => ['1,5', 'ü']]],
    'tabs, as copied' => ["a\tb\r\nx y\t\r\n", [1 => ['a', 'b'], 2 => ['x y', '']]],
    'of the west' => ["a;b\nS\xF3;\x80\n", [1 => ['a', 'b'], 2 => ['Só', '€']]],
    'UTF-16' => [
        "\xFF\xFE" . mb_convert_encoding("a\tb\nü\t1\n", 'UTF-16LE', 'UTF-8'),
        [1 => ['a', 'b'], 2 => ['ü', '1']],
    ],
    'lines in a cell, and empty ones' => [
        "a,b\n\"x\ny\",1\n,\nz,2\n",
        [1 => ['a', 'b'], 2 => ["x\ny", '1'], 5 => ['z', '2']],
    ],
    'one column' => ["name\nA\n", [1 => ['name'], 2 => ['A']]],
]);

it('reads numbers by the decimal mark of the table', function (string $text, string $decimal, int|float $number): void {
    expect((new Cell($text, 2, 'value', new Notation($decimal)))->number())->toBe($number);
})->with([
    ['1234', '.', 1234],
    ['1,234', '.', 1234],
    ['1.234', '.', 1.234],
    ['1,234', ',', 1.234],
    ['1.234', ',', 1234],
    ['1.234,50', '.', 1234.5],
    ['1,234.50', ',', 1234.5],
    ['1 234,5', '.', 1234.5],
    ['12,5', '.', 12.5],
    ['-3', '.', -3],
    ['€ 1.234.567', '.', 1234567],
]);

it('reads no number out of what is none', function (string $text): void {
    expect(static fn() => (new Cell($text, 2, 'value'))->number())->toThrow(DocumentError::class);
})->with(['', 'ten', '1.', '1e5', '1-2', '0x10']);

it('writes nothing that a spreadsheet would take for a formula, and reads it as it was', function (): void {
    $file = fopen('php://temp', 'r+');
    (new TableWriter($file))->line(['=1+1', '+353 1 555', '-5', '-2+3', '@now', 'a;b', "x\ny", true, ['r', 's']]);
    rewind($file);
    $written = (string) stream_get_contents($file);
    expect(trim($written))->toBe("\" =1+1\",\"+353 1 555\",-5,\" -2+3\",\" @now\",a;b,\"x\ny\",yes,\"r; s\"");
    expect(iterator_to_array(Table::of($written)->lines())[1])->toBe([
        '=1+1',
        '+353 1 555',
        '-5',
        '-2+3',
        '@now',
        'a;b',
        "x\ny",
        'yes',
        'r; s',
    ]);
});

it('says of each line of customers what it does, then does that', function (): void {
    $table =
        "name;tier;place;looked after by;e-mail\n" .
        "The Holms Primary School;;;;office@holms.example\n" .
        "Weka Hall;School;Islands;Femi Adeyinka;hall@weka.example\n" .
        "Ada at home;;;;\n";
    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $table)))->toBe([
        '2 changes',
        '3 makes',
        '4 makes',
    ]);
    expect(Customer::query()->count())->toBe(1);
    $id = SentTable::to($this, 'customers', $table)->assertAccepted()->json('id');
    expect($this->getJson("/imports/{$id}")->json())->toBe([
        'total' => 3,
        'done' => 3,
        'made' => 2,
        'changed' => 1,
        'faults' => [],
        'ended' => true,
    ]);
    $weka = Customer::query()
        ->with(['owner', 'place', 'contacts'])
        ->where('slug', 'weka-hall')
        ->sole();
    expect([$weka->tier, $weka->place?->slug, $weka->owner?->slug, $weka->contacts->sole()->email])->toBe([
        'school',
        'islands',
        'femi',
        'hall@weka.example',
    ]);
    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $table)))->toBe(['2 same', '3 same', '4 same']);
    // What goes out comes in as it was.
    app()->forgetScopedInstances();
    $out = $this->get('/customers/export')->assertOk()->streamedContent();
    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $out)))->toBe(['2 same', '3 same', '4 same']);
});

it('says what is wrong with a table of customers by line and column, and brings none of it in', function (): void {
    $table =
        "name,tier,place,owner,contact_email\n" .
        "Weka Hall,club,,,\n" .
        "Ada,,Nowhere,,\n" .
        "Bea,,,Nobody,\n" .
        "weka hall,,,,\n" .
        "Cal,,,,cal\n" .
        ",school,,,\n";
    expect(SentTable::lines(SentTable::to($this, 'customers/preview', $table)))->toBe([
        '2 wrong tier: There is no sort of customers "club"; there are: school.',
        '3 wrong place: There is no place "Nowhere".',
        '4 wrong owner: There is no person "Nobody".',
        '5 wrong : This is the same customer as in line 2.',
        '6 wrong contact_email: Give an e-mail address.',
        '7 wrong name: This is needed.',
    ]);
    SentTable::to($this, 'customers', $table)->assertUnprocessable();
    expect(Customer::query()->count())->toBe(1);
    expect(TableImport::query()->count())->toBe(0);
    SentTable::to($this, 'customers/preview', "shoes\nx\n")->assertUnprocessable();
    SentTable::to($this, 'shoes/preview', "name\nx\n")->assertNotFound();
});

it('goes on with what was stopped half way, and does nothing twice', function (): void {
    Queue::fake();
    $lines = implode('', array_map(static fn(int $number): string => "Customer {$number}\n", range(1, 120)));
    $id = SentTable::to($this, 'customers', "name\n{$lines}")
        ->assertAccepted()
        ->json('id');
    $import = TableImport::query()->sole();
    $rows = $import->rows;
    app()->call([new RunImport($id), 'handle']);
    expect($import->refresh()->only(['done', 'made']))->toBe(['done' => 120, 'made' => 120]);
    $import->update(['done' => 50, 'made' => 0, 'ended_at' => null, 'rows' => $rows]);
    expect(Customer::query()->count())->toBe(121);
    app()->call([new RunImport($id), 'handle']);
    expect(Customer::query()->count())->toBe(121);
});

it('takes tasks in by line and routes each, once each by its key', function (): void {
    $table =
        "title\tkind\tcustomer\tminutes\tkey\tValue\n" .
        "Cornet, worn felts\tBench repair\tThe Holms Primary School\t45\tA-17\t1.200,50\n" .
        "Tuba, dent\tbench-repair\t\t\tA-18\t\n" .
        "Flute, pads\tbench repair\t\t\t\t\n";
    expect(SentTable::lines(SentTable::to($this, 'tasks/preview', $table)))->toBe(['2 makes', '3 makes', '4 makes']);
    SentTable::to($this, 'tasks', $table)->assertAccepted();
    $tasks = Task::query()
        ->with(['assignee', 'customer'])
        ->orderBy('number')
        ->get();
    expect($tasks->pluck('title')->all())->toBe(['Cornet, worn felts', 'Tuba, dent', 'Flute, pads']);
    expect($tasks->pluck('assignee.slug')->all())->toBe(['ayumi', 'femi', 'callum']);
    expect([$tasks[0]->source, $tasks[0]->customer?->slug, $tasks[0]->estimate_minutes])->toBe([
        TaskSource::Table,
        'holms-school',
        45,
    ]);
    // Those with a key are there, the other one is another one.
    expect(SentTable::lines(SentTable::to($this, 'tasks/preview', $table)))->toBe(['2 same', '3 same', '4 makes']);
    SentTable::to($this, 'tasks', $table)->assertAccepted();
    expect(Task::query()->count())->toBe(4);
    $wrong = "title,kind,key\nA,nothing,1\nB,quote,2\nC,quote,2\n";
    expect(
        array_map(
            static fn(string $one): string => substr($one, 0, 16),
            SentTable::lines(SentTable::to($this, 'tasks/preview', $wrong)),
        ),
    )->toBe(['2 wrong kind: Th', '4 wrong key: Thi', '3 makes']);
});

it('looks at many lines in as many queries as at few, whatever places they name', function (): void {
    foreach (range(1, 60) as $one) {
        Place::query()->create(['slug' => "bay-{$one}", 'name' => "Bay {$one}", 'level' => 'region']);
    }
    $count = function (int $lines): int {
        // Each in a place of its own; of the last ones there is none.
        $table =
            "name\tplace\towner\n" .
            implode('', array_map(static fn(int $one): string => "C {$one}\tBay {$one}\tfemi\n", range(1, $lines)));
        DB::flushQueryLog();
        SentTable::to($this, 'customers/preview', $table)->assertOk();

        return count(DB::getQueryLog());
    };
    $count(1);
    DB::enableQueryLog();
    $few = $count(2);
    expect($count(400))->toBeLessThanOrEqual($few);
});

<?php

declare(strict_types=1);

use App\Duties\DutiesTable;
use App\Models\Duties\Duty;
use App\Models\House\TableImport;
use App\Tables\ImportVerdict;
use App\Tables\LookAtTable;
use App\Tables\RunImport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Criteria\Fault;
use Tests\Support\Clock;
use Tests\Support\Duties;
use Tests\Support\House;
use Tests\Support\SentTable;

beforeEach(function (): void {
    // A Monday.
    Clock::set('2026-03-02T10:00:00Z');
    Queue::fake();
    House::open();
    $this->actingAs(House::user('hanneke'));
});

/** @return list<array{int, string, ...}> line, what it does, and where it is wrong */
function looksAtDuties(string $table): array
{
    app()->forgetScopedInstances();

    return array_map(
        static fn(ImportVerdict $one): array => [
            $one->line,
            $one->what,
            ...array_map(static fn(Fault $fault): string => $fault->pointer, $one->faults),
        ],
        LookAtTable::of(app(DutiesTable::class), $table)[1],
    );
}

function bringsDutiesIn(string $table): TableImport
{
    app()->forgetScopedInstances();
    $id = SentTable::to(test(), 'duties', $table)->assertStatus(202)->json('id');
    app()->call([new RunImport($id), 'handle']);
    app()->forgetScopedInstances();

    return TableImport::query()->findOrFail($id);
}

const DUTIES = <<<'CSV'
name;kind;title;people;team;rule;after_last;from;minutes;customer;tags;still_open
Reed count;Quote;"Count the reeds, ~duty.period~";Ayumi Kato; ;"FREQ=WEEKLY;BYDAY=FR";;6.3.2026;40;;stock;wait
Van check;quote;Check the vans;;Brass bench;;+15 working_days;;;The Holms Primary School;;
Oil;quote;Oil the keys;"Ayumi Kato; Femi Adeyinka";;FREQ=MONTHLY;;;;;;

CSV;

it('makes a duty of each line, by names as by ids, and changes nothing when it comes again', function (): void {
    expect(looksAtDuties(DUTIES))->toBe([[2, 'makes'], [3, 'makes'], [4, 'makes']]);
    expect(Duty::query()->count())->toBe(0);
    $import = bringsDutiesIn(DUTIES);
    expect([$import->made, $import->changed, $import->faults])->toBe([3, 0, null]);
    $made = Duty::query()->get()->keyBy('slug');
    $reeds = (array) $made['reed-count']->document;
    expect([$reeds['task'], $reeds['comes'], $reeds['still_open']])->toBe([
        ['kind' => 'quote', 'title' => 'Count the reeds, ~duty.period~', 'estimate' => 'PT40M', 'tags' => ['stock']],
        ['rule' => 'FREQ=WEEKLY;BYDAY=FR', 'from' => '2026-03-06'],
        'wait',
    ]);
    expect($reeds['give'])->toMatchArray([
        'pool' => ['kind' => 'people', 'people' => ['ayumi']],
        'method' => ['kind' => 'in_order'],
    ]);
    expect($made['reed-count']->next_date?->format('Y-m-d'))->toBe('2026-03-06');
    $vans = (array) $made['van-check']->document;
    expect([$vans['task']['customer'], $vans['comes'], $vans['give']['pool']['team'], $vans['give']['method']])->toBe([
        'holms-school',
        ['after_last' => '+15 working_days', 'from' => '2026-03-02'],
        'brass-bench',
        ['kind' => 'round_robin', 'rotation' => 'Van check'] + $vans['give']['method'],
    ]);
    expect($made['oil']->document['give']['pool']['people'])->toBe(['ayumi', 'femi']);
    expect(looksAtDuties(DUTIES))->toBe([[2, 'same'], [3, 'same'], [4, 'same']]);
    bringsDutiesIn(DUTIES);
    expect(Duty::query()->pluck('revision', 'slug')->all())->toBe(['reed-count' => 1, 'van-check' => 1, 'oil' => 1]);
});

it('changes what a line says of one that is there, and leaves the rest as it is', function (): void {
    Duties::save();
    $before = (array) Duty::query()->sole()->document;
    $import = bringsDutiesIn("id;title;minutes;rule\nreeds;Count them;45;\n");
    expect([$import->made, $import->changed])->toBe([0, 1]);
    $duty = Duty::query()->sole();
    expect($duty->revision)->toBe(2);
    $task = ['title' => 'Count them', 'estimate' => 'PT45M'] + $before['task'];
    expect($duty->document)->toEqual(['task' => $task] + $before);
    // Another rhythm takes the place of the one that was; a give-to in turn stays where it goes to the same.
    bringsDutiesIn("id;after_last;people\nreeds;+3 days;ayumi; femi\n");
    expect(Duty::query()->sole()->document['comes'])->toBe(['after_last' => '+3 days', 'from' => '2026-03-02']);
});

it('goes out as a table that comes in again and changes nothing', function (): void {
    Duties::save();
    Duties::save([
        'id' => 'vans',
        'name' => 'Vans',
        'give' => null,
        'count' => 4,
        'comes' => [
            'after_last' => '+2 weeks',
            'from' => '2026-03-09',
        ],
    ]);
    app()->forgetScopedInstances();
    $out = $this->get('/duties/export')->assertOk()->streamedContent();
    expect($out)->toContain('Ayumi Kato; Femi Adeyinka');
    expect(looksAtDuties($out))->toBe([[2, 'same'], [3, 'same']]);
    $this->actingAs(House::user('femi'))->get('/duties/export')->assertForbidden();
});

it('says where a line is wrong, and brings nothing in', function (): void {
    $table = <<<'CSV'
    name;kind;title;people;team;rule;customer;minutes
    One;none;Title;;;FREQ=WEEKLY;;
    Two;quote;Title;Nobody Here;;FREQ=WEEKLY;;
    Three;quote;Title;ayumi;brass-bench;FREQ=WEEKLY;;
    Four;quote;Title;;;FREQ=SOMETIMES;;
    Five;quote;Title;;;FREQ=WEEKLY;nowhere;
    Six;quote;Title;;;FREQ=WEEKLY;;
    Six;quote;Title;;;FREQ=WEEKLY;;
    ;quote;Title;;;FREQ=WEEKLY;;

    CSV;
    expect(looksAtDuties($table))->toBe([
        [2, 'wrong', '/line 2/kind'],
        [3, 'wrong', '/line 3/people'],
        [4, 'wrong', '/line 4/team'],
        [5, 'wrong', '/line 5/rule'],
        [6, 'wrong', '/line 6/customer'],
        [7, 'makes'],
        [8, 'wrong', '/line 8/id'],
        [9, 'wrong', '/line 9/id'],
    ]);
    SentTable::to($this, 'duties', $table)->assertUnprocessable();
    expect(Duty::query()->count())->toBe(0);
});

it('asks no more of the database for many lines than for few', function (): void {
    $asked = static function (int $lines): int {
        $table = "name;kind;title;rule;customer\n";
        for ($line = 0; $line < $lines; ++$line) {
            $table .= "Duty {$line};quote;Title;FREQ=WEEKLY;holms-school\n";
        }
        app()->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        expect(looksAtDuties($table))->toHaveCount($lines);
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    };
    $asked(1);
    expect($asked(60))->toBe($asked(2));
});

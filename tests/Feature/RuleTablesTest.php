<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Explain\HouseWords;
use App\RuleTables\AlikeRules;
use App\RuleTables\CellText;
use App\Tables\Cell;
use App\Words\Words;
use OpenBaton\Core\Table\RuleRow;
use OpenBaton\Core\Time\Zone;
use Tests\Support\Clock;
use Tests\Support\House;
use Tests\Support\OpenPage;
use Tests\Support\PropTypes;

require_once __DIR__ . '/PagesFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(
        ofFamily('brass', 'ayumi'),
        ofFamily('strings', 'tobias'),
        House::roundRule(),
        ofFamily('keys', 'femi', 'is_not'),
    );
});

/** @return array<string, mixed> */
function ofFamily(string $family, string $person, string $operator = 'is'): array
{
    return [
        'if' => [
            'all' => [
                ['field' => 'task.family', 'op' => $operator, 'value' => $family === 'keys' ? 'brass' : $family],
                ['field' => 'task.value', 'op' => 'more_than', 'value' => 400],
            ],
        ],
        'then' => [['kind' => 'due_in', 'after' => 'P2D', 'hours_of' => 'house'], ['kind' => 'tag', 'tag' => $family]],
    ] +
        House::rule(
            "of-{$family}",
            [],
            [
                'pool' => ['kind' => 'people', 'people' => [$person]],
                'method' => ['kind' => 'in_order'],
                'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 6]],
                'otherwise' => ['kind' => 'next_rule'],
            ],
        );
}

/** What a table from a spreadsheet comes to. */
function readTable(mixed $test, string $table, int $status = 200): mixed
{
    $answer = $test
        ->actingAs(House::user('hanneke'))
        ->postJson('/rulebook/table/read', ['rule' => ofFamily('brass', 'ayumi'), 'table' => $table])
        ->assertStatus($status);

    return $status === 200
        ? $answer->json('rows')
        : array_map(static fn(array $one): array => [$one['pointer'], $one['detail']], $answer->json('errors'));
}

it('has a table for rules that stand together and differ in values alone', function (): void {
    $this->actingAs(House::user('hanneke'));
    expect($this->getJson('/rulebook/tables')->json('tables'))->toBe([
        ['rule' => 'of-brass', 'name' => 'Rule of-brass', 'rows' => 2],
    ]);
    $props = propsOf($this, 'hanneke', '/rulebook/table?rule=of-strings');
    expect($props['table']->ids ?? $props['table']['ids'])->toBe(['of-brass', 'of-strings']);
    expect(PropTypes::check('tables', [['RuleTablePage', 'RuleTablePageProps', $props]]))->toBe('');
    $alone = propsOf($this, 'hanneke', '/rulebook/table?rule=round');
    expect($alone['table']->ids ?? $alone['table']['ids'])->toBe(['round']);
    $this->get('/rulebook/table?rule=nowhere')->assertRedirect('/rulebook');
    $this->get('/rulebook/table/export?rule=nowhere')->assertNotFound();
    // A page that is open when its rule is taken out goes on.
    $partial = OpenPage::visits() + [
        'X-Inertia-Partial-Component' => 'Rulebook/RuleTable',
        'X-Inertia-Partial-Data' => 'table,rules',
    ];
    $left = $this->get('/rulebook/table?rule=nowhere', $partial)->assertOk()->json('props.table');
    expect($left)->toBe(['rule' => 'nowhere', 'ids' => ['nowhere'], 'elsewhere' => [], 'columns' => []]);
});

it('finds rules that are alike elsewhere', function (): void {
    $rules = [ofFamily('brass', 'ayumi'), House::roundRule(), ofFamily('strings', 'tobias')];
    $byId = array_combine(array_column($rules, 'id'), $rules);
    expect(AlikeRules::runs($byId))->toBe([]);
    expect(AlikeRules::around($byId, 'of-brass'))->toBe(['of-brass']);
    expect(AlikeRules::elsewhere($byId, ['of-brass']))->toBe(['of-strings']);
});

it('is written as CSV: names, and the columns in which its rows differ', function (): void {
    $csv = $this->actingAs(House::user('hanneke'))->get('/rulebook/table/export?rule=of-brass')->streamedContent();
    expect(trim($csv, "\u{feff}\n"))->toBe(
        "Name,\"Instrument family\",People,Tag\n" .
            "\"Rule of-brass\",Brass,\"Ayumi Kato\",brass\n" .
            '"Rule of-strings",Strings,"Tobias Lindqvist",strings',
    );
});

it('reads lines as people write them, of any of its columns', function (): void {
    $rows = readTable(
        $this,
        "Name\tInstrument family\tValue is more than\tPeople\tOpen tasks at most\tTag\n" .
            "Strings\tstrings\t1.200,50\tfemi; Callum Rees\t3\t\n" .
            "\tBrass\t\t\t\tbig brass\n",
    );
    expect($rows[0])->toBe([
        'values' => [
            '/if/all/0/value' => 'strings',
            '/if/all/1/value' => 1200.5,
            '/give/pool/people' => ['femi', 'callum'],
            '/give/limits/0/tasks' => 3,
        ],
        'name' => 'Strings',
    ]);
    expect($rows[1])->toBe(['values' => ['/if/all/0/value' => 'brass', '/then/1/tag' => 'big brass'], 'name' => null]);
});

it('says what is wrong at its line and column, all of it at once', function (): void {
    $faults = readTable(
        $this,
        "Name;Instrument family;People;Open tasks at most\n" .
            "One;Drums;Nemo;3\nTwo;Brass;Ayumi Kato;many\nThree;Brass;;0\n",
        422,
    );
    expect(array_column($faults, 0))->toBe([
        '/line 2/Instrument family',
        '/line 2/People',
        '/line 3/Open tasks at most',
        '/line 4/Open tasks at most',
    ]);
    expect($faults[1][1])->toContain('Nemo')->and($faults[2][1])->toBe('"many" is not a whole number.');
    expect(readTable($this, "Colour\nred\n", 422)[0][0])->toStartWith('/line 1');
});

it('comes back to the same value from the text of each', function (): void {
    $house = app(SnapshotSource::class)->current();
    $texts = new CellText(new HouseWords(app(Words::class), $house, new Zone('Europe/Dublin')), $house);
    $rules = [
        ofFamily('brass', 'ayumi'),
        House::roundRule(),
        [
            'then' => [
                ['kind' => 'set_field', 'set' => ['field' => 'task.value', 'value' => 12.5]],
                ['kind' => 'set_field', 'set' => ['field' => 'task.repaired_by', 'value' => 'femi']],
                ['kind' => 'priority', 'priority' => 'high'],
                ['kind' => 'checklist', 'checklist' => 'brass-check'],
                ['kind' => 'due_follows', 'date_field' => 'task.needed', 'offset' => '-2 days'],
            ],
            'if' => [
                'any' => [
                    ['field' => 'task.needed', 'op' => 'before', 'value' => '2026-03-09'],
                    ['field' => 'task.repaired_by', 'op' => 'in_team', 'value' => 'brass-bench'],
                    ['field' => 'task.estimate', 'op' => 'more_than', 'value' => 'PT1H30M'],
                    ['field' => 'task.value', 'op' => 'between', 'value' => [10, 20.5]],
                    ['field' => 'task.needed', 'op' => 'within_next', 'value' => '+5 working_days'],
                    ['field' => 'task.tags', 'op' => 'matches_any', 'value' => ['loud', 'late']],
                ],
            ],
        ] + House::roundRule(),
    ];
    $seen = 0;
    foreach ($rules as $rule) {
        foreach (RuleRow::of($rule)->cells as $pointer => $cell) {
            if ($cell->value !== null) {
                $text = $texts->text($cell);
                $back = $texts->value($cell, new Cell($text, 1, 'x'));
                expect($back)->toEqual($cell->value, "{$pointer}: {$text}");
                expect($texts->label($cell))->not->toBe('');
                ++$seen;
            }
        }
    }
    expect($seen)->toBeGreaterThan(25);
});

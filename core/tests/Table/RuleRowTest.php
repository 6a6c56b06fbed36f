<?php

declare(strict_types=1);

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Table\RuleCell;
use OpenBaton\Core\Table\RuleRow;
use OpenBaton\Core\Tests\Support\RandomStory;

/** @return array<string, mixed> */
function districtRule(array $more = []): array
{
    return $more + [
        'id' => 'a',
        'name' => 'The Holms',
        'when' => [['kind' => 'task_arrives']],
        'if' => [
            'all' => [
                ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
                ['any' => [['field' => 'customer.place', 'op' => 'one_of', 'value' => ['the-holms', 'sulla']]]],
                ['field' => 'task.due', 'op' => 'before', 'value' => ['now' => 'today']],
                ['field' => 'task.value', 'op' => 'is_empty'],
            ],
        ],
        'give' => [
            'pool' => [
                'kind' => 'except',
                'pool' => ['kind' => 'people', 'people' => ['ayumi']],
                'without' => ['kind' => 'field', 'field' => 'task.creator'],
            ],
            'method' => ['kind' => 'in_order'],
            'limits' => [['kind' => 'open_tasks_at_most', 'tasks' => 6]],
        ],
        'then' => [
            ['kind' => 'tag', 'tag' => 'north'],
            ['kind' => 'set_field', 'set' => ['field' => 'task.rush', 'value' => true]],
        ],
    ];
}

it('takes up the values of a rule by their places', function (): void {
    $cells = RuleRow::of(districtRule())->cells;
    expect(
        array_map(
            static fn(RuleCell $cell): mixed => $cell->value,
            array_filter($cells, static fn(RuleCell $cell): bool => $cell->value !== null),
        ),
    )->toBe([
        '/if/all/0/value' => 'quote',
        '/if/all/1/any/0/value' => ['the-holms', 'sulla'],
        '/give/pool/pool/people' => ['ayumi'],
        '/give/pool/without/field' => 'task.creator',
        '/give/limits/0/tasks' => 6,
        '/then/0/tag' => 'north',
        '/then/1/set/value' => true,
    ]);
    expect([$cells['/if/all/0/value']->field, $cells['/if/all/0/value']->operator])->toBe(['task.kind', 'is']);
    expect([$cells['/give/limits/0/tasks']->kind, $cells['/give/limits/0/tasks']->parameter?->name])->toBe([
        'open_tasks_at_most',
        'tasks',
    ]);
    expect($cells['/then/1/set/value']->field)->toBe('task.rush');
});

it('says that rules are alike which differ in values, names and notes alone', function (
    array $other,
    bool $alike,
): void {
    expect(RuleRow::of(districtRule())->shape === RuleRow::of($other)->shape)->toBe($alike);
})->with(static function (): iterable {
    $rule = districtRule();
    yield 'the same' => [$rule, true];
    yield 'names, notes, paused' => [
        ['id' => 'b', 'name' => 'B', 'note' => 'Since May', 'active' => false] + $rule,
        true,
    ];
    yield 'other values' => [
        RuleRow::with($rule, ['/if/all/0/value' => 'fitting', '/give/pool/pool/people' => ['femi', 'callum']]),
        true,
    ];
    yield 'another operator' => [
        ['if' => ['field' => 'task.kind', 'op' => 'is_not', 'value' => 'quote']] + $rule,
        false,
    ];
    yield 'one comparison more' => [
        array_replace_recursive($rule, [
            'if' => ['all' => [4 => ['field' => 'task.rush', 'op' => 'is', 'value' => true]]],
        ]),
        false,
    ];
    yield 'another day' => [
        array_replace_recursive($rule, ['if' => ['all' => [2 => ['value' => ['now' => 'end of week']]]]]),
        false,
    ];
    yield 'another method' => [
        array_replace_recursive($rule, ['give' => ['method' => ['kind' => 'lightest_load']]]),
        false,
    ];
    yield 'another seat' => [array_replace_recursive($rule, ['give' => ['seat' => 'reviewer']]), false];
    yield 'nobody' => [array_diff_key($rule, ['give' => 1]), false];
    yield 'no follow-up' => [['then' => []] + $rule, false];
    yield 'another field that is set' => [
        array_replace_recursive($rule, ['then' => [1 => ['set' => ['field' => 'task.value']]]]),
        false,
    ];
});

it('puts values in their places, and takes them away', function (): void {
    $rule = districtRule();
    $with = RuleRow::with($rule, [
        '/give/limits/0/tasks' => 3,
        '/if/all/1/any/0/value' => ['weka'],
        '/then/0/tag' => null,
    ]);
    expect($with['give']['limits'][0])->toBe(['kind' => 'open_tasks_at_most', 'tasks' => 3]);
    expect($with['if']['all'][1]['any'][0]['value'])->toBe(['weka']);
    expect($with['then'][0])->toBe(['kind' => 'tag']);
    expect(
        RuleRow::with($with, [
            '/give/limits/0/tasks' => 6,
            '/if/all/1/any/0/value' => ['the-holms', 'sulla'],
            '/then/0/tag' => 'north',
        ]),
    )->toBe($rule);
});

it('reads what nobody would write without a fault', function (mixed $odd): void {
    expect(RuleRow::of(['when' => $odd, 'if' => $odd, 'give' => $odd, 'then' => $odd])->cells)->toBe([]);
    expect(RuleRow::of(['if' => ['all' => [$odd]], 'give' => ['pool' => $odd, 'limits' => [$odd]]])->cells)->toBe([]);
})->with([null, 7, 'text', [[['kind' => 'nothing']]], [[[['field' => 7]]]]]);

it('leaves every rule as it was where its own values are put into it', function (): void {
    for ($seed = 0; $seed < 60; ++$seed) {
        $document = RandomStory::of($seed)['rulebook'];
        $fields = WorldFormat::read(Node::root(RandomStory::of($seed)))->rulebook->fields;
        $format = new RuleFormat(new RuleContext(KindRegistry::standard(), $fields));
        foreach ($document['rules'] as $rule) {
            $whole = $format->write($format->read(Node::root($rule)));
            $row = RuleRow::of($whole);
            $values = array_map(static fn(RuleCell $cell): mixed => $cell->value, $row->cells);
            expect(RuleRow::with($whole, $values))->toEqual($whole);
            expect(RuleRow::of(RuleRow::with($whole, $values))->shape)->toBe($row->shape);
        }
    }
});

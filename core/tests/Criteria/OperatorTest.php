<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\CompiledCriteria;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\OperandShape;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Tests\Support\Build;

/** What may be asked of each type of field, and of which shape the operand is. */
const FITTING = [
    'text' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'contains' => 'one',
        'starts_with' => 'one',
        'ends_with' => 'one',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'number' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'less_than' => 'one',
        'at_most' => 'one',
        'more_than' => 'one',
        'at_least' => 'one',
        'between' => 'pair',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'money' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'less_than' => 'one',
        'at_most' => 'one',
        'more_than' => 'one',
        'at_least' => 'one',
        'between' => 'pair',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'date' => [
        'is' => 'one',
        'is_not' => 'one',
        'before' => 'one',
        'after' => 'one',
        'between' => 'pair',
        'within_next' => 'days',
        'within_last' => 'days',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'duration' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'less_than' => 'one',
        'at_most' => 'one',
        'more_than' => 'one',
        'at_least' => 'one',
        'between' => 'pair',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'time' => [
        'is' => 'one',
        'is_not' => 'one',
        'before' => 'one',
        'after' => 'one',
        'between' => 'pair',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'yes_no' => [
        'is' => 'one',
        'is_not' => 'one',
        'was' => 'one',
        'changed' => 'nothing',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'one_of' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'many_of' => [
        'matches_any' => 'several',
        'matches_all' => 'several',
        'matches_none' => 'several',
        'changed' => 'nothing',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'tags' => [
        'matches_any' => 'several',
        'matches_all' => 'several',
        'matches_none' => 'several',
        'changed' => 'nothing',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
    'person' => [
        'is' => 'one',
        'is_not' => 'one',
        'one_of' => 'several',
        'none_of' => 'several',
        'same_person_as' => 'field',
        'in_team' => 'team',
        'was' => 'one',
        'changed' => 'nothing',
        'changed_from_to' => 'from_to',
        'is_empty' => 'nothing',
        'is_filled' => 'nothing',
    ],
];

/** A field of each type in Build::fields(), and two values as documents write them, the lower first. */
const SAMPLES = [
    'text' => ['task.title', 'horn', 'tuba'],
    'number' => ['task.count', 2, 5],
    'money' => ['task.value', 10.5, 400],
    'date' => ['task.needed', '2026-03-02', '2026-03-09'],
    'duration' => ['task.estimate', 'PT30M', 'PT2H'],
    'time' => ['task.collected_at', '08:30', '17:00'],
    'yes_no' => ['task.rush', false, true],
    'one_of' => ['task.kind', 'quote', 'repair'],
    'many_of' => ['task.parts', 'pad', 'valve'],
    'tags' => ['task.tags', 'late', 'vip'],
    'person' => ['case.owner', 'ayumi', 'femi'],
];

/** @return array<string, mixed> */
function comparing(string $type, string $op): array
{
    [$field, $low, $high] = SAMPLES[$type];
    $operand = match (OperatorList::find($op)?->shape()) {
        OperandShape::One => ['value' => $high],
        OperandShape::Several, OperandShape::Pair => ['value' => [$low, $high]],
        OperandShape::FromTo => ['value' => [$high, $low]],
        OperandShape::Field => ['value' => ['field' => 'case.deputy']],
        OperandShape::Team => ['value' => 'brass'],
        OperandShape::Days => ['value' => 7],
        default => [],
    };

    return ['field' => $field, 'op' => $op] + $operand;
}

it('knows for each type what may be asked of it', function (FieldType $type): void {
    $shapes = [];
    foreach (OperatorList::fitting($type) as $operator) {
        $shapes[$operator->code()] = $operator->shape()->value;
    }
    expect($shapes)->toBe(FITTING[$type->value]);
})->with(FieldType::cases());

it('reads what fits a type and refuses what does not, at the operator', function (FieldType $type): void {
    $format = new CriteriaFormat(Build::context());
    foreach (array_keys(OperatorList::all()) as $op) {
        try {
            $read = $format->write($format->read(Node::root(comparing($type->value, $op))));
            $pointer = null;
        } catch (DocumentError $error) {
            [$read, $pointer] = [null, $error->faults[0]->pointer];
        }
        isset(FITTING[$type->value][$op])
            ? expect($read)->toBe(comparing($type->value, $op))
            : expect($pointer)->toBe('/op');
    }
})->with(FieldType::cases());

it('says of every pair of a type and an operator what holds for a missing value', function (): void {
    $missing = [];
    foreach (OperatorList::all() as $code => $operator) {
        if ($operator->holdsForMissing()) {
            $missing[] = $code;
        }
    }
    expect($missing)->toBe(['is_not', 'none_of', 'matches_none', 'is_empty']);
    $facts = Build::facts([]);
    foreach (FITTING as $type => $operators) {
        foreach (array_keys($operators) as $op) {
            $criteria = CompiledCriteria::compile(
                (new CriteriaFormat(Build::context()))->read(Node::root(comparing($type, $op))),
                Build::fields(),
            );
            expect([$type, $op, $criteria->holds($facts)])->toBe([$type, $op, in_array($op, $missing, true)]);
        }
    }
});

it('gives every operator the code under which it is listed', function (): void {
    foreach (OperatorList::all() as $code => $operator) {
        expect($operator)->toBeInstanceOf(Operator::class);
        expect($operator->code())->toBe($code);
        expect(OperatorList::find($code))->toBe($operator);
    }
    expect(OperatorList::find('resembles'))->toBeNull();
});

<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Bridge\Snapshot;
use App\Explain\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Team;

/** All that sentences of rules are made of in this house. Its type is Vocabulary.ts. */
final class Vocabulary
{
    /** @return array<string, mixed> */
    public static function of(Snapshot $snapshot): array
    {
        return [
            'fields' => array_map(static fn(Field $field): array => [
                'path' => $field->path,
                'label' => $field->label,
                'type' => $field->type->value,
                'options' => array_map(
                    static fn(int|string $value, string $label): array => ['value' => (string) $value, 'label' => $label],
                    array_keys($field->options),
                    array_values($field->options),
                ),
            ], array_values($snapshot->catalogue->fields)),
            'operators' => array_map(static fn(Operator $operator): array => [
                'code' => $operator->code(),
                'words' => Words::OPERATORS[$operator->code()],
                'shape' => $operator->shape()->value,
                'types' => array_values(array_map(
                    static fn(FieldType $type): string => $type->value,
                    array_filter(FieldType::cases(), $operator->fits(...)),
                )),
            ], array_values(OperatorList::all())),
            'teams' => array_map(static fn(Team $team): array => ['value' => $team->id, 'label' => $team->name], array_values($snapshot->roster->teams)),
            'skills' => array_map(
                static fn(int|string $id, string $name): array => ['value' => (string) $id, 'label' => $name],
                array_keys($snapshot->roster->skills),
                array_values($snapshot->roster->skills),
            ),
            'people' => array_map(
                static fn(Person $person): array => ['value' => $person->id, 'label' => $person->name],
                array_values($snapshot->roster->people),
            ),
            'currency' => config()->string('baton.currency'),
        ];
    }
}

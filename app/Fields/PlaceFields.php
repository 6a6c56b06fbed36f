<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\House\House;
use App\Models\People\Place;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;

/** Where the customer is in the tree of places, by its levels, and who answers for it there. */
final readonly class PlaceFields implements FieldProvider
{
    /** Of those who answer for a place. */
    public const ROLES = ['responsible', 'deputy'];

    public function __construct(private Words $words) {}

    public function fields(House $house): array
    {
        $places = Place::query()
            ->orderBy('slug')
            ->get(['slug', 'name', 'level', 'retired_at'])
            ->groupBy('level');
        $levels = $house->levels();
        $fields = [];
        foreach ($levels as $level => $label) {
            $at = $places->get($level) ?? collect();
            /** @var array<string, string> $options */
            $options = $at->pluck('name', 'slug')->all();
            /** @var list<string> $retired */
            $retired = $at->whereNotNull('retired_at')->pluck('slug')->values()->all();
            if ($options !== []) {
                $fields[] = new Field(
                    "customer.{$level}",
                    $label,
                    FieldType::OneOf,
                    $options,
                    retiredOptions: $retired,
                    derived: true,
                );
            }
        }
        $answering = $house->answering_level;
        foreach ($answering === null ? [] : self::ROLES as $role) {
            $label = $this->words->say("field.{$role}", [
                'place' => mb_strtolower($levels[(string) $answering] ?? (string) $answering),
            ]);
            $fields[] = new Field("{$answering}.{$role}", $label, FieldType::Person, derived: true);
        }

        return $fields;
    }

    public function values(TaskContent $task, FieldContext $context): array
    {
        $values = [];
        foreach ($task->customer->at ?? [] as $level => $slug) {
            $values["customer.{$level}"] = $slug;
        }
        foreach ($context->catalogue->fields as $path => $field) {
            if ($field->type === FieldType::Person && str_ends_with($path, '.responsible')) {
                $values[$path] = $task->customer?->responsible;
            } elseif ($field->type === FieldType::Person && str_ends_with($path, '.deputy')) {
                $values[$path] = $task->customer?->deputy;
            }
        }

        return $values;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\Snapshot;
use App\Fields\Choices;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\HistoryOperator;
use OpenBaton\Core\Criteria\Operator;
use OpenBaton\Core\Criteria\OperatorList;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Part;

/**
 * All that sentences of rules are made of in this house. Its type is Vocabulary.ts; the words are in resources/words.
 */
final readonly class Vocabulary
{
    public function __construct(private KindRegistry $kinds) {}

    /** @return array<string, mixed> */
    public function of(Snapshot $house): array
    {
        return [
            'kinds' => $this->families(),
            'operators' => $this->operators(),
            'fields' => array_map(self::field(...), array_values($house->catalogue->fields)),
            'momentFields' => array_map(self::field(...), array_values($house->catalogue->ofMoment)),
            'personFields' => array_map(self::field(...), array_values($house->catalogue->ofPeople)),
            'teams' => Choices::of(array_map(static fn(Team $team): string => $team->name, $house->roster->teams)),
            'skills' => Choices::of($house->roster->skills),
            'people' => Choices::people($house->roster),
            'checklists' => Choices::of(
                array_map(static fn(Checklist $list): string => $list->name, $house->checklists),
            ),
            'currency' => config()->string('baton.currency'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public function operators(): array
    {
        return array_map(self::operator(...), array_values(OperatorList::all()));
    }

    /** @return array<string, list<array<string, mixed>>> kinds with their parameters, by family */
    public function families(): array
    {
        $families = [];
        foreach (Family::cases() as $family) {
            $families[$family->value] = array_map(self::kind(...), array_values($this->kinds->of($family)));
        }

        return $families;
    }

    /**
     * @param class-string<Part> $class
     *
     * @return array<string, mixed>
     */
    private static function kind(string $class): array
    {
        return [
            'kind' => $class::kind(),
            'parameters' => array_map(
                static fn(Parameter $parameter): array => [
                    'name' => $parameter->name,
                    'control' => $parameter->type::control()->value,
                    'bounds' => (object) $parameter->type->bounds(),
                    'required' => $parameter->required,
                    'default' => $parameter->required ? null : $parameter->type->write($parameter->default),
                ],
                $class::parameters(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function operator(Operator $operator): array
    {
        return [
            'code' => $operator->code(),
            'shape' => $operator->shape()->value,
            'types' => array_values(array_column(array_filter(FieldType::cases(), $operator->fits(...)), 'value')),
            'history' => $operator instanceof HistoryOperator,
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        return [
            'path' => $field->path,
            'label' => $field->label,
            'type' => $field->type->value,
            'settable' => Assignment::isSettable($field->path),
            'retired' => $field->retired,
            'options' => Choices::ofField($field),
        ];
    }
}

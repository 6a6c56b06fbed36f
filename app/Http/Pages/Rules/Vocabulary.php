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
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Checklist;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Subject\SubjectKind;

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
            'kinds' => $this->families($house->tracks !== []),
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
            'runsheets' => Choices::of($house->runsheets),
            'currency' => config()->string('baton.currency'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public function operators(): array
    {
        return array_map(self::operator(...), array_values(OperatorList::all()));
    }

    /**
     * @param bool $cases the house has tracks, so that there is something that rules about cases can name
     *
     * @return array<string, list<array<string, mixed>>> kinds with their parameters, by family
     */
    public function families(bool $cases = true): array
    {
        $families = [];
        foreach (Family::cases() as $family) {
            $kinds = array_filter(
                $this->kinds->of($family),
                static fn(string $class): bool => $cases || !self::isOfCases($class),
            );
            $families[$family->value] = array_map(
                static fn(string $class): array => self::kind($class, $cases),
                array_values($kinds),
            );
        }

        return $families;
    }

    /** @param class-string<Part> $class */
    private static function isOfCases(string $class): bool
    {
        return SubjectKind::of($class) === [SubjectKind::Matter] ||
            array_filter(
                $class::parameters(),
                static fn(Parameter $one): bool => $one->required && $one->type instanceof OptionReference,
            ) !== [];
    }

    /**
     * @param class-string<Part> $class
     *
     * @return array<string, mixed>
     */
    private static function kind(string $class, bool $cases): array
    {
        $there = static fn(string $about): bool => $cases || $about !== SubjectKind::Matter->value;
        $about = array_values(array_filter(array_column(SubjectKind::of($class), 'value'), $there));

        return [
            'kind' => $class::kind(),
            'about' => $about,
            'parameters' => array_values(
                array_map(
                    static fn(Parameter $parameter): array => [
                        'name' => $parameter->name,
                        'control' => $parameter->type::control()->value,
                        'bounds' =>
                            (object) ($parameter->name === 'of' ? ['values' => $about] : $parameter->type->bounds()),
                        'required' => $parameter->required,
                        'default' => $parameter->required ? null : $parameter->type->write($parameter->default),
                    ],
                    array_filter(
                        $class::parameters(),
                        static fn(Parameter $one): bool => $one->name !== 'of' || count($about) > 1,
                    ),
                ),
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
            'settable' =>
                Assignment::isSettable($field->path) ||
                Assignment::isSettableOfCase($field->path) ||
                Assignment::isSettableOfCustomer($field),
            'retired' => $field->retired,
            'options' => Choices::ofField($field),
        ];
    }
}

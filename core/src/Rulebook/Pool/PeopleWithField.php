<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\FieldValue;

/** Everyone of whom the house keeps a certain value in one of its fields; of a list, each of the values. */
final readonly class PeopleWithField implements Pool
{
    public function __construct(public FieldValue $having) {}

    public static function kind(): string
    {
        return 'person_field';
    }

    public static function parameters(): array
    {
        return [Parameter::required('having', new Assignment(ofPeople: true))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $field = $this->having->field;
        $asked = Plain::set($this->having->value, $field->type);
        $members = [];
        foreach ($roster->people as $person) {
            $value = $person->fields[$field->path] ?? null;
            if ($value !== null && $asked !== [] && array_diff_key($asked, Plain::set($value, $field->type)) === []) {
                $members[] = new Membership($person->id);
            }
        }

        return $members;
    }

    public function namesOne(): bool
    {
        return false;
    }
}

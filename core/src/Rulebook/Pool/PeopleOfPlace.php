<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/**
 * Everyone whose place is one that fields of the subject hold, a field for
 * each level of the tree: with the region beside the district, whoever works
 * in the whole region works in its districts.
 */
final readonly class PeopleOfPlace implements Pool
{
    /** @param list<string> $fields paths of lists of places */
    public function __construct(public array $fields) {}

    public static function kind(): string
    {
        return 'place';
    }

    public static function parameters(): array
    {
        return [Parameter::required('fields', new ListOf(new FieldReference(FieldType::OneOf)))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $places = array_filter(array_map($facts->text(...), $this->fields), is_string(...));
        $members = [];
        foreach ($roster->people as $person) {
            if ($person->place !== null && in_array($person->place, $places, true)) {
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

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/** Everyone of whom the roster says a certain thing, such as that they drive the van. */
final readonly class PeopleWithAttribute implements Pool
{
    public function __construct(public string $attribute) {}

    public static function kind(): string
    {
        return 'attribute';
    }

    public static function parameters(): array
    {
        return [Parameter::required('attribute', new ShortText(TextLimits::TAG))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($roster->people as $person) {
            if ($person->has($this->attribute)) {
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

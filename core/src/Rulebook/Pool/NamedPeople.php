<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

final readonly class NamedPeople implements Pool
{
    /** @param list<string> $people each once */
    public function __construct(public array $people) {}

    public static function kind(): string
    {
        return 'people';
    }

    public static function parameters(): array
    {
        return [Parameter::required('people', new ListOf(new PersonReference()))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($this->people as $id) {
            if (isset($roster->people[$id])) {
                $members[] = new Membership($id);
            }
        }

        return $members;
    }

    public function namesOne(): bool
    {
        return count($this->people) === 1;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\People\Roster;

/** One named person, or their substitute; unplaced where there is no cover. */
final readonly class AskPerson implements Otherwise
{
    public function __construct(public string $person) {}

    public static function kind(): string
    {
        return 'person';
    }

    public static function parameters(): array
    {
        return [Parameter::required('person', new PersonReference())];
    }

    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): Fallback
    {
        return Fallback::to($this->person, $roster, $facts, $at, $otherSeatIds);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Absence\SubstituteFinder;
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

    public function settle(Roster $roster, Facts $facts, int $at, ?string $otherSeatId = null): Fallback
    {
        $cover = (new SubstituteFinder($roster))->find($this->person, $at, $facts, $otherSeatId);

        return new Fallback($cover->personId, [], $cover);
    }
}

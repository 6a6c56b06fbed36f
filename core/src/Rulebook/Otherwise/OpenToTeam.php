<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\HolderOnly;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;
use OpenBaton\Core\Rulebook\WorkOnly;

/**
 * Anyone in the team, its lead among them, to whom new work may come now may claim it; unplaced where there is nobody.
 */
final readonly class OpenToTeam implements Otherwise, HolderOnly, WorkOnly
{
    public function __construct(public string $team) {}

    public static function kind(): string
    {
        return 'open_to_team';
    }

    public static function parameters(): array
    {
        return [Parameter::required('team', new TeamReference())];
    }

    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): Fallback
    {
        $availability = new Availability($roster);
        $openTo = [];
        foreach ((new TeamMembers($this->team))->members($roster, $facts) as $member) {
            if ($availability->reasonsAgainst($roster->people[$member->personId], $at) === []) {
                $openTo[] = $member->personId;
            }
        }

        return new Fallback(null, $openTo);
    }
}

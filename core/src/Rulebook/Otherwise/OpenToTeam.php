<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Roster;

/** Anyone in the team to whom new work may come now may claim it; unplaced where there is nobody. */
final readonly class OpenToTeam implements Otherwise
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

    public function settle(Roster $roster, Facts $facts, int $at): Fallback
    {
        $availability = new Availability($roster);
        $openTo = [];
        foreach (($roster->teams[$this->team] ?? null)->members ?? [] as $member) {
            if ($member->isOn($facts->today) && $availability->reasonsAgainst($roster->people[$member->personId], $at) === []) {
                $openTo[] = $member->personId;
            }
        }

        return new Fallback(null, $openTo);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/** A team, with or without the teams below it; with its lead, listed as a member or not, or without. */
final readonly class TeamMembers implements Pool
{
    public function __construct(public string $team, public bool $withSubTeams = false, public bool $withLead = true) {}

    public static function kind(): string
    {
        return 'team';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('team', new TeamReference()),
            Parameter::optional('with_sub_teams', new YesNo(), false),
            Parameter::optional('with_lead', new YesNo(), true),
        ];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($roster->family($this->team, $this->withSubTeams) as $team) {
            foreach ($team->members as $member) {
                if ($member->isOn($facts->today) && ($this->withLead || $member->personId !== $team->leadId)) {
                    $members[$member->personId] ??= $member;
                }
            }
            if ($this->withLead && $team->leadId !== null) {
                $members[$team->leadId] ??= new Membership($team->leadId);
            }
        }

        return array_values($members);
    }

    public function namesOne(): bool
    {
        return false;
    }
}

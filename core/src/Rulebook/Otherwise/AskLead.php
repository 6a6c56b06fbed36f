<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\People\Roster;

/** The lead of a team, or their substitute; unplaced where it has none, or where there is no cover. */
final readonly class AskLead implements Otherwise
{
    public function __construct(public string $team) {}

    public static function kind(): string
    {
        return 'team_lead';
    }

    public static function parameters(): array
    {
        return [Parameter::required('team', new TeamReference())];
    }

    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): Fallback
    {
        $lead = ($roster->teams[$this->team] ?? null)?->leadId;

        return $lead === null ? new Fallback() : Fallback::to($lead, $roster, $facts, $at, $otherSeatIds);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;

/** Anyone in the team may claim it. */
final readonly class OpenToTeam implements Otherwise
{
    public function __construct(public string $teamId) {}

    public static function kind(): string
    {
        return 'open_to_team';
    }

    public static function read(Node $node): static
    {
        return new self($node->get('team')->text());
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'team' => $this->teamId];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return isset($roster->teams[$this->teamId]) ? [] : [new Fault("{$pointer}/team", "There is no team \"{$this->teamId}\".")];
    }

    public function settle(Roster $roster, int $at): Settlement
    {
        return new Settlement(null, array_map(
            static fn(Membership $member): string => $member->personId,
            ($roster->teams[$this->teamId] ?? null)->members ?? [],
        ));
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;

/** A team, with or without the teams below it, with or without its lead. */
final readonly class TeamMembers implements Pool
{
    public function __construct(
        public string $teamId,
        public bool $withSubTeams = false,
        public bool $withLead = true,
    ) {}

    public static function kind(): string
    {
        return 'team';
    }

    public static function read(Node $node): static
    {
        return new self(
            $node->get('team')->text(),
            $node->find('with_sub_teams')?->bool() ?? false,
            $node->find('with_lead')?->bool() ?? true,
        );
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'team' => $this->teamId, 'with_sub_teams' => $this->withSubTeams, 'with_lead' => $this->withLead];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return isset($roster->teams[$this->teamId]) ? [] : [new Fault("{$pointer}/team", "There is no team \"{$this->teamId}\".")];
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $team = $roster->teams[$this->teamId] ?? null;
        if ($team === null) {
            return [];
        }
        if (! $this->withSubTeams && $this->withLead) {
            return $team->members;
        }
        $seats = [];
        foreach ($roster->family($this->teamId, $this->withSubTeams) as $part) {
            foreach ($part->members as $member) {
                if ($this->withLead || $member->personId !== $part->leadId) {
                    $seats[$member->personId] ??= $member;
                }
            }
        }

        return array_values($seats);
    }

    public function namesOne(): bool
    {
        return false;
    }
}

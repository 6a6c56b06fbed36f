<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

use OpenBaton\Core\Check\FixedPool;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\Pool\TeamMembers;

/** Who is on the map, and to whom of them work goes by a pool. */
final class WhoMapped
{
    /** @var array<string, MapNode> by id */
    private array $nodes = [];

    /** @var array<array-key, string> id of a node by id of a person */
    private array $people = [];

    public function __construct(private readonly Roster $roster, private readonly int $now)
    {
        foreach ($roster->teams as $team) {
            $this->add(new MapNode(NodeKind::Team, $team->id, $team->name));
        }
        foreach ($roster->people as $person) {
            if ($person->active) {
                $this->person($person);
            }
        }
    }

    /** @return array<string, MapNode> by id, with the pools that were asked for so far */
    public function nodes(): array
    {
        return $this->nodes;
    }

    /** @return string|null id of the node of a person; null: they are not active */
    public function personNode(string $personId): ?string
    {
        return $this->people[$personId] ?? null;
    }

    /** @return list<string> ids of the nodes to which work goes by a pool: a team, people by name, or the pool */
    public function places(Pool $pool): array
    {
        if ($pool instanceof TeamMembers && isset($this->roster->teams[$pool->team])) {
            return [MapNode::idOf(NodeKind::Team, $pool->team)];
        }
        if ($pool instanceof NamedPeople) {
            return array_values(array_filter(array_map($this->personNode(...), $pool->people)));
        }
        $group = new MapNode(NodeKind::Pools, '');
        $this->nodes[$group->id] ??= $group;
        $key = substr(hash('sha256', serialize(PartFormat::write($pool))), 0, 16);

        return [$this->add(new MapNode(NodeKind::Pool, $key, group: $group->id, can: $this->can($pool), pool: $pool))];
    }

    /** @return list<string>|null ids of the active people to whom it may be given; null: the task says */
    public function mayGet(Give $give): ?array
    {
        $pool = FixedPool::of($give, $this->roster, $this->now);

        return $pool === null ? null : array_map(static fn(Person $one): string => $one->id, $pool->eligible);
    }

    /** @return list<string>|null ids of the active people in it; null: the task says */
    public function can(Pool $pool): ?array
    {
        return $this->mayGet(new Give($pool, new InOrder(), [], new WaitUnplaced()));
    }

    private function person(Person $person): void
    {
        $team = $this->roster->teamsOf($person->id)[0] ?? null;
        if ($team === null) {
            $people = new MapNode(NodeKind::People, '');
            $this->nodes[$people->id] ??= $people;
        }
        $group = $team === null ? NodeKind::People->value : MapNode::idOf(NodeKind::Team, $team->id);
        $this->people[$person->id] = $this->add(new MapNode(NodeKind::Person, $person->id, $person->name, $group));
    }

    private function add(MapNode $node): string
    {
        $this->nodes[$node->id] ??= $node;

        return $node->id;
    }
}

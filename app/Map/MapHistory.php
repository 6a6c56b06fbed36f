<?php

declare(strict_types=1);

namespace App\Map;

use App\Bridge\Snapshot;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Map\Flows;
use OpenBaton\Core\Map\HouseMap;
use OpenBaton\Core\Map\MapNode;
use OpenBaton\Core\Map\NodeKind;
use OpenBaton\Core\Time\WorkingTime;

/** What is counted on a map, and where in it things of the house are. */
final readonly class MapHistory
{
    /** Weeks that are looked at. */
    public const WEEKS = 8;

    /** Rows that are read in one round trip. */
    public const PIECE = 1000;

    public Flows $flows;

    /** @var array<string, string> id of a node by id of a person in the database */
    private array $people;

    private WorkingTime $time;

    public function __construct(public HouseMap $map, private Snapshot $house, public CarbonImmutable $since)
    {
        $this->flows = new Flows($map);
        $this->time = new WorkingTime($house->roster->house);
        $people = [];
        foreach ($map->nodes as $node) {
            if ($node->kind === NodeKind::Person) {
                $people[$house->personIds[$node->key]] = $node->id;
            }
        }
        $this->people = $people;
    }

    /**
     * @param list<string> $personIds in the database
     *
     * @return list<string> ids of their nodes
     */
    public function people(array $personIds): array
    {
        return array_values(array_filter(array_map(fn(string $id): ?string => $this->people[$id] ?? null, $personIds)));
    }

    public function duty(string $dutyId): string
    {
        return MapNode::idOf(NodeKind::Duty, $this->house->dutySlugs[$dutyId] ?? '', NodeKind::Duties->value);
    }

    /** @param string|null $stage key; null: the track itself */
    public function track(string $trackId, ?string $stage = null): string
    {
        $track = MapNode::idOf(NodeKind::Track, $this->house->trackSlugs[$trackId] ?? '');

        return $stage === null ? $track : MapNode::idOf(NodeKind::Stage, $stage, $track);
    }

    public static function step(string $runsheet, string $key): string
    {
        return MapNode::idOf(NodeKind::Step, $key, MapNode::idOf(NodeKind::Runsheet, $runsheet));
    }

    public static function rule(string $id): string
    {
        return MapNode::idOf(NodeKind::Rule, $id, NodeKind::Rules->value);
    }

    /** @return int|null minutes of working time of the house; null: it has not come yet */
    public function minutes(CarbonImmutable $from, ?CarbonImmutable $to): ?int
    {
        return match (true) {
            $to === null => null,
            $to <= $from => 0,
            default => $this->time->minutesBetween($from->getTimestamp(), $to->getTimestamp()),
        };
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

/** Finds on a map what hangs on one person, where work waits longest, and what is never used. */
final readonly class FindOnMap
{
    /** How often something must have happened before it is taken for usual. */
    public const LEAST = 3;

    public const MOST_WAITS = 10;

    public function __construct(private HouseMap $map, private Flows $flows) {}

    /** @return list<MapFinding> by kind, in the order of the kinds; waits from the longest */
    public function all(): array
    {
        return array_values([
            ...$this->canOnly(),
            ...$this->didOnly(),
            ...$this->longestWaits(),
            ...$this->neverUsed(),
        ]);
    }

    /** @return iterable<MapFinding> */
    private function canOnly(): iterable
    {
        foreach ($this->work() as $node) {
            if ($node->can !== null && count($node->can) === 1) {
                yield $this->finding(MapFindingKind::OnlyOneCan, $node, $node->can[0]);
            }
        }
    }

    /** @return iterable<MapFinding> */
    private function didOnly(): iterable
    {
        $doers = [];
        foreach ($this->flows->arrows() as $key => $arrow) {
            $who = $this->map->nodes[$arrow->to];
            if ($arrow->kind === ArrowKind::Does && $who->kind === NodeKind::Person) {
                $number = $this->flows->counted($key)->number;
                $doers[$arrow->from] = ($doers[$arrow->from] ?? []) + ($number > 0 ? [$who->key => $number] : []);
            }
        }
        foreach ($this->work() as $node) {
            $did = $doers[$node->id] ?? [];
            if (count($did) === 1 && reset($did) >= self::LEAST && count($node->can ?? []) !== 1) {
                yield $this->finding(MapFindingKind::OnlyOneDid, $node, (string) key($did));
            }
        }
    }

    /** @return list<MapFinding> */
    private function longestWaits(): array
    {
        $waits = [];
        foreach ($this->work() as $node) {
            $counted = $this->flows->counted($node->id);
            if ($counted->number >= self::LEAST && $counted->minutes !== null && $counted->minutes->median > 0) {
                $waits[] = $this->finding(MapFindingKind::LongestWait, $node);
            }
        }
        usort(
            $waits,
            static fn(MapFinding $one, MapFinding $other): int => [
                $other->counted->minutes?->median,
                $other->counted->number,
            ] <=> [$one->counted->minutes?->median, $one->counted->number],
        );

        return array_slice($waits, 0, self::MOST_WAITS);
    }

    /** @return iterable<MapFinding> where nothing of a group was used, the group alone */
    private function neverUsed(): iterable
    {
        foreach ($this->map->nodes as $node) {
            $group = $this->map->nodes[$node->group ?? ''] ?? null;
            $isTold = $group !== null && self::isWhole($group) && $this->isUnused($group);
            if ((self::isWhole($node) || self::isWork($node)) && $this->isUnused($node) && !$isTold) {
                yield $this->finding(MapFindingKind::NeverUsed, $node);
            }
        }
    }

    /** Whether what lies in it is gone through together. */
    private static function isWhole(MapNode $node): bool
    {
        return $node->kind === NodeKind::Track || $node->kind === NodeKind::Runsheet;
    }

    /** Whether people do something there. */
    private static function isWork(MapNode $node): bool
    {
        return $node->kind->isWork() && !$node->kind->isGroup();
    }

    private function isUnused(MapNode $node): bool
    {
        return $this->flows->counted($node->id)->number === 0;
    }

    /** @return array<string, MapNode> the places at which people do something */
    private function work(): array
    {
        return array_filter($this->map->nodes, self::isWork(...));
    }

    private function finding(MapFindingKind $kind, MapNode $node, ?string $person = null): MapFinding
    {
        return new MapFinding($kind, $node->id, $this->flows->counted($node->id), $person);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\Everyone;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Method\Open;
use OpenBaton\Core\Rulebook\Rulebook;

/**
 * Whom other rules would burden and relieve, by the tasks that go another way: an estimate, as though each rule shared
 * them out among its people by their weights, whatever their load was.
 */
final readonly class Burden
{
    /**
     * @param array<array-key, float> $people tasks more, or less, by person
     * @param int                     $varies tasks of which it depends on the task who gets them, or would
     */
    private function __construct(public array $people, public int $varies) {}

    /**
     * @param list<array{string, string, int}> $counts id of the rule that takes tasks before and after, empty where
     *     none does, and how many
     * @param int                              $now    instant
     */
    public static function of(array $counts, Rulebook $before, Rulebook $after, Roster $roster, int $now): self
    {
        [$old, $new] = [self::gives($before), self::gives($after)];
        $people = [];
        $varies = 0;
        foreach ($counts as [$from, $to, $count]) {
            $gave = $old[$from] ?? null;
            $gives = $new[$to] ?? null;
            if ($from === $to && $gave === $gives) {
                continue;
            }
            $shares = [[-$count, self::shares($gave, $roster, $now)], [$count, self::shares($gives, $roster, $now)]];
            if (in_array(null, array_column($shares, 1), true)) {
                $varies += $count;
            }
            foreach ($shares as [$tasks, $of]) {
                foreach ($of ?? [] as $personId => $share) {
                    $people[$personId] = ($people[$personId] ?? 0.0) + $tasks * $share;
                }
            }
        }

        return new self(array_filter($people, static fn(float $tasks): bool => abs($tasks) >= 0.5), $varies);
    }

    /** @return array<array-key, Give|null> by id of the rule */
    private static function gives(Rulebook $rulebook): array
    {
        $gives = [];
        foreach ($rulebook->rules as $rule) {
            $gives[$rule->id] = $rule->give;
        }

        return $gives;
    }

    /** @return array<array-key, float>|null of one task, by person; null: it depends on the task */
    private static function shares(?Give $give, Roster $roster, int $now): ?array
    {
        if ($give === null || $give->method instanceof Open) {
            return [];
        }
        $pool = FixedPool::of($give, $roster, $now);
        $members = FixedPool::members($give, $roster, $now);
        if ($pool === null || $members === null) {
            return null;
        }
        $eligible = array_map(static fn(Person $person): string => $person->id, $pool->eligible);
        $weights = [];
        foreach ($members as $member) {
            if (in_array($member->personId, $eligible, true)) {
                $weights[$member->personId] = $member->weight;
            }
        }
        if ($give->method instanceof InOrder) {
            $weights = array_slice($weights, 0, 1, true);
        }
        if ($give->method instanceof Everyone) {
            return array_fill_keys(array_keys($weights), 1 / max(1, count($weights)));
        }
        $all = array_sum($weights);

        return array_map(static fn(int $weight): float => $weight / $all, $weights);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** Of a task that nobody was found for: who could have it, and what keeps them from it. */
final readonly class WhatWouldHelp
{
    /**
     * @param string|null             $rule   id of the rule that comes nearest; null: no rule holds for such a task
     * @param int                     $inPool people from whom it chooses
     * @param array<array-key, int> $kept   how many are kept from it, by the code of the reason, the most first
     * @param int|null                $backAt instant at which the first of those who are away is back
     */
    private function __construct(public ?string $rule, public int $inPool, public array $kept, public ?int $backAt) {}

    /** Of the rules that hold, the first that has anybody to choose from comes nearest. */
    public static function of(Decision $decision): self
    {
        $nearest = null;
        foreach ($decision->attempts as $position => $attempt) {
            if ($nearest === null || (self::pool($nearest[1]) === [] && self::pool($attempt) !== [])) {
                $nearest = [$position, $attempt];
            }
        }
        if ($nearest === null) {
            return new self(null, 0, [], null);
        }
        [$position, $attempt] = $nearest;
        $pool = self::pool($attempt);
        $kept = $back = [];
        foreach ($attempt->whyNot($pool) as $exclusion) {
            $reason = $exclusion->reasons[0] ?? '';
            $kept[$reason] = ($kept[$reason] ?? 0) + 1;
            $until = $exclusion->figures['away_until'] ?? null;
            if (is_int($until)) {
                $back[] = $until;
            }
        }
        arsort($kept);

        return new self(
            $decision->rulebook->rulebook->rules[$position]->id,
            count($pool),
            $kept,
            $back === [] ? null : min($back),
        );
    }

    /** @return list<string> */
    private static function pool(Attempt $attempt): array
    {
        return $attempt->steps === [] ? [] : $attempt->steps[0]->ids();
    }
}

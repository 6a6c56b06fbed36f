<?php

declare(strict_types=1);

namespace App\Coverage;

/** What a rule that is being written holds for of the recent work. */
final readonly class RuleOnRecent
{
    /**
     * @param int                    $looked at how many: the latest, a bounded number of them
     * @param array<string, int>     $counts for how many a comparison holds by itself, by pointer into the rule
     * @param int|null               $held   for how many all of it holds; null: something is still to be chosen
     * @param array<string, int|null> $caught ids of the latest it holds for, with the position of the rule above it
     *     that takes them; null: none does
     */
    public function __construct(public int $looked, public array $counts, public ?int $held, public array $caught) {}
}

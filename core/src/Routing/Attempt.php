<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Method\Choice;
use OpenBaton\Core\Rulebook\Otherwise\Fallback;

/** What came of a rule that held: the narrowing of its pool and what the method, or the otherwise, made of it. */
final readonly class Attempt
{
    /**
     * @param list<Step>    $steps
     * @param Choice|null   $choice   null: nobody was eligible, or the holder was and keeps it
     * @param Fallback|null $fallback the deliberate otherwise, where nobody was
     * @param Cover|null    $cover    where the pool names one person
     * @param bool          $kept     the holder is eligible and keeps it
     */
    public function __construct(
        public array $steps,
        public ?Choice $choice,
        public ?Fallback $fallback = null,
        public ?Cover $cover = null,
        public bool $kept = false,
    ) {}

    /**
     * @param list<string> $people of the pool, none of whom is left
     *
     * @return list<Exclusion> where each of them fell out last
     */
    public function whyNot(array $people): array
    {
        $why = [];
        foreach ($this->steps as $step) {
            foreach ($step->excluded as $one) {
                $why[$one->personId] = $one;
            }
        }

        return array_values(array_filter(array_map(static fn(string $id): ?Exclusion => $why[$id] ?? null, $people)));
    }

    /** As they are in the pool: somebody who was left of it. */
    public function member(string $personId): ?Membership
    {
        foreach ($this->steps === [] ? [] : $this->steps[count($this->steps) - 1]->kept as $member) {
            if ($member->personId === $personId) {
                return $member;
            }
        }

        return null;
    }

    public function decides(): bool
    {
        return $this->kept || $this->choice !== null || $this->fallback !== null;
    }

    /** Who stood in for whom, or that nobody could. Where the "otherwise" found a substitute, it is about that one. */
    public function cover(): ?Cover
    {
        $last = $this->fallback?->cover;

        return $last?->isSubstitute() === true ? $last : $this->cover ?? $last;
    }
}

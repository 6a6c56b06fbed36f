<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Unavailability;

/**
 * Finds who stands in for one named person at an instant.
 *
 * A person who is there stands for themselves. One who is absent is replaced
 * by the substitutes of that absence in order, those who do not stand in for
 * this work left out, each of them looked up in the same way, depth first,
 * nobody asked twice, at most 8 deep; after them by the lead of the named
 * person's first team; after that there is no cover. Who is paused or inactive,
 * but not absent, has none at all.
 */
final class SubstituteFinder
{
    private const DEEPEST = 8;

    private readonly Availability $availability;

    /** @var list<CoverStep> in the order asked */
    private array $steps = [];

    /** @var array<array-key, true> by person */
    private array $asked = [];

    private int $at = 0;

    private ?Facts $facts = null;

    private bool $circle = false;

    private ?string $namedId = null;

    /** @var list<string> */
    private array $otherSeatIds = [];

    public function __construct(private readonly Roster $roster)
    {
        $this->availability = new Availability($roster);
    }

    /**
     * @param Facts|null   $facts        of the work that wants somebody; null: of no certain work
     * @param list<string> $otherSeatIds who is in the other seat of the task: cover never puts one person in both
     */
    public function find(string $personId, int $at, ?Facts $facts = null, array $otherSeatIds = []): Cover
    {
        $this->begin($at, $facts, $personId, $otherSeatIds);
        $found = $this->ask($personId, []);
        $byLead = false;
        $absence = $this->roster->absenceOf($personId, $at);
        if ($found === null && $absence !== null) {
            $leadId = $this->roster->leadFor($personId, $at);
            // The lead is asked for themselves, not for their own substitutes.
            if ($leadId !== null && !isset($this->asked[$leadId]) && $this->step($leadId) === []) {
                $found = $leadId;
                $byLead = true;
            }
        }

        return new Cover($personId, $found, $this->steps, $this->circle, $byLead, $absence?->id);
    }

    /**
     * Who answers for somebody who is away: for the work that a substitute is limited to, in the order in which they
     * are asked, and last for the rest.
     *
     * @return non-empty-list<Answer>
     */
    public function answers(string $personId, int $at): array
    {
        $answers = [];
        foreach ($this->roster->absenceOf($personId, $at)->substitutes ?? [] as $substitute) {
            $this->begin($at, null, $personId, []);
            $found = $substitute->only === null ? null : $this->ask($substitute->personId, [$personId]);
            // Never the one who is away.
            if ($found !== null) {
                $answers[] = new Answer($substitute->only, $found);
            }
        }
        $rest = $this->find($personId, $at);

        return [...$answers, new Answer(null, $rest->isSubstitute() ? $rest->personId : null)];
    }

    /** @param list<string> $otherSeatIds */
    private function begin(int $at, ?Facts $facts, string $namedId, array $otherSeatIds): void
    {
        $this->namedId = $namedId;
        $this->otherSeatIds = $otherSeatIds;
        $this->steps = $this->asked = [];
        $this->circle = false;
        $this->at = $at;
        $this->facts = $facts;
    }

    /** @param list<string> $path those whose substitutes are being asked; a circle leads back to one of them */
    private function ask(string $personId, array $path): ?string
    {
        if (isset($this->asked[$personId])) {
            $this->circle = $this->circle || in_array($personId, $path, true);

            return null;
        }
        if ($this->step($personId) === []) {
            return $personId;
        }
        $path[] = $personId;
        if (count($path) > self::DEEPEST) {
            return null;
        }
        foreach ($this->roster->absenceOf($personId, $this->at)->substitutes ?? [] as $substitute) {
            if (!$substitute->takes($this->facts)) {
                $this->steps[] = new CoverStep($substitute->personId, [Unavailability::OtherWork], null);
                continue;
            }
            $found = $this->ask($substitute->personId, $path);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<Unavailability> what stands against one person */
    private function step(string $personId): array
    {
        $reasons = $this->availability->reasonsAgainst($this->roster->people[$personId], $this->at);
        if (in_array($personId, $this->otherSeatIds, true) && $personId !== $this->namedId) {
            $reasons[] = Unavailability::OtherSeat;
        }
        $this->asked[$personId] = true;
        $this->steps[] = new CoverStep($personId, $reasons, $this->roster->awayUntil($personId, $this->at));

        return $reasons;
    }
}

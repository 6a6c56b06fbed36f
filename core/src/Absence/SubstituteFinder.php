<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/**
 * Finds who stands in for one named person at an instant.
 *
 * A person who is there stands for themselves. One who is absent is replaced
 * by the substitutes of that absence in order, each of them looked up in the
 * same way, depth first, nobody asked twice, at most 8 deep; after them by the
 * lead of the named person's first team; after that there is no cover.
 */
final class SubstituteFinder
{
    private const DEEPEST = 8;

    private readonly Availability $availability;

    /** @var array<string, CoverStep> in the order asked */
    private array $asked = [];

    private bool $circle = false;

    public function __construct(private readonly Roster $roster)
    {
        $this->availability = new Availability($roster);
    }

    public function find(string $personId, int $at): Cover
    {
        $this->begin();
        $found = $this->ask($personId, $at, 0);
        $byLead = false;
        if ($found === null) {
            $leadId = ($this->roster->teamsOf($personId)[0] ?? null)?->leadId;
            if ($leadId !== null && ! isset($this->asked[$leadId])) {
                $found = $this->ask($leadId, $at, self::DEEPEST);
                $byLead = $found !== null;
            }
        }

        return new Cover($personId, $found, array_values($this->asked), $this->circle, $byLead);
    }

    private function begin(): void
    {
        $this->asked = [];
        $this->circle = false;
    }

    private function ask(string $personId, int $at, int $depth): ?string
    {
        if (isset($this->asked[$personId])) {
            $this->circle = true;

            return null;
        }
        $person = $this->roster->people[$personId] ?? null;
        if (! $person instanceof Person) {
            return null;
        }
        $barriers = $this->availability->barriers($person, $at);
        $absence = $this->roster->absenceOf($personId, $at);
        $this->asked[$personId] = new CoverStep($personId, $barriers, $absence?->span->to);
        if ($barriers === []) {
            return $personId;
        }
        if ($depth >= self::DEEPEST) {
            return null;
        }
        foreach ($absence->substituteIds ?? [] as $substituteId) {
            $found = $this->ask($substituteId, $at, $depth + 1);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}

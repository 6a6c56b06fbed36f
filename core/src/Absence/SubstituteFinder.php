<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Unavailability;

/**
 * Finds who stands in for one named person at an instant.
 *
 * A person who is there stands for themselves. One who is absent is replaced
 * by the substitutes of that absence in order, each of them looked up in the
 * same way, depth first, nobody asked twice, at most 8 deep; after them by the
 * lead of the named person's first team; after that there is no cover. Who is
 * paused or inactive, but not absent, has none at all.
 */
final class SubstituteFinder
{
    private const DEEPEST = 8;

    private readonly Availability $availability;

    /** @var array<array-key, CoverStep> in the order asked */
    private array $asked = [];

    private bool $circle = false;

    public function __construct(private readonly Roster $roster)
    {
        $this->availability = new Availability($roster);
    }

    public function find(string $personId, int $at): Cover
    {
        $this->begin();
        $found = $this->ask($personId, $at, []);
        $byLead = false;
        if ($found === null && $this->roster->absenceOf($personId, $at) !== null) {
            $leadId = ($this->roster->teamsOf($personId)[0] ?? null)?->leadId;
            if ($leadId !== null && ! isset($this->asked[$leadId])) {
                $found = $this->askLead($leadId, $at);
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

    /** The lead is asked for themselves, not for their own substitutes. */
    private function askLead(string $leadId, int $at): ?string
    {
        return $this->step($leadId, $at) === [] ? $leadId : null;
    }

    /** @param list<string> $path those whose substitutes are being asked; a circle leads back to one of them */
    private function ask(string $personId, int $at, array $path): ?string
    {
        if (isset($this->asked[$personId])) {
            $this->circle = $this->circle || in_array($personId, $path, true);

            return null;
        }
        if ($this->step($personId, $at) === []) {
            return $personId;
        }
        $path[] = $personId;
        if (count($path) > self::DEEPEST) {
            return null;
        }
        foreach ($this->roster->absenceOf($personId, $at)->substituteIds ?? [] as $substituteId) {
            $found = $this->ask($substituteId, $at, $path);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** @return list<Unavailability> what stands against one person */
    private function step(string $personId, int $at): array
    {
        $reasons = $this->availability->reasonsAgainst($this->roster->people[$personId], $at);
        $this->asked[$personId] = new CoverStep($personId, $reasons, $this->roster->absenceOf($personId, $at)?->span->to);

        return $reasons;
    }
}

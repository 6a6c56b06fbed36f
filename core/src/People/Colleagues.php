<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

/** With whose work somebody has to do beside their own. */
final readonly class Colleagues
{
    public function __construct(private Roster $roster, private string $personId) {}

    /**
     * @return list<string> people who are in a team at an instant in which they are too, or which they lead; each once
     */
    public function inTeams(int $at): array
    {
        $date = $this->roster->house->zone()->dateAt($at);
        $found = [];
        foreach ($this->roster->teams as $team) {
            if ($team->leadId !== $this->personId && !$team->has($this->personId, $date)) {
                continue;
            }
            foreach ($team->members as $member) {
                if ($member->isOn($date) && $member->personId !== $this->personId) {
                    $found[] = $member->personId;
                }
            }
        }

        return array_values(array_unique($found));
    }
}

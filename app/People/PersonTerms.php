<?php

declare(strict_types=1);

namespace App\People;

use App\Bridge\RosterDocument;
use App\Models\People\Person;
use OpenBaton\Core\People\Roster;

/** What is said of a person in the roster, and in which teams they are. */
final readonly class PersonTerms
{
    /**
     * @param array<string, mixed>    $document as in a roster document, without the id
     * @param array<array-key, array{weight: int, from?: string, until?: string}> $teams by team
     */
    public function __construct(public array $document, public array $teams) {}

    /** @param Person $person with the skills */
    public static function of(Person $person, Roster $roster): PersonTerms
    {
        $teams = [];
        foreach ($roster->teamsOf($person->slug) as $team) {
            foreach ($team->members as $member) {
                if ($member->personId === $person->slug) {
                    $teams[$team->id] =
                        ['weight' => $member->weight] +
                        array_filter(
                            ['from' => $member->from?->format(), 'until' => $member->until?->format()],
                            is_string(...),
                        );
                }
            }
        }

        return new self(array_diff_key(RosterDocument::person($person), ['id' => true]), $teams);
    }
}

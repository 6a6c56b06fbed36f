<?php

declare(strict_types=1);

namespace App\Http\Pages;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;

/** The teams of the house as they are named anywhere, each as a PersonRef. */
final class TeamRefs
{
    /** @return list<array{slug: string, name: string}> */
    public static function all(Roster $roster): array
    {
        return array_values(
            array_map(static fn(Team $team): array => ['slug' => $team->id, 'name' => $team->name], $roster->teams),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\People;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\People\Skill;
use App\Models\People\Team;

/** Says how many of a team, or of those with a skill, should be there on each day. */
final class SetMinimum
{
    /** @param int|null $people null: no number is asked for */
    public function __invoke(Team|Skill $of, ?int $people, Actor $by): void
    {
        ChangeHouse::run('minimum_set', "set the minimum of {$of->name}", $by, static function () use (
            $of,
            $people,
        ): Team|Skill {
            $of->update(['minimum' => $people]);

            return $of;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Absences\CalendarFeed;
use App\Models\People\Person;
use App\Models\People\Team;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Gives a person or a team a secret address for their calendar, in place of the one they had. */
final class RenewFeed
{
    private const LENGTH = 48;

    /** @param CalendarFeed::ABSENCES|CalendarFeed::WORK $what that is read there */
    public function __invoke(Person|Team $of, string $what, Actor $by): CalendarFeed
    {
        return DB::transaction(static function () use ($of, $what, $by): CalendarFeed {
            $feed = CalendarFeed::query()->updateOrCreate(
                ($of instanceof Team ? ['team_id' => $of->id] : ['person_id' => $of->id]) + ['what' => $what],
                ['secret' => Str::random(self::LENGTH)],
            );
            Audit::record($by, 'house', 'feed_renewed', "renewed the address of the calendar of {$of->name}", $of, [
                'what' => $what,
            ]);

            return $feed;
        }, attempts: 3);
    }
}

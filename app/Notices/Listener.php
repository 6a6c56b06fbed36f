<?php

declare(strict_types=1);

namespace App\Notices;

use App\Bridge\HouseAt;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\House\House;
use App\Models\People\Person;
use App\Words\Locales;
use App\Words\Words;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\QuietHours;
use OpenBaton\Core\Message\SummaryTime;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\Zone;

/** Somebody who is told what has happened: how they want it, and whether they may be reached now. */
final readonly class Listener
{
    private function __construct(
        public Person $person,
        public NewsChannels $channels,
        public Zone $zone,
        public bool $quiet,
        public bool $urgentPasses,
        public ?CarbonImmutable $summedAt,
        public bool $sums,
    ) {}

    public static function of(
        Person $person,
        ?NewsChoice $choice,
        ?House $row,
        HouseAt $house,
        CarbonImmutable $now,
    ): self {
        $roster = $house->snapshot->roster;
        $known = isset($roster->people[$person->slug]);
        $zone = $known ? $roster->people[$person->slug]->hours->zone() : $roster->house->zone();
        $quiet = $known
            ? new QuietHours(
                $roster->presenceOf($person->slug),
                self::time($choice?->quiet_from),
                self::time($choice?->quiet_to),
            )
            : null;
        $channels = NewsChannels::of($choice, $row);
        $last = $choice?->summed_at;

        return new self(
            $person,
            $channels,
            $zone,
            $quiet === null || $quiet->includes($now->getTimestamp()),
            $choice?->urgent_passes === true || ($known && self::isOnCall($person->slug, $roster, $row, $now)),
            $last,
            $quiet !== null &&
                $last !== null &&
                $channels->for(NewsSort::Summary) !== [] &&
                SummaryTime::hasCome($last->getTimestamp(), $now->getTimestamp(), $zone, $quiet),
        );
    }

    /** @return list<Channel> by which they get the summary of their morning now */
    public function summary(): array
    {
        return $this->sums ? $this->channels->for(NewsSort::Summary) : [];
    }

    public function words(): Words
    {
        $locale = $this->person->user?->locale;

        return new Words(is_string($locale) ? Locales::all()[$locale] ?? null : null);
    }

    /** The house says of which teams: of a rota, say. */
    private static function isOnCall(string $slug, Roster $roster, ?House $row, CarbonImmutable $now): bool
    {
        $teams = (array) $row?->on_call;
        $today = $roster->house->zone()->dateAt($now->getTimestamp());
        foreach ($teams === [] ? [] : $roster->teamsOn($slug, $today) as $team) {
            if (in_array($team->id, $teams, true)) {
                return true;
            }
        }

        return false;
    }

    private static function time(mixed $kept): ?TimeOfDay
    {
        return is_string($kept) ? TimeOfDay::parse($kept) : null;
    }
}

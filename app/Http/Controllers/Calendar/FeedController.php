<?php

declare(strict_types=1);

namespace App\Http\Controllers\Calendar;

use App\Bridge\SnapshotSource;
use App\Calendar\CalendarWriter;
use App\Http\Pages\Calendar\WorkFeed;
use App\Models\Absences\Absence;
use App\Models\Absences\CalendarFeed;
use App\Models\People\Person;
use App\Models\People\Team;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Response;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Whoever knows the address reads it: programs that show calendars do not sign in. */
final class FeedController
{
    private const MONTHS_BACK = 6;

    public function __invoke(string $secret, SnapshotSource $houses): Response
    {
        $feed = CalendarFeed::query()->where('secret', $secret)->firstOrFail();
        $person = $feed->person_id === null ? null : Person::query()->findOrFail($feed->person_id);
        $people =
            $person === null
                ? Team::query()->findOrFail($feed->team_id)->members()->get()
                : (new Person())->newCollection([$person]);

        return new Response(
            $feed->what === CalendarFeed::WORK
                ? (new WorkFeed($houses->current(), CarbonImmutable::now()))->of($people)
                : CalendarWriter::absences(self::absences($person, $people), $person),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300'],
        );
    }

    /**
     * @param Person|null             $of     with those in which they stand in; null: of a team
     * @param Collection<int, Person> $people
     *
     * @return Collection<int, Absence>
     */
    private static function absences(?Person $of, Collection $people): Collection
    {
        $since = CarbonImmutable::now()->subMonths(self::MONTHS_BACK);

        return Absence::query()
            ->with(Absence::WITH)
            ->where('status', AbsenceStatus::Approved)
            ->where(
                static fn(Builder $recent): Builder => $recent
                    ->where('last_day', '>=', $since->format('Y-m-d'))
                    ->orWhere('to', '>=', $since),
            )
            ->where(
                static fn(Builder $whose): Builder => $whose
                    ->whereIn('person_id', $people->modelKeys())
                    ->when(
                        $of !== null,
                        static fn(Builder $or): Builder => $or->orWhereHas(
                            'substitutes',
                            static fn(Builder $stands): Builder => $stands->whereKey($of?->id),
                        ),
                    ),
            )
            ->orderBy('id')
            ->get();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Absences;

use App\Absences\ImportCalendar;
use App\Absences\PersonnelCalendar;
use App\Absences\RenewFeed;
use App\Calendar\CalendarLine;
use App\Calendar\CalendarPlan;
use App\Calendar\CalendarReader;
use App\Calendar\HoursCalendar;
use App\Calendar\NotUnderstood;
use App\Http\Pages\PersonRef;
use App\Http\Viewer;
use App\Models\Absences\CalendarFeed;
use App\Models\House\House;
use App\Models\People\Team;
use App\Words\Words;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response as Page;

/** Absences out of and into calendars. */
final class CalendarController
{
    public function index(): Page
    {
        Gate::authorize('keepRoster', House::class);
        $feeds = CalendarFeed::query()
            ->where('what', CalendarFeed::ABSENCES)
            ->whereNotNull('team_id')
            ->pluck('secret', 'team_id')
            ->all();

        return Inertia::render('Absences/Calendars', [
            'standIn' => PersonnelCalendar::isStandIn(),
            'report' => static fn(): ?array => PersonnelCalendar::lastReport(),
            'teams' => static fn(): array => array_values(
                Team::query()
                    ->orderBy('position')
                    ->get()
                    ->map(
                        static fn(Team $team): array => [
                            'slug' => $team->slug,
                            'name' => $team->name,
                            'address' =>
                                isset($feeds[$team->id]) && is_string($feeds[$team->id])
                                    ? url("calendar/{$feeds[$team->id]}.ics")
                                    : null,
                        ],
                    )
                    ->all(),
            ),
        ]);
    }

    public function preview(Request $request, ImportCalendar $import): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);

        return new JsonResponse(self::told($import->preview((string) $request->getContent(), 'file')));
    }

    public function import(Request $request, Viewer $viewer, ImportCalendar $import): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);

        return new JsonResponse(self::told($import((string) $request->getContent(), 'file', $viewer->actor())));
    }

    /** Days off and working hours in a file; what is done with them is for whoever edits hours. */
    public function hours(Request $request): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $zone = new DateTimeZone(House::query()->firstOrFail()->zone);

        $read = (new HoursCalendar(new CalendarReader($zone, CarbonImmutable::now())))->read(
            (string) $request->getContent(),
        );

        return new JsonResponse([...$read, 'notUnderstood' => self::notUnderstood($read['notUnderstood'])]);
    }

    public function poll(PersonnelCalendar $calendar): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $calendar->poll();

        return back();
    }

    /** One's own address, or a lead that of a team; an address that was known before is none any more. */
    public function renew(Request $request, Viewer $viewer, RenewFeed $renew): RedirectResponse
    {
        $request->validate([
            'team' => ['nullable', 'string'],
            'what' => ['nullable', Rule::in([CalendarFeed::ABSENCES, CalendarFeed::WORK])],
        ]);
        $what = $request->input('what') === CalendarFeed::WORK ? CalendarFeed::WORK : CalendarFeed::ABSENCES;
        $team = $request->filled('team')
            ? Team::query()
                ->where('slug', $request->string('team')->toString())
                ->firstOrFail()
            : null;
        $team === null ? abort_if($viewer->person() === null, 403) : Gate::authorize('keepRoster', House::class);
        $renew($team ?? ($viewer->person() ?? abort(403)), $what, $viewer->actor());

        return back();
    }

    /**
     * @param list<NotUnderstood> $events
     *
     * @return list<array{title: string, reason: string}>
     */
    private static function notUnderstood(array $events): array
    {
        $words = app(Words::class);

        return array_map(static fn(NotUnderstood $one): array => $one->said($words), $events);
    }

    /** @return array<string, mixed> */
    private static function told(CalendarPlan $plan): array
    {
        return [
            'lines' => array_map(
                static fn(CalendarLine $line): array => [
                    'what' => $line->what,
                    'person' => PersonRef::of($line->person),
                    'title' => $line->event->title,
                    'first' => $line->event->firstDay,
                    'last' => $line->event->lastDay,
                    'from' => $line->event->from === null ? null : gmdate('Y-m-d\TH:i:s\Z', $line->event->from),
                    'to' => $line->event->to === null ? null : gmdate('Y-m-d\TH:i:s\Z', $line->event->to),
                ],
                $plan->lines,
            ),
            'notUnderstood' => self::notUnderstood($plan->notUnderstood),
        ];
    }
}

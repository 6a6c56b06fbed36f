<?php

declare(strict_types=1);

namespace App\Http\Controllers\Absences;

use App\Calendar\CalendarWriter;
use App\Models\Absences\StandInEvent;
use App\Models\House\House;
use App\Models\People\Person;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\TextLimits;

/**
 * A stand-in for the calendar of the personnel office: what is put into it there comes to the house as every other
 * calendar does.
 */
final class PersonnelController
{
    public function show(): View
    {
        Gate::authorize('keepRoster', House::class);

        return view('personnel-calendar', [
            'events' => StandInEvent::query()->orderBy('first_day')->get(),
            'people' => Person::query()->where('active', true)->orderBy('name')->pluck('name')->all(),
        ]);
    }

    /** A new event, or one that is there at another time. */
    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $request->validate([
            'event' => ['nullable', 'string', 'exists:stand_in_events,id'],
            'name' => ['required_without:event', 'string', 'max:' . TextLimits::NAME],
            'first_day' => ['bail', 'required', 'string', 'date_format:Y-m-d'],
            'last_day' => [
                'bail',
                'required',
                'string',
                'date_format:Y-m-d',
                ...is_string($request->input('first_day')) ? ['after_or_equal:first_day'] : [],
            ],
        ]);
        $days = [
            'first_day' => $request->string('first_day')->toString(),
            'last_day' => $request->string('last_day')->toString(),
        ];
        $event = $request->filled('event')
            ? StandInEvent::query()->findOrFail($request->string('event')->toString())
            : null;
        $event === null
            ? StandInEvent::query()->create(['name' => $request->string('name')->toString()] + $days)
            : $event->update(['sequence' => $event->sequence + 1, 'cancelled' => false] + $days);

        return redirect('/stand-ins/personnel');
    }

    public function cancel(StandInEvent $event): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $event->update(['sequence' => $event->sequence + 1, 'cancelled' => true]);

        return redirect('/stand-ins/personnel');
    }

    /** Under a signed address. */
    public function calendar(): Response
    {
        return new Response(CalendarWriter::standIn(StandInEvent::query()->orderBy('id')->get()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
        ]);
    }
}

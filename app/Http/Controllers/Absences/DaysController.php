<?php

declare(strict_types=1);

namespace App\Http\Controllers\Absences;

use App\Http\Requests\Absences\DaysRequest;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Time\LocalDate;

/** What a calendar marks while a day is chosen: days on which nobody works, or the one person does not. */
final class DaysController
{
    /** Before and after the month, since weeks are shown whole. */
    private const AROUND = 7;

    public function __invoke(DaysRequest $request, Viewer $viewer): JsonResponse
    {
        Gate::authorize('viewAny', Absence::class);
        $roster = $viewer->snapshot()->roster;
        $person = $roster->people[$request->person()] ?? null;
        $hours = $person->hours ?? $roster->house;
        $first = LocalDate::parse($request->month() . '-01');
        $off = $away = [];
        for ($day = -self::AROUND; $day < 31 + self::AROUND; ++$day) {
            $date = $first->plus($day);
            if ($hours->spansOf($date) === []) {
                $off[] = $date->format();
            } elseif ($person !== null && $roster->presenceOf($person->id)->spansOf($date) === []) {
                $away[] = $date->format();
            }
        }

        return new JsonResponse(['off' => $off, 'away' => $away]);
    }
}

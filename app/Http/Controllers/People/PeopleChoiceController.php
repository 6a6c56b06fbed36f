<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Viewer;
use App\Models\Absences\Absence;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;

/** Everybody to whom something can be given, as they are chosen from: fetched when that is asked for. */
final class PeopleChoiceController
{
    public function __invoke(Viewer $viewer): JsonResponse
    {
        Gate::authorize('viewAny', Absence::class);
        $words = $viewer->words();
        $roster = $viewer->snapshot()->roster;
        $now = CarbonImmutable::now()->getTimestamp();
        $people = [];
        foreach (array_filter($roster->people, static fn(Person $one): bool => $one->active) as $person) {
            $until = $roster->awayUntil($person->id, $now);
            $people[] = [
                'value' => $person->id,
                'label' => $person->name,
                'note' =>
                    $until === null
                        ? ''
                        : $words->words->say('person.away', ['until' => $words->until(Instant::format($until))]),
            ];
        }
        usort($people, static fn(array $a, array $b): int => $words->words->compare($a['label'], $b['label']));

        return new JsonResponse(['people' => $people]);
    }
}

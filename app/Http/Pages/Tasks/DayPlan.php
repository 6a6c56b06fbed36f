<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\WorkReader;
use App\Http\Viewer;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\LoadPlanner;

/** When somebody will be done with what they have, and how much of today it takes. Its type is in InHandPage.ts. */
final readonly class DayPlan
{
    /**
     * @return array{finishes: object, planned: int, capacity: int, count: array<string, mixed>|null} minutes of what is
     *     left of today
     */
    public static function of(Person $person, Viewer $viewer): array
    {
        $house = $viewer->house()->snapshot;
        $known = $house->roster->people[$person->slug] ?? null;
        $plan =
            $known === null
                ? null
                : LoadPlanner::ofPerson(
                    $known,
                    $house->roster,
                    WorkReader::of(new Needs([$person->slug]), $house)->held($person->slug)->loading,
                    CarbonImmutable::now()->startOfMinute()->getTimestamp(),
                    toTheEnd: true,
                );
        $running = $viewer->counting()?->load('task:id,number,title');

        return [
            'finishes' => (object) array_map(Instant::format(...), $plan->finishes ?? []),
            'planned' => $plan->days[0]->planned ?? 0,
            'capacity' => $plan->days[0]->capacity ?? 0,
            'count' =>
                $running === null
                    ? null
                    : [
                        'taskId' => $running->task_id,
                        'number' => (int) $running->task?->number,
                        'title' => (string) $running->task?->title,
                        'since' => Instant::format($running->begun_at->getTimestamp()),
                    ],
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Absences\PlanCover;
use App\Bridge\Snapshot;
use App\Http\Pages\PersonRef;
use App\Models\People\Person;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/** What it means that somebody is ill from now on, before it is said. Its type is IllToday.ts. */
final readonly class IllToday
{
    public function __construct(private PlanCover $plans) {}

    /**
     * @return array{works: bool, minutes: int, next: string|null, passes: list<array{person: array<string, mixed>,
     *     tasks: int}>, gaps: int}
     */
    public function of(Absence $absence, Snapshot $house, int $now): array
    {
        $hours = $house->roster->people[$absence->personId]->hours;
        $minutes = (new WorkingTime($hours))->minutesBetween(max($now, $absence->span->from), $absence->span->to);
        $plan = $minutes === 0 ? null : $this->plans->of($absence, []);
        $passing = $plan?->passing() ?? [];
        $people = Person::query()
            ->whereIn('slug', array_map(strval(...), array_keys($passing)))
            ->orderBy('name')
            ->get();

        return [
            'works' => $minutes > 0,
            'minutes' => $minutes,
            'next' => $minutes > 0 ? null : Instant::orNull($this->nextWork($hours, $absence->span->to)),
            'passes' => array_values(
                $people
                    ->map(
                        static fn(Person $one): array => [
                            'person' => PersonRef::of($one),
                            'tasks' => $passing[$one->slug],
                        ],
                    )
                    ->all(),
            ),
            'gaps' => count(array_filter($plan->lines ?? [], static fn(CoverLine $line): bool => $line->isGap())),
        ];
    }

    private function nextWork(WorkingHours $hours, int $after): ?int
    {
        try {
            return (new WorkingTime($hours))->add($after, 1) - 60;
        } catch (NoWorkingTime) {
            return null;
        }
    }
}

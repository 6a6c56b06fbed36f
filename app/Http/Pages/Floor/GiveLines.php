<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\PlacingRules;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Http\Pages\ObjectionWords;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Routing\Objections;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\PersonWork;
use OpenBaton\Core\Workload\Work;

/**
 * What lanes would become if some tasks were given to them: load, whether all would be in time, and what stands against
 * it. Its type is GiveLine in FloorPage.ts.
 */
final readonly class GiveLines
{
    public function __construct(private Viewer $viewer, private TaskSubjects $subjects) {}

    /**
     * @param Collection<int, Task> $tasks
     * @param list<string>          $people slugs
     *
     * @return list<array<string, mixed>>
     */
    public function of(Collection $tasks, array $people): array
    {
        $house = $this->viewer->house();
        $roster = $house->snapshot->roster;
        $people = array_values(array_filter($people, static fn(string $slug): bool => isset($roster->people[$slug])));
        $subjects = $this->subjects->all($tasks->loadMissing(TaskSubjects::RELATIONS), $house);
        $work = WorkReader::of(new Needs($people), $house->snapshot);
        $at = CarbonImmutable::now()->getTimestamp();
        $rules = PlacingRules::of($tasks->modelKeys(), $house->router()->rulebook->rulebook);
        $objections = new Objections($roster, $house->router()->facts);
        $book = new LoadBook($roster);
        $against = array_fill_keys($people, []);
        foreach ($subjects as $subject) {
            $give = $rules[$subject->id] ?? null;
            if ($give === null) {
                continue;
            }
            $pool = $objections->pool($subject, $give, $at);
            $load = new LoadView($work, $book, $at, $subject);
            foreach ($people as $slug) {
                foreach ($objections->byRule($slug, $give, $pool, $load) as $one) {
                    $against[$slug][ObjectionWords::say($one, $this->viewer->words())] = true;
                }
            }
        }

        return array_map(
            fn(string $slug): array => $this->line($slug, $subjects, $work, array_keys($against[$slug]), $at),
            $people,
        );
    }

    /**
     * @param list<TaskSubject>    $tasks
     * @param list<int|string> $against
     *
     * @return array<string, mixed>
     */
    private function line(string $slug, array $tasks, Work $work, array $against, int $at): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $person = $roster->people[$slug];
        $before = $after = $work->held($slug);
        foreach ($tasks as $task) {
            $item = $task->heldBy($slug)->asWork();
            $after = $after->without($task->id)->with($slug, $item);
        }
        $was = LoadPlanner::ofPerson($person, $roster, $before->loading, $at, toTheEnd: true);
        $plan = LoadPlanner::ofPerson($person, $roster, $after->loading, $at, toTheEnd: true);
        $late = $dated = 0;
        $finishes = [];
        foreach ($tasks as $task) {
            $finish = $plan->finishes[$task->id] ?? null;
            $finishes[] = $finish ?? PHP_INT_MAX;
            // What is late already is so with everybody.
            $mayBeInTime = $task->dueAt !== null && $task->dueAt >= $at;
            $dated += $mayBeInTime ? 1 : 0;
            $late += $mayBeInTime && ($finish ?? PHP_INT_MAX) > $task->dueAt ? 1 : 0;
        }
        $last = $finishes === [] ? null : max($finishes);
        $unavailable = (new Availability($roster))->againstButAbsence($person, $at);

        return [
            'slug' => $slug,
            'holds' => array_filter($tasks, static fn(TaskSubject $one): bool => $one->holderIds() !== [$slug]) === [],
            'may' => $unavailable === [],
            'against' => [
                ...array_map(
                    fn(Unavailability $one): string => $this->viewer
                        ->words()
                        ->words->say("floor.against.{$one->value}"),
                    $unavailable,
                ),
                ...array_map(strval(...), $against),
            ],
            'awayUntil' => Instant::orNull($roster->awayUntil($slug, $at)),
            'finishAt' => Instant::orNull($last === PHP_INT_MAX ? null : $last),
            'dated' => $dated,
            'late' => $late,
            'othersLate' => self::late($plan, $after, $tasks) - self::late($was, $before, $tasks),
            'loadBefore' => $was->ratio()->percent(),
            'loadAfter' => $plan->ratio()->percent(),
        ];
    }

    /**
     * How many of somebody's other tasks the plan does late.
     *
     * @param list<TaskSubject> $but
     */
    private static function late(LoadPlan $plan, PersonWork $work, array $but): int
    {
        $ids = array_column($but, 'id');
        $late = 0;
        foreach ($work->loading as $item) {
            $late +=
                $item->dueAt !== null &&
                !in_array($item->id, $ids, true) &&
                ($plan->finishes[$item->id] ?? PHP_INT_MAX) > $item->dueAt
                    ? 1
                    : 0;
        }

        return $late;
    }
}

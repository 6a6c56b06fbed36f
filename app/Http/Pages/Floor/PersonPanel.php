<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\WorkReader;
use App\Http\Pages\IntakeState;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Block;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;

/** What somebody has in hand, with when the plan has it done; of one day, what is done when. */
final readonly class PersonPanel
{
    private const TASKS = 100;

    public function __construct(private Viewer $viewer) {}

    /**
     * @param LocalDate|null $day of which it is shown what is done when
     *
     * @return array<string, mixed>|null null: there is nobody of that name
     */
    public function of(string $slug, ?LocalDate $day): ?array
    {
        $person = $slug === '' ? null : Person::query()->where('slug', $slug)->first();
        if ($person === null || !isset($this->viewer->snapshot()->roster->people[$slug])) {
            return null;
        }
        $plan = $this->plan($slug);
        $tasks = $this->tasks($person);
        $zone = $this->viewer->snapshot()->roster->people[$slug]->hours->zone();

        return [
            'lane' => PersonRef::of($person),
            'intake' => IntakeState::of($person, $this->viewer),
            'tasks' => array_values($tasks->map(TaskLine::of(...))->all()),
            'finishes' => (object) array_map(Instant::format(...), $plan->finishes),
            'day' =>
                $day === null ? null : ['date' => $day->format(), 'blocks' => self::blocks($plan, $day, $zone, $tasks)],
        ];
    }

    private function plan(string $slug): LoadPlan
    {
        $house = $this->viewer->snapshot();

        return LoadPlanner::ofPerson(
            $house->roster->people[$slug],
            $house->roster,
            WorkReader::of(new Needs([$slug]), $house)->held($slug)->loading,
            CarbonImmutable::now()->getTimestamp(),
            toTheEnd: true,
        );
    }

    /** @return Collection<int, Task> held or to be reviewed, the earliest due first */
    private function tasks(Person $person): Collection
    {
        return Task::query()
            ->with(['kind', 'customer', 'covers.for'])
            ->inHandOf($person->id)
            ->dueFirst()
            ->limit(self::TASKS)
            ->get();
    }

    /**
     * @param Zone                  $zone  of the person
     * @param Collection<int, Task> $tasks
     *
     * @return list<array<string, mixed>> in order
     */
    private static function blocks(LoadPlan $plan, LocalDate $day, Zone $zone, Collection $tasks): array
    {
        [$from, $to] = [$zone->instant($day, 0), $zone->instant($day->plus(1), 0)];
        $known = $tasks->keyBy('id');

        return array_values(
            array_map(
                static fn(Block $one): array => [
                    'id' => $one->taskId,
                    'number' => (int) $known->get($one->taskId)?->number,
                    'title' => (string) $known->get($one->taskId)?->title,
                    'from' => Instant::format(max($from, $one->from)),
                    'to' => Instant::format(min($to, $one->to)),
                ],
                array_filter(
                    $plan->blocks,
                    static fn(Block $one): bool => $one->from < $to && $one->to > $from && $known->has($one->taskId),
                ),
            ),
        );
    }
}

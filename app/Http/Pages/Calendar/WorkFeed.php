<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\Snapshot;
use App\Bridge\WorkReader;
use App\Calendar\PlannedBlock;
use App\Calendar\WorkWriter;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\Block;
use OpenBaton\Core\Workload\LoadPlanner;

/** The open work of some people as a calendar: what is due, and when the plan has it done. */
final readonly class WorkFeed
{
    private const TASKS = 1_000;

    /** Days ahead of which blocks are told: what comes later moves too much to be of use. */
    private const DAYS = 28;

    public function __construct(private Snapshot $house, private CarbonImmutable $now) {}

    /** @param Collection<int, Person> $people those who are not here any more have nothing in it */
    public function of(Collection $people): string
    {
        $active = $people->filter(fn(Person $one): bool => $this->house->roster->people[$one->slug]->active ?? false);
        $tasks = Task::query()
            ->with(['kind:id,name'])
            ->inHandOf(array_values($active->map(static fn(Person $one): string => $one->id)->all()))
            ->whereNotNull('due_at')
            ->orderBy('due_at')
            ->orderBy('number')
            ->limit(self::TASKS)
            ->get();

        return WorkWriter::write($tasks, $this->blocks($active), $active->count() > 1);
    }

    /**
     * @param Collection<int, Person> $people
     *
     * @return list<PlannedBlock>
     */
    private function blocks(Collection $people): array
    {
        $slugs = array_values($people->map(static fn(Person $one): string => $one->slug)->all());
        $work = WorkReader::of(new Needs($slugs), $this->house);
        $until = $this->now->addDays(self::DAYS)->getTimestamp();
        $found = [];
        foreach ($slugs as $slug) {
            $person = $this->house->roster->people[$slug];
            // To the minute, so that a block keeps its begin when nothing has changed.
            $now = $this->now->startOfMinute()->getTimestamp();
            $plan = LoadPlanner::ofPerson(
                $person,
                $this->house->roster,
                $work->held($slug)->loading,
                $now,
                toTheEnd: true,
            );
            foreach ($plan->blocks as $block) {
                if ($block->from < $until) {
                    $found[] = [$block, $person->name];
                }
            }
        }
        $titles = Task::query()
            ->whereKey(array_unique(array_map(static fn(array $one): string => $one[0]->taskId, $found)))
            ->get(['id', 'number', 'title'])
            ->keyBy('id');

        return array_map(
            /** @param array{Block, string} $one */
            static fn(array $one): PlannedBlock => new PlannedBlock(
                $one[0]->taskId,
                (int) $titles->get($one[0]->taskId)?->number,
                (string) $titles->get($one[0]->taskId)?->title,
                $one[1],
                $one[0]->from,
                $one[0]->to,
            ),
            $found,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Absences;

use App\Http\Pages\ObjectionWords;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Absence\CoverPlan;
use OpenBaton\Core\Absence\SubstituteLoad;
use OpenBaton\Core\Routing\Objection;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Time\LocalDate;

/** A cover plan, task by task, with the load of whoever gets something. Its type is CoverPlan.ts. */
final readonly class CoverPlanView
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function of(CoverPlan $plan): array
    {
        $tasks = Task::query()
            ->with(['kind', 'customer'])
            ->findMany(array_map(static fn(CoverLine $line): string => $line->task->id, $plan->lines))
            ->keyBy('id');

        return [
            'lines' => array_map(
                fn(CoverLine $line): array => $this->line($line, $tasks->get($line->task->id) ?? new Task()),
                $plan->lines,
            ),
            'loads' => array_map(
                fn(SubstituteLoad $load): array => $this->load($load, $plan->passing()[$load->personId] ?? 0),
                $plan->loads,
            ),
            'gaps' => count($plan->gaps()),
        ];
    }

    /**
     * @param list<array{CustomerCase, string|null}> $cases with who answers for them, by slug
     *
     * @return list<array<string, mixed>>
     */
    public function cases(array $cases): array
    {
        $house = $this->viewer->snapshot();

        return array_map(
            fn(array $one): array => [
                'id' => $one[0]->id,
                'number' => (int) $one[0]->number,
                'title' => $one[0]->title,
                'stage' =>
                    $house->tracks[$house->trackSlugs[$one[0]->track_id] ?? '']?->stageName($one[0]->stage) ??
                    $one[0]->stage,
                'to' => $one[1] === null ? null : $this->person($one[1]),
            ],
            $cases,
        );
    }

    /** @return array<string, mixed> */
    private function line(CoverLine $line, Task $task): array
    {
        return [
            'task' => TaskLine::of($task),
            'review' => $line->seat === SeatName::Reviewer,
            'passes' => $line->reason->passes(),
            'gap' => $line->isGap(),
            'byHand' => in_array($line->reason->value, ['given_by_hand', 'kept_by_hand'], true),
            'reason' => $this->viewer->words()->words->say("cover.reasons.{$line->reason->value}"),
            'to' => $line->toId === null ? null : $this->person($line->toId),
            'warnings' => array_map(
                fn(Objection $one): string => ObjectionWords::say($one, $this->viewer->words()),
                $line->warnings,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function load(SubstituteLoad $load, int $tasks): array
    {
        $over = array_map(static fn(LocalDate $day): string => $day->format(), $load->overOn());
        $days = [];
        foreach ($load->after->days as $index => $day) {
            $days[] = [
                'date' => $day->date->format(),
                'working' => $day->working,
                'capacity' => $day->capacity,
                'planned' => $day->planned,
                'before' => $load->before->days[$index]->planned ?? 0,
                'late' => $day->late,
                'over' => in_array($day->date->format(), $over, true),
            ];
        }

        return [
            'person' => $this->person($load->personId),
            'tasks' => $tasks,
            'before' => $load->before->ratio()->percent(),
            'after' => $load->after->ratio()->percent(),
            'days' => $days,
        ];
    }

    /** @return array{slug: string, name: string} */
    private function person(string $slug): array
    {
        return ['slug' => $slug, 'name' => $this->viewer->words()->person($slug)];
    }
}

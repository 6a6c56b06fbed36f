<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Bridge\HouseAt;
use App\Bridge\PlacingRules;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Levelling\ToLevel;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\Work;

/** Who could have it done in time, or at least sooner, of what the plan does too late. Its type is in FloorPage.ts. */
final readonly class TooLateHelp
{
    /** People of whom it is asked when they would be done, for each task. */
    private const ASKED = 24;

    public function __construct(
        private HouseAt $house,
        private TaskSubjects $subjects,
        private Work $work,
        private int $now,
    ) {}

    /**
     * @param Collection<int, Task>        $tasks
     * @param array<array-key, int|null> $finishes instant by task, with those who have them; null: not within three
     *     months
     *
     * @return array<array-key, array{slug: string, name: string, finishAt: string, inTime: bool}> by task
     */
    public function of(Collection $tasks, array $finishes): array
    {
        $roster = $this->house->snapshot->roster;
        $people = array_map(strval(...), array_keys($roster->people));
        $toLevel = new ToLevel($this->house->router(), $people, $this->now, PHP_INT_MAX, true);
        $rules = PlacingRules::of($tasks->modelKeys(), $this->house->router()->rulebook->rulebook);
        $book = new LoadBook($roster);
        $helps = [];
        foreach ($this->subjects->all($tasks->loadMissing(TaskSubjects::RELATIONS), $this->house) as $subject) {
            $movable = $toLevel->of($subject, $rules[$subject->id] ?? null)[0] ?? null;
            $others = array_slice($movable === null ? [] : array_slice($movable->eligible, 1), 0, self::ASKED);
            $best = $this->best($subject, $others, $book);
            if ($best === null || $best[1] >= ($finishes[$subject->id] ?? PHP_INT_MAX)) {
                continue;
            }
            [$slug, $finish] = $best;
            $helps[$subject->id] = [
                'slug' => $slug,
                'name' => $roster->people[$slug]->name,
                'finishAt' => Instant::format($finish),
                'inTime' => $subject->dueAt !== null && $finish <= $subject->dueAt,
            ];
        }

        return $helps;
    }

    /**
     * @param list<string> $people
     *
     * @return array{string, int}|null who is done with it first, and when
     */
    private function best(TaskSubject $task, array $people, LoadBook $book): ?array
    {
        $best = null;
        foreach ($people as $slug) {
            $finish = $book->finish($slug, $this->work->held($slug), $task->heldBy($slug)->asWork(), $this->now);
            if ($finish !== null && ($best === null || $finish < $best[1])) {
                $best = [$slug, $finish];
            }
        }

        return $best;
    }
}

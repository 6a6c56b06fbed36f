<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Bridge\Houses;
use App\Clock\MissedMoments;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Timer\Occurrence;

/** What would have happened to tasks, had a date been set a little earlier. Its type is MissedLine.ts. */
final readonly class MissedLine
{
    public function __construct(private MissedMoments $missed, private Houses $houses) {}

    /**
     * @param Collection<int, Task> $tasks with TaskSubjects::RELATIONS, as they are now
     *
     * @return list<array{task: string, number: int, timer: string, rule: string, at: string}>
     */
    public function of(Collection $tasks): array
    {
        $house = $this->houses->now();
        $rules = $house->rulebook()->rulebook->rules;

        return array_map(
            static fn(Occurrence $one): array => [
                'task' => $one->subjectId,
                'number' => (int) $tasks->find($one->subjectId)?->number,
                'timer' => (string) $one->timer?->id,
                'rule' => $one->timer === null ? '' : $rules[$one->timer->position]->name,
                'at' => Instant::format($one->at),
            ],
            $this->missed->of($tasks, $house),
        );
    }
}

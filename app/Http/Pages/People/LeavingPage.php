<?php

declare(strict_types=1);

namespace App\Http\Pages\People;

use App\Fields\Choices;
use App\Http\Pages\Absences\NamedLines;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use App\Models\People\Team;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Workload\TaskStatus;

/** What somebody who leaves holds, and where they are named. Its type is LeavingPage.ts. */
final readonly class LeavingPage
{
    public function __construct(private Viewer $viewer, private NamedLines $named) {}

    /** @return array<string, mixed> */
    public function props(Person $person): array
    {
        $house = $this->viewer->snapshot();
        $words = $this->viewer->words();

        return [
            'person' => PersonRef::of($person) + ['active' => $person->active],
            'today' => $house->roster->people[$person->slug]->hours
                ->zone()
                ->dateAt(CarbonImmutable::now()->getTimestamp())
                ->format(),
            'tasks' => static fn(): array => array_values(
                Task::query()
                    ->with(['kind', 'customer'])
                    ->open()
                    ->concerning($person->id)
                    ->dueFirst()
                    ->get()
                    ->map(
                        static fn(Task $task): array => [
                            'task' => TaskLine::of($task),
                            'review' => $task->status === TaskStatus::InReview && $task->reviewer_id === $person->id,
                        ],
                    )
                    ->all(),
            ),
            'rules' => fn(): array => $this->named->rules($person->slug),
            'elsewhere' => fn(): array => [
                ...$this->named->elsewhere($person->slug),
                ...Team::query()
                    ->where('lead_id', $person->id)
                    ->orderBy('position')
                    ->get()
                    ->map(static fn(Team $team): string => $words->words->say('leaving.leads', ['team' => $team->name]))
                    ->all(),
                ...$this->standsIn($person),
            ],
            'people' => static fn(): array => array_values(
                array_filter(
                    Choices::people($house->roster),
                    static fn(array $one): bool => $one['value'] !== $person->slug &&
                        $house->roster->people[$one['value']]->active,
                ),
            ),
        ];
    }

    /** @return list<string> absences to come, or running, in which they stand in */
    private function standsIn(Person $person): array
    {
        $now = CarbonImmutable::now();
        $absences = Absence::query()
            ->with('person')
            ->whereHas('substitutes', static fn(Builder $stands): Builder => $stands->whereKey($person->id))
            ->where(
                static fn(Builder $left): Builder => $left
                    ->where('last_day', '>=', $now->format('Y-m-d'))
                    ->orWhere('to', '>', $now),
            )
            ->get();

        return array_values(
            $absences
                ->map(
                    fn(Absence $absence): string => $this->viewer
                        ->words()
                        ->words->say('leaving.stands_in', ['person' => (string) $absence->person?->name]),
                )
                ->all(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\IntakeState;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\FloorPage;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Pages\Tasks\TaskView;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Workload\TaskStatus;

final class FloorController
{
    private const TASKS = 100;

    public function __invoke(Request $request, FloorPage $page, TaskView $view, Viewer $viewer): Response
    {
        Gate::authorize('viewFloor', House::class);

        return Inertia::render(
            'Floor/Floor',
            $page->props(array_values(array_filter(explode(',', $request->string('lanes')->toString())))) + [
                'task' => static function () use ($request, $view): ?array {
                    $task = Task::query()->find($request->string('task')->toString());

                    return $task === null ? null : $view->of($task);
                },
                'person' => fn(): ?array => $this->person($request->string('person')->toString(), $viewer),
            ],
        );
    }

    /** @return array<string, mixed>|null */
    private function person(string $slug, Viewer $viewer): ?array
    {
        $person = $slug === '' ? null : Person::query()->where('slug', $slug)->first();

        return $person === null
            ? null
            : [
                'lane' => PersonRef::of($person),
                'intake' => IntakeState::of($person, $viewer),
                'tasks' => Task::query()
                    ->with(['kind', 'customer', 'covers.for'])
                    ->where(
                        static fn(Builder $his): Builder => $his
                            ->where(
                                static fn(Builder $held): Builder => $held
                                    ->heldBy($person->id)
                                    ->where('status', '<>', TaskStatus::InReview),
                            )
                            ->orWhere(
                                static fn(Builder $reviewed): Builder => $reviewed
                                    ->where('reviewer_id', $person->id)
                                    ->where('status', TaskStatus::InReview),
                            ),
                    )
                    ->open()
                    ->dueFirst()
                    ->limit(self::TASKS)
                    ->get()
                    ->map(TaskLine::of(...))
                    ->all(),
            ];
    }
}

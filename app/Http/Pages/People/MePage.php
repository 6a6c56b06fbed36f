<?php

declare(strict_types=1);

namespace App\Http\Pages\People;

use App\Http\Pages\Absences\AbsencesPage;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\NoticeLine;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Absences\Absence;
use App\Models\Absences\CalendarFeed;
use App\Models\Absences\TaskCover;
use App\Models\Events\Notice;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Time\Span;

/** Own hours, skills, absences, what one covers for others, and what came and went. Its type is MePage.ts. */
final readonly class MePage
{
    private const DAYS = 14;

    private const NOTICES = 50;

    private const TASKS = 100;

    public function __construct(private Viewer $viewer, private AbsencesPage $absences) {}

    /** @return array<string, mixed> */
    public function props(Person $person): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $core = $roster->people[$person->slug];
        $feed = CalendarFeed::query()->where('person_id', $person->id)->where('what', CalendarFeed::ABSENCES)->first();

        return [
            'person' => PersonRef::of($person),
            'zone' => $core->hours->zone()->name,
            'days' => fn(): array => $this->days($person->slug),
            'skills' => fn(): array => array_map(
                static fn(string $skill, int $level): array => ['name' => $roster->skills[$skill], 'level' => $level],
                array_map(strval(...), array_keys($core->skills)),
                $core->skills,
            ),
            'attributes' => $core->attributes,
            'place' => static fn(): ?string => $core->place === null
                ? null
                : Place::query()->where('slug', $core->place)->first()?->name,
            'teams' => static fn(): array => array_map(
                static fn($team): array => [
                    'name' => $team->name,
                    'weight' =>
                        array_column(
                            array_map(
                                static fn(Membership $one): array => [$one->personId, $one->weight],
                                $team->members,
                            ),
                            1,
                            0,
                        )[$person->slug] ?? Membership::FULL_WEIGHT,
                ],
                $roster->teamsOf($person->slug),
            ),
            'absences' => fn(): array => $this->own($person),
            'covers' => fn(): array => $this->covers($person),
            'covered' => fn(): array => array_values(
                Task::query()
                    ->with(['kind', 'customer', 'covers.for', 'assignee'])
                    ->open()
                    ->whereHas('covers', static fn(Builder $covers): Builder => $covers->where('for_id', $person->id))
                    ->dueFirst()
                    ->limit(self::TASKS)
                    ->get()
                    ->map(
                        static fn(Task $task): array => [
                            'task' => TaskLine::of($task),
                            'with' => PersonRef::orNull($task->assignee),
                        ],
                    )
                    ->all(),
            ),
            'notices' => fn(): array => NoticeLine::lines(
                Notice::query()->where('person_id', $person->id),
                $this->viewer,
                self::NOTICES,
            ),
            'address' => $feed === null ? null : url("calendar/{$feed->secret}.ics"),
        ];
    }

    /**
     * @return list<array{date: string, hours: list<array{from: string, to: string}>, away: bool}> the next two weeks
     */
    private function days(string $slug): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $hours = $roster->people[$slug]->hours;
        $date = $hours->zone()->dateAt(CarbonImmutable::now()->getTimestamp());
        $days = [];
        for ($day = 0; $day < self::DAYS; ++$day, $date = $date->plus(1)) {
            $there = $roster->presenceOf($slug)->spansOf($date);
            $days[] = [
                'date' => $date->format(),
                'hours' => array_map(
                    static fn(Span $span): array => [
                        'from' => Instant::format($span->from),
                        'to' => Instant::format($span->to),
                    ],
                    $there,
                ),
                'away' => $there === [] && $hours->spansOf($date) !== [],
            ];
        }

        return $days;
    }

    /** @return list<array<string, mixed>> what is running, to come and asked for, and what is just over */
    private function own(Person $person): array
    {
        $since = CarbonImmutable::now()->subWeeks(4);
        $rows = Absence::query()
            ->with(Absence::WITH)
            ->where('person_id', $person->id)
            ->where('status', '<>', AbsenceStatus::Cancelled)
            ->where(
                static fn(Builder $recent): Builder => $recent
                    ->where('last_day', '>=', $since->format('Y-m-d'))
                    ->orWhere('to', '>=', $since),
            )
            ->get();
        $lines = array_values($rows->map(fn(Absence $absence): array => $this->absences->line($absence, true))->all());
        usort($lines, static fn(array $one, array $other): int => $one['from'] <=> $other['from']);

        return $lines;
    }

    /** @return list<array<string, mixed>> people for whom one has tasks, until when, and which */
    private function covers(Person $person): array
    {
        $roster = $this->viewer->snapshot()->roster;
        $now = CarbonImmutable::now()->getTimestamp();
        $tasks = Task::query()
            ->with(['kind', 'customer', 'covers.for'])
            ->open()
            ->whereHas('covers')
            ->concerning($person->id)
            ->dueFirst()
            ->limit(self::TASKS)
            ->get();
        $by = [];
        foreach ($tasks as $task) {
            $cover = $task->covers->first(static fn(TaskCover $one): bool => $one->for !== null);
            $for = $cover?->for;
            if ($for !== null && $for->id !== $person->id) {
                $by[$for->slug] ??= [
                    'for' => PersonRef::of($for),
                    'until' => Instant::orNull($roster->awayUntil($for->slug, $now)),
                    'tasks' => [],
                ];
                $by[$for->slug]['tasks'][] = TaskLine::of($task);
            }
        }

        return array_values($by);
    }
}

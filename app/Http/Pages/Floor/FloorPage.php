<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Absences\CoverCounts;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\Http\Pages\Levelling\LevellingsPage;
use App\Http\Pages\Tasks\HandoffLine;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Presence;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/** The lead's home. Its type is FloorPage.ts. */
final class FloorPage
{
    private const LATEST = 12;

    private const UNREVIEWED = 50;

    /** Lanes that come with the page; more of them as they are scrolled into view. */
    private const FIRST_LANES = 40;

    /** Open tasks from which on a house is large. */
    private const LARGE = 5_000;

    private readonly int $now;

    private ?FloorLanes $floor = null;

    /** @var list<FloorGroup>|null */
    private ?array $groups = null;

    public function __construct(
        private readonly Viewer $viewer,
        private readonly UnplacedLines $unplaced,
        private readonly TaskSubjects $subjects,
    ) {
        $this->now = CarbonImmutable::now()->getTimestamp();
    }

    /**
     * @param list<string> $shown whose lanes are asked for, by slug; nobody: the first
     * @param bool         $whole what takes the work of everybody comes at once; otherwise, in a large house, the page
     *     asks for it once it is there
     *
     * @return array<string, Closure(): mixed>
     */
    public function props(FloorView $view, array $shown, bool $whole): array
    {
        $atOnce = static fn(): bool => once(
            static fn(): bool => $whole || Task::query()->open()->count() <= self::LARGE,
        );

        return [
            'view' => fn(): array => $view->props(),
            'days' => fn(): array => array_map(
                static fn(LocalDate $date): string => $date->format(),
                $this->days($view),
            ),
            'isToday' => fn(): bool => $this->days($view)[0]->day ===
                $this->viewer->snapshot()->roster->house->zone()->dateAt($this->now)->day,
            'axis' => fn(): ?array => $view->isByHours()
                ? $this->hours($view)->axis(FloorGroups::active($this->viewer->snapshot()->roster))
                : null,
            'now' => fn(): string => Instant::format($this->now),
            'teams' => fn(): array => $this->teams($view),
            'lanes' => fn(): array => $this->lanes($view, $shown, $atOnce()),
            'answers' => fn(): ?array => $atOnce()
                ? $this->answers($view)->all() + ['unplaced' => UnplacedLines::count()]
                : null,
            'tooLate' => fn(): array => $atOnce() ? $this->answers($view)->tooLate(help: $this->help($view)) : [],
            'unplaced' => fn(): array => $this->unplaced->all(),
            'open' => static fn(): int => Task::query()->claimable()->count(),
            'reviews' => fn(): array => $this->unreviewed(),
            'toHandOn' => static fn(): array => ToHandOnLines::all(),
            'cuts' => fn(): array => CutLine::unseen($this->viewer, self::LATEST),
            'handoffs' => fn(): array => $this->handoffs(),
            'covers' => fn(): array => CoverCounts::all($this->viewer->snapshot()),
            'choices' => fn(): array => FloorChoices::all($this->viewer),
            'levelling' => fn(): array => LevellingsPage::options($this->viewer),
        ];
    }

    /** @return non-empty-list<LocalDate> */
    private function days(FloorView $view): array
    {
        return FloorDays::of($this->viewer->snapshot()->roster->house, $this->now, $view->days());
    }

    private function floor(FloorView $view): FloorLanes
    {
        return $this->floor ??= $this->lanesBy($view, WorkReader::ofEverybody($this->viewer->snapshot()));
    }

    private function lanesBy(FloorView $view, Work $work): FloorLanes
    {
        return new FloorLanes($this->viewer->snapshot()->roster, $work, $this->days($view), $this->now);
    }

    /** @return list<FloorGroup> whom it shows */
    private function groups(FloorView $view): array
    {
        return $this->groups ??= (new FloorGroups(
            $this->viewer,
            fn(): FloorLanes => $this->floor($view),
            $view,
        ))->all();
    }

    private function answers(FloorView $view): FloorAnswers
    {
        return new FloorAnswers(
            FloorGroups::active($this->viewer->snapshot()->roster),
            $this->floor($view),
            $this->viewer->snapshot(),
            $this->now,
        );
    }

    private function help(FloorView $view): TooLateHelp
    {
        return new TooLateHelp($this->viewer->house(), $this->subjects, $this->floor($view)->work, $this->now);
    }

    /** @return list<array<string, mixed>> who is in them, and what their lanes come to */
    private function teams(FloorView $view): array
    {
        $snapshot = $this->viewer->snapshot();
        $availability = new Availability($snapshot->roster);
        $isIn = fn(Person $one): bool => $availability->presence($one, $this->now) === Presence::In;
        $open = OpenCounts::of($snapshot);

        return array_map(
            static fn(FloorGroup $group): array => [
                'slug' => $group->slug,
                'name' => $group->name,
                'above' => $group->above,
                'present' => count(array_filter($group->people, $isIn)),
                'openTasks' => array_sum(
                    array_map(static fn(Person $one): int => $open[$one->id] ?? 0, $group->people),
                ),
                'people' => array_map(
                    static fn(Person $person): array => [
                        'slug' => $person->id,
                        'name' => $person->name,
                        'lead' => $group->lead === $person->id,
                    ],
                    $group->people,
                ),
            ],
            $this->groups($view),
        );
    }

    /**
     * @param list<string> $shown slugs; nobody: the first lanes
     * @param bool         $whole the work of everybody is read for other reasons
     *
     * @return list<array<string, mixed>>
     */
    private function lanes(FloorView $view, array $shown, bool $whole): array
    {
        $house = $this->viewer->snapshot();
        $people =
            $shown === []
                ? $this->first($view)
                : array_values(array_intersect_key($house->roster->people, array_flip($shown)));
        $lanes =
            $whole && $shown === []
                ? $this->floor($view)
                : $this->lanesBy($view, WorkReader::of(new Needs(array_column($people, 'id')), $house));

        $hours = $view->isByHours()
            ? $this->hours($view)->of(
                array_map(static fn(Person $one): array => [$one, $lanes->outlook($one)], $people),
            )
            : [];

        return array_map(
            static fn(Person $one): array => $lanes->of($one) + ['hours' => $hours[$one->id] ?? null],
            $people,
        );
    }

    private function hours(FloorView $view): FloorHours
    {
        return new FloorHours($this->viewer->snapshot()->roster, $this->days($view)[0]);
    }

    /** @return list<Person> those whose lanes come with the page */
    private function first(FloorView $view): array
    {
        $people = array_merge(
            [],
            ...array_map(static fn(FloorGroup $one): array => $one->people, $this->groups($view)),
        );

        return array_values(array_column(array_slice($people, 0, self::FIRST_LANES), null, 'id'));
    }

    /** @return list<array<string, mixed>> */
    private function handoffs(): array
    {
        return array_values(
            Handoff::query()
                ->with(['task', 'from', 'to', 'standsInFor'])
                ->orderByDesc('at')
                ->orderByDesc('id')
                ->limit(self::LATEST)
                ->get()
                ->map(HandoffLine::of(...))
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> what is to be reviewed and has nobody to do it */
    private function unreviewed(): array
    {
        return array_values(
            Task::query()
                ->with(['kind', 'customer'])
                ->where('status', TaskStatus::InReview)
                ->whereNull('reviewer_id')
                ->mostUrgentFirst()
                ->limit(self::UNREVIEWED)
                ->get()
                ->map(TaskLine::of(...))
                ->all(),
        );
    }
}

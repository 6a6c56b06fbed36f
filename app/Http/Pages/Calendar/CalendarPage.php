<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Http\Pages\TeamRefs;
use App\Http\Viewer;
use App\Models\Absences\CalendarFeed;
use App\Models\House\House;
use App\Models\People\Team;
use App\Tasks\TasksInSight;
use Carbon\CarbonImmutable;
use Closure;
use OpenBaton\Core\Time\LocalDate;

/** The work by day, week and month. Its type is CalendarPage.ts. */
final readonly class CalendarPage
{
    /** Lanes of one page. */
    private const LANES = 40;

    public function __construct(private Viewer $viewer, private TasksInSight $sight) {}

    /** @return array<string, mixed> */
    public function props(CalendarView $view): array
    {
        $scope = CalendarScope::of($view, $this->viewer, $this->sight);
        $period = new CalendarPeriod($view->dates(), $this->viewer->zone(), CarbonImmutable::now()->getTimestamp());
        $house = $this->viewer->snapshot();
        $people = array_slice($scope->people, self::LANES * ($view->page - 1), self::LANES);
        $lanes = static fn(): CalendarLanes => new CalendarLanes($scope, $period, $house, $people);
        $byHours = $view->by === 'day' || ($view->by === 'week' && $scope->isOne());

        return [
            'view' => [
                'by' => $view->by,
                'date' => $view->date->format(),
                'kind' => $scope->kind,
                'slug' => $scope->slug,
                'name' => $scope->name,
                'page' => $view->page,
                'pages' => $view->by === 'month' ? 1 : max(1, (int) ceil(count($scope->people) / self::LANES)),
                'earlier' => $view->stepped(-1)->format(),
                'later' => $view->stepped(1)->format(),
            ],
            'dates' => array_map(
                static fn(LocalDate $date): array => [
                    'date' => $date->format(),
                    'off' => $house->roster->house->spansOf($date) === [],
                    'holiday' => $house->roster->house->isHoliday($date),
                ],
                $period->dates,
            ),
            'today' => $period->today->format(),
            'weeks' => static fn(): ?array => $view->by === 'month'
                ? (new CalendarCells($scope, $period, $house))->weeks()
                : null,
            'lanes' => static fn(): ?array => $view->by === 'week' && !$byHours ? $lanes()->byDays() : null,
            'hours' => static fn(): ?array => $byHours ? $lanes()->byHours() : null,
            'shown' => static fn(): ?array => $view->show === null
                ? null
                : (new CalendarDay($scope, $period, $house))->of($view->show),
            'choices' => $this->choices(),
            'feed' => $this->feed($scope),
        ];
    }

    /** @return Closure(): array{own: string|null, teams: list<array{slug: string, name: string}>} */
    private function choices(): Closure
    {
        return fn(): array => [
            'own' => $this->viewer->person()?->slug,
            'teams' => TeamRefs::all($this->viewer->snapshot()->roster),
        ];
    }

    /** @return Closure(): (array{address: string|null, team: string|null}|null) null: not theirs to have */
    private function feed(CalendarScope $scope): Closure
    {
        return function () use ($scope): ?array {
            $column = match (true) {
                $scope->isOne() && $this->viewer->person()?->slug === $scope->slug => 'person_id',
                $scope->kind === 'team' && $this->viewer->user()->can('keepRoster', House::class) => 'team_id',
                default => null,
            };
            if ($column === null) {
                return null;
            }
            $secret = CalendarFeed::query()
                ->where(
                    $column,
                    $column === 'person_id'
                        ? $this->viewer->person()?->id
                        : Team::query()->where('slug', $scope->slug)->value('id'),
                )
                ->where('what', CalendarFeed::WORK)
                ->value('secret');

            return [
                'address' => is_string($secret) ? url("calendar/{$secret}.ics") : null,
                'team' => $column === 'team_id' ? $scope->slug : null,
            ];
        };
    }
}

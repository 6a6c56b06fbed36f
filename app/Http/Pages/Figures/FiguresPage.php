<?php

declare(strict_types=1);

namespace App\Http\Pages\Figures;

use App\Figures\FigureTallies;
use App\Figures\WorkOutFigures;
use App\Http\Pages\Moment;
use App\Http\Pages\TeamRefs;
use App\Http\Viewer;
use App\Models\Figures\CountedFigures;
use App\Tasks\ListedTasks;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Figures\Tally;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Time\LocalDate;

/** What is open, late and unplaced now, and what came in and ended lately. Its type is FiguresPage.ts. */
final readonly class FiguresPage
{
    public function __construct(private Viewer $viewer, private ListedTasks $listed) {}

    /**
     * @param string $team slug; empty, or of none that is known: the whole house
     *
     * @return array<string, mixed>
     */
    public function props(string $team, string $by, int $weeks): array
    {
        $house = $this->viewer->snapshot();
        $team = isset($house->roster->teams[$team]) ? $team : '';
        $now = CarbonImmutable::now();
        $today = $house->roster->house->zone()->dateAt($now->getTimestamp());
        $first = FigureTallies::first($today->startOfWeek(), $weeks);
        $counted = CountedFigures::query()
            ->where('whose', $team)
            ->whereIn('by', ['all', $by])
            ->where('weeks', $weeks)
            ->get()
            ->keyBy('by');
        $at = CountedFigures::query()->min('at');
        $at = is_string($at) ? CarbonImmutable::parse($at, 'UTC') : null;
        WorkOutFigures::seen($at);
        $open = new OpenFigures($this->listed, $this->viewer->user(), $house, $team, $first);
        $nothing = FigureTallies::written((new Tally())->figures());
        $rows = $counted->get($by)->rows ?? [];

        return [
            'view' => [
                'team' => $team,
                'by' => $by,
                'weeks' => $weeks,
                'first' => $first->format(),
                'last' => $today->format(),
            ],
            'at' => Moment::orNull($at),
            'all' => fn(): array => $open->all() + ($counted->get('all')->rows[''] ?? []) + $nothing,
            'rows' => function () use ($open, $by, $rows, $first, $today, $nothing): array {
                $now = $open->by($by);

                return array_map(
                    static fn(array $of): array => $of +
                        ($now[$of['key']] ?? ['open' => 0, 'overdue' => 0, 'soon' => 0, 'unplaced' => 0]) +
                        ($rows[$of['key']] ?? $nothing),
                    $this->keys($by, [...array_keys($rows), ...array_keys($now)], $first, $today),
                );
            },
            'teams' => TeamRefs::all($house->roster),
        ];
    }

    /**
     * @param list<array-key> $known that something is counted of
     *
     * @return list<array{key: string, name: string}> in order: teams as they stand, kinds by name, weeks from the first
     */
    private function keys(string $by, array $known, LocalDate $first, LocalDate $today): array
    {
        $names = match ($by) {
            'week' => self::weeks($known, $first, $today),
            'team' => $this->teams(),
            // A kind that is not used any more has no line.
            default => array_intersect_key($this->kinds(), array_flip($known)),
        };

        return array_map(
            static fn(string $key, string $name): array => ['key' => $key, 'name' => $name],
            array_map(strval(...), array_keys($names)),
            array_values($names),
        );
    }

    /**
     * @param list<array-key> $known
     *
     * @return array<string, string> those before the first of which something is known are left out
     */
    private static function weeks(array $known, LocalDate $first, LocalDate $today): array
    {
        $from = $known === [] ? $today->startOfWeek() : LocalDate::parse(min(array_map(strval(...), $known)));
        $names = [];
        for ($day = max($first->day, $from->day); $day <= $today->day; $day += 7) {
            $monday = (new LocalDate($day))->format();
            $names[$monday] = $monday;
        }

        return $names;
    }

    /** @return array<array-key, string> by slug; those in no team last */
    private function teams(): array
    {
        return array_map(static fn(Team $team): string => $team->name, $this->viewer->snapshot()->roster->teams) + [
            '' => $this->viewer->words()->words->say('floor.in_no_team'),
        ];
    }

    /** @return array<array-key, string> by slug, in the order of their names */
    private function kinds(): array
    {
        $kinds = array_column($this->viewer->snapshot()->kinds, 'name', 'slug');
        uasort($kinds, $this->viewer->words()->words->compare(...));

        return $kinds;
    }
}

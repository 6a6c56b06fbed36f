<?php

declare(strict_types=1);

namespace App\Figures;

use App\Models\Figures\CountedFigures;
use Closure;
use OpenBaton\Core\Figures\EndedTask;
use OpenBaton\Core\Figures\Figures;
use OpenBaton\Core\Figures\Tally;
use OpenBaton\Core\Figures\Typical;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\WorkingTime;

/** The tallies of the last weeks: of the house and of each team, by week, team and kind. */
final class FigureTallies
{
    /** @var array<string, array<string, array<int, array<array-key, Tally>>>> by whose, by what, by weeks, by key */
    private array $tallies = [];

    /** @param LocalDate $monday of the week that runs */
    public function __construct(private readonly LocalDate $monday, private readonly WorkingTime $house) {}

    /** The first day of so many weeks, that which runs among them. */
    public static function first(LocalDate $monday, int $weeks): LocalDate
    {
        return $monday->plus(7 - 7 * $weeks);
    }

    /** @param list<string> $teams slugs of those in which somebody holds it */
    public function arrived(LocalDate $day, string $kind, array $teams): void
    {
        $this->count($day, $kind, $teams, static fn(Tally $tally) => $tally->arrive());
    }

    /** @param list<string> $teams slugs of those in which somebody held it */
    public function ended(LocalDate $day, string $kind, array $teams, EndedTask $task): void
    {
        [$untilTouched, $untilDone] = Tally::times($task, $this->house);
        $this->count($day, $kind, $teams, static fn(Tally $tally) => $tally->end($task, $untilTouched, $untilDone));
    }

    /**
     * @param list<string>         $teams
     * @param Closure(Tally): void $with
     */
    private function count(LocalDate $day, string $kind, array $teams, Closure $with): void
    {
        foreach (CountedFigures::WEEKS as $weeks) {
            if ($day->day < self::first($this->monday, $weeks)->day) {
                continue;
            }
            foreach (['', ...$teams] as $whose) {
                $keys = ['all' => [''], 'week' => [$day->startOfWeek()->format()], 'kind' => [$kind]];
                foreach ($keys + ['team' => $whose === '' ? $teams : []] as $by => $of) {
                    foreach ($of as $key) {
                        $with($this->tallies[$whose][$by][$weeks][$key] ??= new Tally());
                    }
                }
            }
        }
    }

    /** @return iterable<array{whose: string, by: string, weeks: int, rows: array<array-key, array<string, mixed>>}> */
    public function rows(): iterable
    {
        foreach ($this->tallies as $whose => $byWhat) {
            foreach ($byWhat as $by => $byWeeks) {
                foreach ($byWeeks as $weeks => $tallies) {
                    yield [
                        'whose' => (string) $whose,
                        'by' => $by,
                        'weeks' => $weeks,
                        'rows' => array_map(
                            static fn(Tally $tally): array => self::written($tally->figures()),
                            $tallies,
                        ),
                    ];
                }
            }
        }
    }

    /** @return array<string, mixed> a Counted of FiguresPage.ts */
    public static function written(Figures $figures): array
    {
        $typical = static fn(?Typical $one): ?array => $one === null
            ? null
            : ['median' => $one->median, 'ninety' => $one->ninety];

        return [
            'arrived' => $figures->arrived,
            'done' => $figures->done,
            'dropped' => $figures->dropped,
            'late' => $figures->late,
            'touched' => $typical($figures->touched),
            'took' => $typical($figures->took),
        ];
    }
}

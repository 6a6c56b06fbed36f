<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Bridge\Houses;
use App\Models\Concerns\WorksOutEachHour;
use App\Models\Foresight\Forecast as ForecastRow;
use App\Models\People\Skill;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Foresight\Ahead;
use OpenBaton\Core\Foresight\Forecast;
use OpenBaton\Core\Foresight\ForecastDay;
use OpenBaton\Core\Foresight\Inflow;
use OpenBaton\Core\Foresight\TimeAhead;
use OpenBaton\Core\Time\WorkingTime;

/** Works out what is foreseen of the house, its teams and its skills, in the background. */
final class WorkOutForesight implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use WorksOutEachHour;

    /** Days ahead, and behind. */
    public const AHEAD = 28;
    public const BEHIND = 56;

    private const MARK = 'foresight';

    public function handle(Houses $houses): void
    {
        $house = $houses->now();
        $now = CarbonImmutable::now();
        $roster = $house->snapshot->roster;
        $today = $roster->house->zone()->dateAt($now->getTimestamp());
        $hours = new WorkingTime($roster->house);
        $days = $hours->openDays($today, self::AHEAD, $now->getTimestamp());
        $open = $hours->openDays($today->plus(-self::BEHIND), self::BEHIND, 0);
        $abouts = new Abouts($roster, self::skills(), $today);
        $arrivals = $open === [] ? [] : (new RecentArrivals($house, $abouts))->since($open);
        $known = $days === [] ? [] : (new KnownWork($house, $abouts))->by($days);
        $time = new TimeAhead($roster, $now->getTimestamp());
        $absences = new AbsencesAhead($house, $time, $days);
        $rows = [];
        foreach ($abouts->people() as $about => $people) {
            $ahead = [];
            foreach ($days as $place => $date) {
                $ahead[] = new Ahead(
                    $date,
                    $time->of($people, $date, $place === 0 ? null : $days[$place - 1]),
                    $absences->asked($people, $place),
                    $known[$about][$place] ?? 0,
                );
            }
            $forecast = Forecast::of($ahead, new Inflow($open, $arrivals[$about] ?? []));
            $rows[] = [
                'about' => $about,
                'days' => json_encode(array_map(self::day(...), $forecast->days), JSON_THROW_ON_ERROR),
                'help' => json_encode((object) self::help($forecast, $people, $absences), JSON_THROW_ON_ERROR),
                'at' => $now,
            ];
        }
        DB::transaction(static function () use ($rows): void {
            ForecastRow::query()->whereNotIn('about', array_column($rows, 'about'))->delete();
            ForecastRow::query()->upsert($rows, ['about'], ['days', 'help', 'at']);
        }, attempts: 3);
    }

    /** @return array<array-key, string> names by slug */
    private static function skills(): array
    {
        return Skill::query()
            ->orderBy('name')
            ->get(['slug', 'name'])
            ->mapWithKeys(static fn(Skill $one): array => [$one->slug => $one->name])
            ->all();
    }

    /** @return array<string, mixed> a ForecastDay of ForesightPage.ts */
    private static function day(ForecastDay $day): array
    {
        return [
            'date' => $day->ahead->date->format(),
            'capacity' => $day->ahead->capacity,
            'asked' => $day->ahead->asked,
            'known' => $day->ahead->known,
            'inflow' => $day->inflow,
            'backlog' => $day->backlog,
            'may' => $day->may,
        ];
    }

    /**
     * What would help where it tips over.
     *
     * @param list<string> $people
     *
     * @return array<string, mixed>
     */
    private static function help(Forecast $forecast, array $people, AbsencesAhead $absences): array
    {
        $tips = $forecast->tipsOver();

        return $tips === null
            ? []
            : [
                'minutes' => $forecast->worst(),
                'absences' => $absences->between($people, $forecast->days[0]->ahead->date, $tips->ahead->date),
            ];
    }
}

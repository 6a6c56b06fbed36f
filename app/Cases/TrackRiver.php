<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\HouseAt;
use App\Database\Row;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Time\WorkingTime;

/**
 * How cases flow on a track: how many stand in each stage and for how long, how many longer than they should, and what
 * came in, moved and ended in the last weeks. Queries count with the stages of the track, not with its cases.
 */
final readonly class TrackRiver
{
    public function __construct(private ListedCases $listed) {}

    /**
     * @param list<array{string, string, int}> $moves as RecentMoves counts them
     *
     * @return list<StageFlow> in the order of the track; stages that it has no more come last, while cases stand there
     */
    public function of(Track $track, array $moves, HouseAt $house): array
    {
        $id = $house->snapshot->trackId($track->id);
        $since = RecentMoves::since();
        $open = self::open($id);
        $late = self::counts($this->late($id));
        $left = self::counts(self::leftSince($id, $since));
        $opened = self::counts(
            CaseStay::query()->where('track_id', $id)->where('place', 1)->where('entered_at', '>=', $since),
        );
        $closed = self::counts(CustomerCase::query()->where('track_id', $id)->where('closed_at', '>=', $since));
        $time = new WorkingTime($house->snapshot->roster->house);
        $flows = [];
        foreach (self::stages($track, array_keys($open)) as $key) {
            $count = $open[$key] ?? 0;
            $flows[] = new StageFlow(
                $key,
                $track->stageName($key) ?? $key,
                $track->targetOf($key),
                $count,
                $late[$key] ?? 0,
                $count === 0 ? null : self::stands($time, self::standing($id)->where('stage', $key), intdiv($count, 2)),
                $count === 0 ? null : self::stands($time, self::standing($id)->where('stage', $key), 0),
                self::middle(self::leftSince($id, $since)->where('stage', $key), $left[$key] ?? 0),
                self::sum(
                    $moves,
                    static fn(string $from, string $to): bool => $from === $key && $track->isForwards($key, $to),
                ),
                self::sum(
                    $moves,
                    static fn(string $from, string $to): bool => $from === $key && !$track->isForwards($key, $to),
                ),
                $opened[$key] ?? 0,
                $closed[$key] ?? 0,
            );
        }

        return $flows;
    }

    /** @return array<array-key, int> how many cases stand in each stage, by its key */
    public static function open(string $trackId): array
    {
        return self::counts(self::standing($trackId));
    }

    /**
     * @param list<array-key> $others
     *
     * @return list<string>
     */
    private static function stages(Track $track, array $others): array
    {
        $keys = array_map(static fn($stage): string => $stage->key, $track->stages);

        return array_values(array_unique([...$keys, ...array_map(strval(...), $others)]));
    }

    /** @return Builder<CustomerCase> */
    private static function standing(string $trackId): Builder
    {
        return CustomerCase::query()->where('track_id', $trackId)->open();
    }

    /** @return Builder<CustomerCase> */
    private function late(string $trackId): Builder
    {
        $late = self::standing($trackId);
        $this->listed->late($late);

        return $late;
    }

    /** @return Builder<CaseStay> */
    private static function leftSince(string $trackId, CarbonImmutable $since): Builder
    {
        return CaseStay::query()->where('track_id', $trackId)->where('left_at', '>=', $since)->whereNotNull('minutes');
    }

    /**
     * @param Builder<covariant \Illuminate\Database\Eloquent\Model> $query
     *
     * @return array<array-key, int> by stage
     */
    private static function counts(Builder $query): array
    {
        $counts = [];
        // The builder has no aggregate by group.
        foreach ($query->groupBy('stage')->selectRaw('stage, COUNT(*) AS times')->toBase()->get() as $row) {
            $row = new Row($row);
            $counts[$row->text('stage')] = $row->int('times');
        }

        return $counts;
    }

    /**
     * @param Builder<CustomerCase> $standing
     * @param int                   $place    the longest is the first
     *
     * @return int minutes of working time
     */
    private static function stands(WorkingTime $time, Builder $standing, int $place): int
    {
        $since = $standing
            ->orderBy('stage_since')
            ->offset($place)
            ->limit(1)
            ->first(['stage_since'])?->stage_since;

        return $since === null
            ? 0
            : $time->minutesBetween($since->getTimestamp(), CarbonImmutable::now()->getTimestamp());
    }

    /**
     * @param Builder<CaseStay> $left
     *
     * @return int|null minutes of working time
     */
    private static function middle(Builder $left, int $count): ?int
    {
        $minutes =
            $count === 0 ? null : $left->orderBy('minutes')->offset(intdiv($count, 2))->limit(1)->value('minutes');

        return is_numeric($minutes) ? (int) $minutes : null;
    }

    /**
     * @param list<array{string, string, int}>     $moves
     * @param callable(string, string): bool $counts
     */
    private static function sum(array $moves, callable $counts): int
    {
        $sum = 0;
        foreach ($moves as [$from, $to, $times]) {
            $sum += $counts($from, $to) ? $times : 0;
        }

        return $sum;
    }
}

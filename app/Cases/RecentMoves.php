<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\SnapshotSource;
use App\Database\Row;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Flow\Track;

/** How cases have moved on their tracks in the last weeks. */
final readonly class RecentMoves
{
    public function __construct(private SnapshotSource $houses) {}

    public static function since(): CarbonImmutable
    {
        return CarbonImmutable::now()->subWeeks(CaseFilter::WEEKS);
    }

    /**
     * Those that have left a stage since then, forwards or backwards.
     *
     * @param Builder<CustomerCase> $cases
     * @param string                $track slug
     * @param string                $stage key
     */
    public function narrow(Builder $cases, string $track, string $stage, bool $forwards): void
    {
        $house = $this->houses->current();
        $known = $house->tracks[$track] ?? null;
        if ($known === null) {
            $cases->whereKey([]);

            return;
        }
        $to = [];
        foreach ($known->stages as $other) {
            if ($other->key !== $stage && $known->isForwards($stage, $other->key) === $forwards) {
                $to[] = $other->key;
            }
        }
        // What has moved since then stands where it is since then: fewer to look among.
        $cases
            ->where('stage_since', '>=', self::since())
            ->whereIn(
                'cases.id',
                $this->moves($house->trackId($track))
                    ->where('came_from', $stage)
                    ->whereIn('stage', $to)
                    ->select('case_id'),
            );
    }

    /** @return list<array{string, string, int}> from which stage to which, and how often */
    public function counts(Track $track): array
    {
        return array_values(
            $this->moves($this->houses->current()->trackId($track->id))
                ->groupBy('came_from', 'stage')
                // The builder has no aggregate by group.
                ->selectRaw('came_from AS was, stage AS now, COUNT(*) AS times')
                ->toBase()
                ->get()
                ->map(static function (object $row): array {
                    $row = new Row($row);

                    return [$row->text('was'), $row->text('now'), $row->int('times')];
                })
                ->all(),
        );
    }

    /** @return Builder<CaseStay> stays that began since then, of cases that were moved there */
    private function moves(string $trackId): Builder
    {
        return CaseStay::query()
            ->where('track_id', $trackId)
            ->where('entered_at', '>=', self::since())
            ->whereNotNull('came_from');
    }
}

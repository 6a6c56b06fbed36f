<?php

declare(strict_types=1);

namespace App\Cases;

use App\Bridge\SnapshotSource;
use App\Database\Row;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
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
        $known = $this->houses->current()->tracks[$track] ?? null;
        $to = [];
        foreach ($known->stages ?? [] as $other) {
            if ($other->key !== $stage && $known?->isForwards($stage, $other->key) === $forwards) {
                $to[] = $other->key;
            }
        }
        $cases->whereIn(
            'cases.id',
            $this->moves($this->idOf($track))
                ->where('before.stage', $stage)
                ->whereIn('case_stays.stage', $to)
                ->select('case_stays.case_id'),
        );
    }

    /** @return list<array{string, string, int}> from which stage to which, and how often */
    public function counts(Track $track): array
    {
        return array_values(
            $this->moves($this->idOf($track->id))
                ->groupBy('before.stage', 'case_stays.stage')
                // The builder has no aggregate by group.
                ->selectRaw('before.stage AS was, case_stays.stage AS now, COUNT(*) AS times')
                ->toBase()
                ->get()
                ->map(static function (object $row): array {
                    $row = new Row($row);

                    return [$row->text('was'), $row->text('now'), $row->int('times')];
                })
                ->all(),
        );
    }

    /** @return Builder<CaseStay> stays that began since then, each with the one before */
    private function moves(string $trackId): Builder
    {
        return CaseStay::query()
            ->join(
                'case_stays as before',
                static fn(JoinClause $join) => $join
                    ->on('before.case_id', '=', 'case_stays.case_id')
                    // The builder says no sums.
                    ->on('before.place', '=', DB::raw('case_stays.place - 1')),
            )
            ->where('case_stays.track_id', $trackId)
            ->where('case_stays.entered_at', '>=', self::since());
    }

    /** @return string empty: there is no such track */
    private function idOf(string $slug): string
    {
        return (string) (array_flip($this->houses->current()->trackSlugs)[$slug] ?? '');
    }
}

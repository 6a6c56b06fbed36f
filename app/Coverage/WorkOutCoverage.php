<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\RulebookReader;
use App\Bridge\TaskSubjects;
use App\Models\Rules\CoverageRun;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\Cache;
use OpenBaton\Core\Check\MomentReplay;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Timer\RuleTimers;
use OpenBaton\Core\Timer\Timers;

/** Holds the recent work against the rules of a version, piece by piece; what is worked out is there at once. */
final class WorkOutCoverage implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const PIECE = 1000;

    public int $tries = 3;

    public int $uniqueFor = 120;

    public function __construct(public readonly string $runId)
    {
        $this->afterCommit();
    }

    public function uniqueId(): string
    {
        return $this->runId;
    }

    public function uniqueVia(): Repository
    {
        return Cache::store('database');
    }

    public function handle(Houses $houses, RulebookReader $rulebooks, TaskSubjects $subjects): void
    {
        $run = CoverageRun::query()->with('version')->find($this->runId);
        if ($run === null || $run->version === null) {
            return;
        }
        $now = $houses->now();
        $house = $now->snapshot;
        $rules =
            $run->revision === 0
                ? $rulebooks->compiled($run->rulebook_version_id)
                : $rulebooks->compileDraft(array_values((array) $run->version->rules), $house);
        $against = $run->revision === 0 ? $rules : $rulebooks->compiled($run->against_id);
        $seen = new ChangeFacts($house->roster, $rules->lookups->and($against->lookups));
        $arrivals = new RecordedArrivals($house->catalogue, new Zone($house->zone), $seen);
        $changes = new RecordedChanges($house->catalogue, $seen);
        $moments = self::moments($run, $rules, $now, $subjects);
        $run->update([
            'total' =>
                $run->done +
                RecordedArrivals::countAfter($run->through) +
                RecordedChanges::countAfter($run->through_change) +
                $moments->countAfter($run->through_task),
        ]);
        $whole =
            self::byPieces(
                $run,
                static fn(): array => $arrivals->after($run->through, self::PIECE),
                static fn(array $piece): bool => CoveragePiece::ofArrivals($run->id, $piece, $rules, $against),
            ) &&
            self::byPieces(
                $run,
                static fn(): array => $changes->after($run->through_change, self::PIECE),
                static fn(array $piece): bool => CoveragePiece::ofChanges($run->id, $piece, $rules),
            ) &&
            self::byPieces(
                $run,
                static fn(): array => $moments->after($run->through_task, self::PIECE),
                static fn(array $piece): bool => CoveragePiece::ofMoments($run->id, $piece, $rules),
            );
        if ($whole) {
            $at = CarbonImmutable::now();
            $run->update(['finished_at' => $at, 'whole_at' => $run->whole_at ?? $at, 'total' => $run->done]);
        }
    }

    /**
     * What the timers of a draft, or of a version that was just published, would have done before anything of it was
     * recorded.
     */
    private static function moments(
        CoverageRun $run,
        CompiledRulebook $rules,
        HouseAt $house,
        TaskSubjects $subjects,
    ): RecentTasks {
        $version = $run->revision === 0 ? $run->version : $run->against;
        $replay = new MomentReplay(
            new Timers(RuleTimers::of($rules->rulebook), $house->snapshot->roster->house),
            $rules,
            new ChangeFacts($house->snapshot->roster, $rules->lookups),
            $version?->timersSince() ?? [],
            RecordedArrivals::since()->getTimestamp(),
            CarbonImmutable::now()->getTimestamp(),
        );

        return new RecentTasks($replay, $subjects, $house);
    }

    /**
     * @template P
     *
     * @param Closure(): array<int, P>               $next
     * @param Closure(non-empty-array<int, P>): bool $add
     *
     * @return bool false: the draft has moved on, and with it what is worth working out
     */
    private static function byPieces(CoverageRun $run, Closure $next, Closure $add): bool
    {
        do {
            $piece = $next();
            if ($piece !== [] && !$add($piece)) {
                return false;
            }
            $run->refresh();
        } while (count($piece) === self::PIECE);

        return true;
    }
}

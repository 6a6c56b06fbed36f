<?php

declare(strict_types=1);

namespace App\Map;

use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Map\ArrowKind;
use OpenBaton\Core\Map\MapArrow;
use OpenBaton\Core\Map\MapNode;
use OpenBaton\Core\Map\NodeKind;

/** Counts on a map how cases went from stage to stage and runs from step to step, and what started them. */
final readonly class RunsOnMap
{
    /** Runs that are read with all their blocks in one round trip. */
    private const RUNS = 200;

    public function __construct(private MapHistory $on) {}

    public function count(): void
    {
        $since = $this->on->since;
        $next = [];
        foreach ($this->on->map->arrows as $arrow) {
            if ($arrow->kind === ArrowKind::Next) {
                $next[$this->on->map->groupOf($arrow->to)][] = $arrow;
            }
        }
        Run::query()
            ->with([
                'runsheet:id,slug',
                'blocks' => static fn($blocks) => $blocks->where('reached_at', '>=', $since)->orderBy('round'),
                'parent.runsheet:id,slug',
                'parent.blocks:id,run_id,key,child_id',
            ])
            ->where(
                static fn(Builder $runs) => $runs->where('over_at', '>=', $since)->orWhere('started_at', '>=', $since),
            )
            ->orWhere(static fn(Builder $runs) => $runs->whereNull('over_at'))
            ->chunkById(self::RUNS, function (Collection $runs) use ($next): void {
                foreach ($runs as $run) {
                    $this->run($run, $next[self::runsheet($run)] ?? []);
                }
            });
        CaseStay::query()
            ->where(
                static fn(Builder $stays) => $stays
                    ->where('entered_at', '>=', $since)
                    ->orWhere('left_at', '>=', $since),
            )
            ->chunkById(MapHistory::PIECE, $this->stays(...));
        CustomerCase::query()
            ->where('opened_at', '>=', $since)
            ->select(['id', 'track_id', 'made_by_rule'])
            ->chunkById(MapHistory::PIECE, $this->cases(...));
    }

    /** @param list<MapArrow> $next that are defined in its runsheet */
    private function run(Run $run, array $next): void
    {
        $sheet = self::runsheet($run);
        if ($run->started_at >= $this->on->since) {
            $this->on->flows->at($sheet, $this->on->minutes($run->started_at, $run->over_at));
            $starter = $this->starter($run);
            if ($starter !== null) {
                $this->started($starter, $sheet);
            }
        }
        $last = [];
        foreach ($run->blocks as $block) {
            if ($block->reached_at === null || $block->state === StepState::Skipped) {
                continue;
            }
            $node = MapHistory::step((string) $run->runsheet?->slug, $block->key);
            $last[$node] = $block;
            // Of what makes a task it is counted how long that waited.
            if ($block->task_id === null && $block->approval_id === null) {
                $this->on->flows->at($node);
            }
        }
        foreach ($next as $arrow) {
            if (isset($last[$arrow->from], $last[$arrow->to])) {
                $this->on->flows->went($arrow->from, $arrow->to, ArrowKind::Next, $this->took($last[$arrow->from]));
            }
        }
    }

    private function took(RunBlock $block): ?int
    {
        return $block->reached_at === null ? null : $this->on->minutes($block->reached_at, $block->settled_at);
    }

    private static function runsheet(Run $run): string
    {
        return MapNode::idOf(NodeKind::Runsheet, (string) $run->runsheet?->slug);
    }

    /** @return string|null id of the node of what started it; null: somebody did */
    private function starter(Run $run): ?string
    {
        $step = $run->parent?->blocks->firstWhere('child_id', $run->id);

        return match (true) {
            $step !== null => MapHistory::step((string) $run->parent?->runsheet?->slug, $step->key),
            $run->rule !== null => MapHistory::rule($run->rule),
            default => null,
        };
    }

    /** @param Collection<int, CaseStay> $stays */
    private function stays(Collection $stays): void
    {
        $minutes = [];
        $before = CaseStay::query()->whereIn('case_id', $stays->pluck('case_id')->unique()->all());
        foreach ($before->get(['id', 'case_id', 'place', 'minutes']) as $stay) {
            $minutes["{$stay->case_id} {$stay->place}"] = $stay->minutes;
        }
        foreach ($stays as $stay) {
            $stage = $this->on->track($stay->track_id, $stay->stage);
            $this->on->flows->at($stage, $stay->left_at === null ? null : $stay->minutes);
            if ($stay->came_from !== null && $stay->entered_at >= $this->on->since) {
                $from = $this->on->track($stay->track_id, $stay->came_from);
                $last = $stay->place - 1;
                $stood = $minutes["{$stay->case_id} {$last}"] ?? null;
                $this->on->flows->went($from, $stage, ArrowKind::Next, $stood);
            }
        }
    }

    /** @param Collection<int, CustomerCase> $cases */
    private function cases(Collection $cases): void
    {
        foreach ($cases as $case) {
            $track = $this->on->track($case->track_id);
            $this->on->flows->at($track);
            if ($case->made_by_rule !== null) {
                $this->started(MapHistory::rule($case->made_by_rule), $track);
            }
        }
    }

    private function started(string $by, string $what): void
    {
        $this->on->flows->went($by, $what, ArrowKind::Starts);
        if (($this->on->map->nodes[$by] ?? null)?->kind === NodeKind::Rule) {
            $this->on->flows->at($by);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\RunBlock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Flow\Run\BlockState;
use OpenBaton\Core\Flow\Run\EarlierRound;
use OpenBaton\Core\Flow\Run\Run;

/** Runs between their rows and the core. */
final class RunRows
{
    /** @param Collection<int, RunBlock> $blocks of the run */
    public static function read(Row $row, Collection $blocks): Run
    {
        $states = $earlier = [];
        foreach ($blocks->sortBy([['round', 'asc'], ['id', 'asc']]) as $block) {
            if (isset($states[$block->key])) {
                $earlier[] = new EarlierRound($block->key, $states[$block->key]);
            }
            $states[$block->key] = self::state($block);
        }

        return new Run(
            $row->started_at->getTimestamp(),
            $row->state,
            $states,
            $earlier,
            $row->over_at?->getTimestamp(),
        );
    }

    /**
     * Writes the rounds of blocks that are otherwise than before.
     *
     * @param Collection<int, RunBlock> $blocks of the run, those that come are added
     */
    public static function write(Row $row, Run $after, Collection $blocks): void
    {
        $rounds = $after->earlier;
        foreach ($after->blocks as $key => $state) {
            $rounds[] = new EarlierRound($key, $state);
        }
        $known = $blocks->keyBy(static fn(RunBlock $block): string => self::name($block->key, $block->round));
        $untouched = new BlockState();
        foreach ($rounds as $one) {
            $block = $known->get(self::name($one->key, $one->state->round));
            // Of what was never reached nothing is kept.
            if ($block === null && $one->state->equals($untouched)) {
                continue;
            }
            if ($block === null) {
                $block = new RunBlock(['run_id' => $row->id, 'key' => $one->key, 'round' => $one->state->round]);
                $blocks->push($block);
            }
            $block->fill(self::columns($one->state))->save();
        }
        $row->fill([
            'state' => $after->state,
            'over_at' => self::moment($after->overAt),
        ]);
        ++$row->revision;
        $row->save();
    }

    /** When it is to be looked at next; that it was looked at is no change of it. */
    public static function wakes(Row $row, Run $run): void
    {
        $row->wakes_at = self::moment($run->wakesAt());
        if ($row->isDirty()) {
            $row->save();
        }
    }

    private static function name(string $key, int $round): string
    {
        return "{$key}#{$round}";
    }

    private static function state(RunBlock $block): BlockState
    {
        return new BlockState(
            $block->state,
            $block->round,
            $block->reached_at?->getTimestamp(),
            $block->settled_at?->getTimestamp(),
            $block->why,
            $block->answer,
            $block->wakes_at?->getTimestamp(),
        );
    }

    /** @return array<string, mixed> */
    private static function columns(BlockState $state): array
    {
        return [
            'state' => $state->state,
            'reached_at' => self::moment($state->reachedAt),
            'settled_at' => self::moment($state->settledAt),
            'why' => $state->why,
            'answer' => $state->answer,
            'wakes_at' => self::moment($state->wakesAt),
        ];
    }

    private static function moment(?int $instant): ?CarbonImmutable
    {
        return $instant === null ? null : CarbonImmutable::createFromTimestampUTC($instant);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Models;
use Illuminate\Support\Collection;

/** Which changes, and things said, one page of a history holds; a moment is never cut in two. */
final readonly class HistoryWindow
{
    public const MOST = 50;

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return Builder<TModel>
     */
    public static function before(Builder $query, ?CarbonImmutable $before): Builder
    {
        return $before === null ? $query : $query->where('at', '<', $before);
    }

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return Builder<TModel> in order
     */
    public static function since(Builder $query, ?CarbonImmutable $from): Builder
    {
        return ($from === null ? $query : $query->where('at', '>=', $from))->orderBy('at')->orderBy('id');
    }

    /**
     * @template TModel of TaskChange|Comment
     *
     * @param Builder<TModel> $query
     *
     * @return CarbonImmutable|null the moment with which a page of them begins; null: it holds all of them
     */
    public static function begin(Builder $query): ?CarbonImmutable
    {
        $latest = $query
            ->clone()
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit(self::MOST + 1)
            ->get(['at']);

        return $latest->count() > self::MOST ? $latest[self::MOST - 1]?->at : null;
    }

    /**
     * @param Collection<int, TaskChange> $changes
     * @param bool                        $whole   from the arrival on
     *
     * @return Models<int, Decision> upon the changes, in order
     */
    public static function decisions(Task|CustomerCase $of, Collection $changes, bool $whole): Models
    {
        return Decision::query()
            ->where(self::column($of), $of->id)
            ->where(
                static fn(Builder $query): Builder => $query
                    ->whereIn('change_id', $changes->pluck('id'))
                    ->when($whole, static fn(Builder $first): Builder => $first->orWhereNull('change_id')),
            )
            ->with('user')
            ->orderBy('at')
            ->orderBy('id')
            ->get();
    }

    /** Where what is put down names it. */
    public static function column(Task|CustomerCase $of): string
    {
        return $of instanceof Task ? 'task_id' : 'case_id';
    }
}

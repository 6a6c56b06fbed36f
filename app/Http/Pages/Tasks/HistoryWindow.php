<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
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
    public static function decisions(Task|CustomerCase|Customer $of, Collection $changes, bool $whole): Models
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

    /** @return Builder<TaskChange> all that has changed of it */
    public static function changesOf(Task|CustomerCase|Customer $of): Builder
    {
        return TaskChange::query()->where(self::column($of), $of->id);
    }

    /** @return Builder<Comment> all that was said on it: on customers nothing is */
    public static function saidOn(Task|CustomerCase|Customer $of): Builder
    {
        return $of instanceof Customer
            ? Comment::query()->whereKey([])
            : Comment::query()->where(self::column($of), $of->id);
    }

    /** Where what is put down names it. */
    private static function column(Task|CustomerCase|Customer $of): string
    {
        return match (true) {
            $of instanceof Task => 'task_id',
            $of instanceof CustomerCase => 'case_id',
            default => 'customer_id',
        };
    }
}

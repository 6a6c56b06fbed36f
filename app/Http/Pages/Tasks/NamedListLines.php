<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Models\Access\User;
use App\Models\Tasks\TaskList;
use Illuminate\Database\Eloquent\Builder;

/** Lists that have a name: one's own, and those that others share. Their type is NamedList in TasksPage.ts. */
final class NamedListLines
{
    private const MOST = 100;

    /**
     * @param string $of one of TaskList::OF
     *
     * @return list<array<string, mixed>>
     */
    public static function of(string $of, User $user): array
    {
        return array_values(
            TaskList::query()
                ->with('user:id,name')
                ->where('of', $of)
                ->where(
                    static fn(Builder $either): Builder => $either
                        ->where('user_id', $user->id)
                        ->orWhere('shared', true),
                )
                ->orderBy('name')
                ->limit(self::MOST)
                ->get()
                ->map(
                    static fn(TaskList $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'query' => (object) (array) $one->query,
                        'shared' => $one->shared,
                        'own' => $one->user_id === $user->id,
                        'by' => (string) $one->user?->name,
                    ],
                )
                ->all(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\User;
use App\Models\Tasks\TaskList;
use Illuminate\Support\Facades\DB;

/** Gives a list of tasks or cases a name; the same name of the same person is another list from then on. */
final class SaveTaskList
{
    /**
     * @param array<string, string> $query what stands in its address
     * @param string                $of    one of TaskList::OF
     */
    public function __invoke(string $name, bool $shared, array $query, string $of, User $by): TaskList
    {
        return DB::transaction(static function () use ($name, $shared, $query, $of, $by): TaskList {
            $list = TaskList::query()->updateOrCreate(
                ['user_id' => $by->id, 'of' => $of, 'name' => $name],
                ['shared' => $shared, 'query' => $query],
            );
            Audit::record(Actor::user($by), 'lists', 'saved', "named a list of {$of} {$name}", $list, [
                'now' => ['shared' => $shared, 'query' => $query],
            ]);

            return $list;
        }, attempts: 3);
    }

    public function remove(TaskList $list, User $by): void
    {
        DB::transaction(static function () use ($list, $by): void {
            $list->delete();
            Audit::record(
                Actor::user($by),
                'lists',
                'removed',
                "took the list of {$list->of} {$list->name} away",
                $list,
            );
        }, attempts: 3);
    }
}

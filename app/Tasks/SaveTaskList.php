<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\User;
use App\Models\Tasks\TaskList;
use Illuminate\Support\Facades\DB;

/** Gives a list of tasks a name; the same name of the same person is another list from then on. */
final class SaveTaskList
{
    public function __invoke(string $name, bool $shared, TaskFilter $filter, User $by): TaskList
    {
        return DB::transaction(static function () use ($name, $shared, $filter, $by): TaskList {
            $list = TaskList::query()->updateOrCreate(
                ['user_id' => $by->id, 'name' => $name],
                ['shared' => $shared, 'query' => $filter->params()],
            );
            Audit::record(Actor::user($by), 'lists', 'saved', "named a list of tasks {$name}", $list, [
                'now' => ['shared' => $shared, 'query' => $filter->params()],
            ]);

            return $list;
        }, attempts: 3);
    }

    public function remove(TaskList $list, User $by): void
    {
        DB::transaction(static function () use ($list, $by): void {
            $list->delete();
            Audit::record(Actor::user($by), 'lists', 'removed', "took the list of tasks {$list->name} away", $list);
        }, attempts: 3);
    }
}

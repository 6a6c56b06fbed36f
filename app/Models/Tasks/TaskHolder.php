<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use Illuminate\Database\Eloquent\Model;

/**
 * Who holds a task together with its assignee. A row is told by both of its ids.
 *
 * @property string $task_id
 * @property string $person_id
 */
final class TaskHolder extends Model
{
    private const MOST = 2_000;

    protected $table = 'task_holders';

    protected $primaryKey = 'task_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['open' => 'boolean'];

    /**
     * @param list<string> $people ids
     * @param bool         $open   open ones only; else those that they held when these were closed, too
     *
     * @return list<string> ids of tasks that one of these holds together with the assignee; the latest of very many
     */
    public static function tasksOf(array $people, bool $open): array
    {
        $rows = self::query()->whereIn('person_id', $people);
        if ($open) {
            $rows->where('open', true);
        }
        $ids = $rows->distinct()->orderByDesc('task_id')->limit(self::MOST)->pluck('task_id')->all();

        return array_values(array_filter($ids, is_string(...)));
    }
}

<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Database\Eloquent\Model;

/** What is otherwise after a change than before it, as the audit trail keeps it. */
final class Difference
{
    /** What of a row says nothing to whoever reads about it. */
    public const SILENT = ['id', 'created_at', 'updated_at', 'position', 'revision', 'next_moment_at'];

    /**
     * Of a row that was saved a moment ago.
     *
     * @return array{old?: array<string, mixed>, now: array<string, mixed>} a new one has nothing before
     */
    public static function of(Model $row): array
    {
        $quiet = array_flip([...self::SILENT, ...$row->getHidden()]);
        if ($row->wasRecentlyCreated) {
            return ['now' => array_filter(array_diff_key($row->attributesToArray(), $quiet), self::isSaid(...))];
        }
        $changed = array_diff_key($row->getChanges(), $quiet);

        return [
            'old' => self::read(array_intersect_key($row->getPrevious(), $changed)),
            'now' => self::read($changed),
        ];
    }

    /**
     * Of two documents: members that differ; of lists of things with ids only those that do.
     *
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     *
     * @return array{old: array<array-key, mixed>, now: array<array-key, mixed>}
     */
    public static function between(array $before, array $after): array
    {
        $old = $now = [];
        foreach (array_keys($before + $after) as $key) {
            [$was, $is] = [$before[$key] ?? null, $after[$key] ?? null];
            if (json_encode($was) === json_encode($is)) {
                continue;
            }
            if (self::hasIds($was) && self::hasIds($is)) {
                /** @var list<array{id: string}> $was */
                /** @var list<array{id: string}> $is */
                $inside = self::between(array_column($was, null, 'id'), array_column($is, null, 'id'));
                $old[$key] = array_values($inside['old']);
                $now[$key] = array_values($inside['now']);
                continue;
            }
            $old += $was === null ? [] : [$key => $was];
            $now += $is === null ? [] : [$key => $is];
        }

        return ['old' => $old, 'now' => $now];
    }

    private static function hasIds(mixed $list): bool
    {
        return is_array($list) &&
            array_is_list($list) &&
            array_filter($list, static fn(mixed $one): bool => !is_array($one) || !is_string($one['id'] ?? null)) ===
                [];
    }

    /**
     * Lists and objects of a row as they are, not as the database keeps them.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function read(array $values): array
    {
        return array_map(
            static fn(mixed $value): mixed => is_string($value) && preg_match('/^[\[{]/', $value) === 1
                ? json_decode($value, true) ?? $value
                : $value,
            $values,
        );
    }

    private static function isSaid(mixed $value): bool
    {
        return $value !== null && $value !== [] && $value !== '';
    }
}

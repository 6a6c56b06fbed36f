<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Tasks\Task;

/** What the clock brings somebody at once: more than five of one sort, as after a pause, are told as one. */
final class GatherNotices
{
    private const MOST = 5;

    /** Numbers of tasks that one names. */
    private const NAMED = 30;

    /** @param list<NewNotice> $told */
    public static function keep(array $told): void
    {
        $groups = [];
        foreach ($told as $one) {
            $groups["{$one->personId} {$one->kind->value}"][] = $one;
        }
        $kept = [];
        foreach ($groups as $group) {
            array_push($kept, ...count($group) > self::MOST ? [self::one($group)] : $group);
        }
        KeepNotices::keep($kept);
    }

    /** @param non-empty-list<NewNotice> $all of one person and kind */
    private static function one(array $all): NewNotice
    {
        $ids = array_map(static fn(NewNotice $one): ?string => $one->about->taskId, $all);
        $numbers = Task::query()
            ->whereKey(array_filter($ids))
            ->orderBy('number')
            ->limit(self::NAMED)
            ->get(['id', 'number'])
            ->map(static fn(Task $one): string => "№ {$one->number}")
            ->implode(', ');
        $last = $all[count($all) - 1];

        return new NewNotice(
            $last->at,
            $last->personId,
            $last->kind,
            text: $numbers . (count($all) > self::NAMED ? ' …' : ''),
            link: '/in-hand',
            channels: array_values(
                array_unique(
                    array_merge(...array_map(static fn(NewNotice $one): array => $one->channels, $all)),
                    SORT_REGULAR,
                ),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Http\Viewer;
use App\Models\Foresight\LearnedEffort;
use App\Models\Tasks\TaskKind;
use OpenBaton\Core\Subject\Completion;

/** Kinds of task, with what such tasks have really taken lately. Its type is HouseKind in HousePage.ts. */
final class KindLines
{
    /** @return list<array<string, mixed>> */
    public static function all(Viewer $viewer): array
    {
        $learned = self::learned($viewer);

        return array_values(
            TaskKind::query()
                ->orderBy('position')
                ->get()
                ->map(
                    static fn(TaskKind $kind): array => [
                        'id' => $kind->id,
                        'slug' => $kind->slug,
                        'name' => $kind->name,
                        'minutes' => $kind->usual_minutes,
                        'defaults' => (object) ($kind->defaults ?? []),
                        'asks' => $kind->asks,
                        'completion' => Completion::read($kind->to_complete)->write(),
                        'learned' => $learned[$kind->id] ?? [],
                    ],
                )
                ->all(),
        );
    }

    /** @return array<array-key, list<array<string, mixed>>> by kind: of all of them first, then by value of a list */
    private static function learned(Viewer $viewer): array
    {
        $words = $viewer->words();
        $found = [];
        foreach (LearnedEffort::query()->orderBy('path')->orderBy('value')->get() as $one) {
            $found[$one->task_kind_id][] = [
                'of' => $one->path === '' ? null : $words->value($one->path, $one->value),
                'counted' => $one->counted,
                'without' => $one->without,
                'quarter' => $one->quarter,
                'median' => $one->median,
                'threeQuarters' => $one->three_quarters,
            ];
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Tasks\ChainCut;

/** That a chain was cut off, and by which rules. Its type is in FloorPage.ts. */
final class CutLine
{
    /** @return list<array<string, mixed>> what was told of rules and nobody has seen yet, the latest first */
    public static function unseen(Viewer $viewer, int $most): array
    {
        $names = $viewer->ruleNames();

        return array_values(
            ChainCut::query()
                ->with(['task', 'case', 'customer'])
                ->whereNull('seen_at')
                ->orderByDesc('at')
                ->limit($most)
                ->get()
                ->map(static fn(ChainCut $cut): array => self::of($cut, $viewer, $names))
                ->all(),
        );
    }

    /**
     * @param array<array-key, string> $names of rules, by id
     *
     * @return array<string, mixed>
     */
    private static function of(ChainCut $cut, Viewer $viewer, array $names): array
    {
        $words = $viewer->words()->words;

        return [
            'id' => $cut->id,
            'at' => Moment::of($cut->at),
            'said' => $words->say("cut.{$cut->reason->value}", [
                'rules' => implode(
                    ' → ',
                    array_map(static fn(string $id): string => '“' . ($names[$id] ?? $id) . '”', $cut->ruleIds()),
                ),
            ]),
            'what' => $words->say("cut.what_{$cut->reason->value}"),
            'rules' => $cut->ruleIds(),
            'taskId' => $cut->task_id,
            'caseId' => $cut->case_id,
            'number' => (int) ($cut->task ?? $cut->case)?->number,
            'customer' =>
                $cut->customer === null ? null : ['value' => $cut->customer->slug, 'label' => $cut->customer->name],
        ];
    }
}

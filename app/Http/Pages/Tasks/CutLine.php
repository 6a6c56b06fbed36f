<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Tasks\ChainCut;

/** That a chain was cut off, and by which rules. Its type is in FloorPage.ts. */
final class CutLine
{
    /**
     * @param array<array-key, string> $names of rules, by id
     *
     * @return array<string, mixed>
     */
    public static function of(ChainCut $cut, Viewer $viewer, array $names): array
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
            'number' => (int) $cut->task?->number,
        ];
    }
}

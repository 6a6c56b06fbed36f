<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Bridge\RulebookReader;
use App\Coverage\RecordedArrivals;
use App\Database\Row;
use App\Http\Viewer;
use App\Models\Rules\CoverageRun;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Check\Burden;

/** Whom a draft would burden and relieve, by the recent work. Its type is BurdenView.ts. */
final readonly class BurdenView
{
    public function __construct(private Viewer $viewer, private RulebookReader $rulebooks) {}

    /**
     * @param CoverageRun $run of the draft
     *
     * @return array<string, mixed>
     */
    public function of(CoverageRun $run): array
    {
        $counts = [];
        // The query builder has no sum by groups; there is nothing in it from outside.
        foreach (
            $run
                ->counts()
                ->where('day', '>=', RecordedArrivals::since()->format('Y-m-d'))
                ->groupBy('rule', 'rule_before')
                ->selectRaw('rule, rule_before, SUM(tasks) AS number')
                ->toBase()
                ->get()
            as $row
        ) {
            $row = new Row($row);
            $counts[] = [$row->text('rule_before'), $row->text('rule'), (int) $row->text('number')];
        }
        $house = $this->viewer->snapshot();
        $burden = Burden::of(
            $counts,
            $this->rulebooks->compiled($run->against_id)->rulebook,
            $this->rulebooks->compileDraft(array_values((array) $run->version?->rules), $house)->rulebook,
            $house->roster,
            CarbonImmutable::now()->getTimestamp(),
        );
        $people = $burden->people;
        arsort($people);

        return [
            'people' => array_map(
                fn(int|string $slug, float $tasks): array => $this->viewer->words()->named((string) $slug) + [
                    'tasks' => (int) round($tasks),
                ],
                array_keys($people),
                array_values($people),
            ),
            'varies' => $burden->varies,
        ];
    }
}

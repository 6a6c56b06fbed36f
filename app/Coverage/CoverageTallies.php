<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Database\Row;
use App\Models\Rules\CoverageRun;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Adds figures of a piece of the recent work to those that a run has already. */
final class CoverageTallies
{
    /**
     * @template M of Model
     *
     * @param HasMany<M, CoverageRun>           $known   of the run
     * @param list<string>                      $columns the day first, then what is counted
     * @param array<string, array<string, int>> $figures by the values of these, with breaks between them
     */
    public static function add(HasMany $known, CoverageRun $run, array $columns, array $figures): void
    {
        if ($figures === []) {
            return;
        }
        $names = array_keys(reset($figures));
        $rows = [];
        foreach ($figures as $key => $counted) {
            $rows[$key] = ['coverage_run_id' => $run->id] + array_combine($columns, explode("\n", $key)) + $counted;
        }
        $model = $known->getRelated();
        $days = array_values(array_unique(array_column($rows, 'day')));
        foreach ($known->whereIn('day', $days)->toBase()->get() as $one) {
            $one = new Row($one);
            $at = implode("\n", array_map($one->text(...), $columns));
            foreach (isset($rows[$at]) ? $names : [] as $name) {
                $rows[$at][$name] = (int) $rows[$at][$name] + $one->int($name);
            }
        }
        $model->newQuery()->upsert(array_values($rows), ['coverage_run_id', ...$columns], $names);
    }
}

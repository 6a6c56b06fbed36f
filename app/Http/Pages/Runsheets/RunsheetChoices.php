<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Fields\Choices;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use OpenBaton\Core\Subject\SubjectKind;

/** The runsheets that may be started on tasks and cases. */
final class RunsheetChoices
{
    /** @return list<array{value: string, label: string}> */
    public static function of(Task|CustomerCase $of, Viewer $viewer): array
    {
        $isOpen = $of instanceof Task ? $of->status->isOpen() && $of->approval_id === null : $of->isOpen();
        if (!$isOpen || $viewer->snapshot()->runsheets === [] || !$viewer->user()->can('create', [Run::class, $of])) {
            return [];
        }

        return self::about($of instanceof Task ? SubjectKind::Task : SubjectKind::Matter);
    }

    /** @return list<array{value: string, label: string}> those that are published for tasks or for cases */
    public static function about(SubjectKind $about): array
    {
        $names = [];
        foreach (
            Runsheet::query()
                ->where('about', $about)
                ->whereNotNull('published_id')
                ->orderBy('position')
                ->get(['slug', 'name'])
            as $sheet
        ) {
            $names[$sheet->slug] = $sheet->name;
        }

        return Choices::of($names);
    }
}

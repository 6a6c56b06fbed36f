<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Bridge\CaseSubjects;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Http\Viewer;
use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\Runsheet as SheetRow;
use App\Runsheets\ReadRunsheet;
use App\Runsheets\RunAtHand;
use App\Runsheets\RunMoments;
use App\Runsheets\RunRows;
use OpenBaton\Core\Flow\Run\RunAct;
use OpenBaton\Core\Flow\Run\RunActKind;
use OpenBaton\Core\Flow\Run\RunMove;
use OpenBaton\Core\Flow\Run\Runsheet;

/** Runs that go on with an earlier version, and what would become of each in the one that is published. */
final readonly class RunsBehind
{
    private const MOST = 200;

    public function __construct(private Viewer $viewer, private SubjectRows $subjects) {}

    /** @return list<array<string, mixed>> as RunsheetsPage.ts has it */
    public function of(SheetRow $sheet): array
    {
        $to = $sheet->published;
        if ($to === null) {
            return [];
        }
        $house = $this->viewer->house();
        $target = ReadRunsheet::kept($to->document, $house->snapshot);
        $from = [];
        $lines = [];
        $runs = $sheet
            ->runs()
            ->running()
            ->where('version_id', '<>', $to->id)
            ->with([
                ...RunLine::RELATIONS,
                'blocks',
                ...array_map(static fn(string $of): string => "task.{$of}", TaskSubjects::RELATIONS),
                ...array_map(static fn(string $of): string => "case.{$of}", CaseSubjects::RELATIONS),
            ])
            ->orderBy('started_at')
            ->limit(self::MOST)
            ->get();
        foreach ($runs as $row) {
            $from[(string) $row->version_id] ??= RunAtHand::sheetOf($row, $house);
            $lines[] = $this->line($row, $from[(string) $row->version_id], $target);
        }

        return $lines;
    }

    /** @return array<string, mixed> */
    private function line(Row $row, Runsheet $from, Runsheet $to): array
    {
        $house = $this->viewer->house();
        $subject = $this->subjects->subject($row->task ?? $row->case, $house);
        $moved = (new RunMove($from, $to))->move(RunRows::read($row, $row->blocks), RunMoments::now($subject, $house));
        $opens = array_filter($moved->advance->acts, static fn(RunAct $act): bool => $act->kind === RunActKind::Open);

        return RunLine::of($row, $this->viewer) + [
            'revision' => $row->revision,
            'version' => (int) $row->version?->number,
            'opens' => self::names($to, array_column($opens, 'key')),
            'gone' => self::names($from, array_column($moved->gone, 'key')),
            'passed' => self::names($to, $moved->passed),
        ];
    }

    /**
     * @param array<array-key, string> $keys
     *
     * @return list<string>
     */
    private static function names(Runsheet $sheet, array $keys): array
    {
        $steps = $sheet->steps();

        return array_values(array_map(static fn(string $key): string => $steps[$key]->name ?? $key, $keys));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Runsheets\Runsheet as Row;
use App\Runsheets\ReadRunsheet;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Flow\Run\RunState;

/** The runsheets of the house, each as it is published, or as its draft has it. Its type is RunsheetsPage.ts. */
final readonly class RunsheetsPage
{
    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(): array
    {
        $house = $this->viewer->snapshot();
        $outline = new SheetOutline($this->viewer->words());

        return [
            'runsheets' => array_values(
                Row::query()
                    ->with('published.publishedBy')
                    ->withCount([
                        'runs as behind' => static fn(Builder $runs): Builder => $runs
                            ->where('state', RunState::Running)
                            ->whereColumn('version_id', '<>', 'runsheets.published_id'),
                        'runs as running' => static fn(Builder $runs): Builder => $runs->where(
                            'state',
                            RunState::Running,
                        ),
                    ])
                    ->orderBy('position')
                    ->get()
                    ->map(static function (Row $row) use ($house, $outline): array {
                        $sheet = ReadRunsheet::kept($row->draft ?? $row->published?->document, $house);
                        $running = $row->getAttribute('running');

                        return [
                            'slug' => $row->slug,
                            'name' => $sheet->name,
                            'about' => $sheet->about->value,
                            'several' => $sheet->several,
                            'revision' => $row->revision,
                            'hasDraft' => $row->draft !== null,
                            'published' =>
                                $row->published === null
                                    ? null
                                    : [
                                        'number' => $row->published->number,
                                        'at' => Moment::of($row->published->published_at),
                                        'by' => $row->published->publishedBy?->name,
                                    ],
                            'running' => is_numeric($running) ? (int) $running : 0,
                            'behind' => is_numeric($behind = $row->getAttribute('behind')) ? (int) $behind : 0,
                            'lines' => $outline->of($sheet),
                        ];
                    })
                    ->all(),
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Pages\Duties;

use App\Duties\ReadDuty;
use App\Explain\DutyWords;
use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Http\Viewer;
use App\Models\Duties\Duty;
use App\Models\Duties\DutyDate;
use OpenBaton\Core\Document\Node;

/** The standing duties of the house. Its type is DutiesPage.ts. */
final readonly class DutiesPage
{
    private const PAGE = 100;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(int $page): array
    {
        $found = Duty::query()
            ->with(['lastDate.task.assignee'])
            ->orderByRaw('next_date IS NULL')
            ->orderBy('next_date')
            ->orderBy('name')
            ->paginate(self::PAGE, page: $page);
        $words = new DutyWords($this->viewer->words());

        return [
            'duties' => array_map(fn(Duty $row): array => $this->line($row, $words), $found->items()),
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Duty $row, DutyWords $words): array
    {
        $house = $this->viewer->snapshot();
        $duty = ReadDuty::kept(Node::root($row->document), $house);

        return [
            'slug' => $row->slug,
            'name' => $row->name,
            'kind' => $house->kindNamed($duty->template->taskKind)->name ?? $duty->template->taskKind,
            'comes' => $words->comes($duty),
            'who' => $words->who($duty),
            'next' => $row->next_date?->format('Y-m-d'),
            'waits' => $row->waits,
            'last' => $row->lastDate === null ? null : self::date($row->lastDate),
        ];
    }

    /** @return array<string, mixed> a DutyDateLine of DutiesPage.ts */
    public static function date(DutyDate $date): array
    {
        $task = $date->task;

        return [
            'date' => $date->date->format('Y-m-d'),
            'missed' => $date->missed?->value,
            'task' =>
                $task === null
                    ? null
                    : [
                        'id' => $task->id,
                        'number' => (int) $task->number,
                        'status' => $task->status->value,
                        'done' => $task->completed_at === null ? null : Moment::of($task->completed_at),
                        'holder' => PersonRef::orNull($task->assignee),
                    ],
        ];
    }
}

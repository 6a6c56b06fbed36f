<?php

declare(strict_types=1);

namespace App\Http\Pages\Runsheets;

use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use App\Runsheets\RunAtHand;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\StepState;

/** Runs in a line each: since when, where they are, and whom they wait for. Its type is RunLine.ts. */
final class RunLine
{
    private const MOST = 20;

    /** What a run has to come with. */
    public const RELATIONS = [
        'runsheet',
        'version',
        'task.customer',
        'case.customer',
        'waiting.task.assignee',
        'waiting.approval.tasks.assignee',
    ];

    /** @return list<array<string, mixed>> of a task or a case, those that go on first, then the latest */
    public static function ofSubject(Task|CustomerCase $of, Viewer $viewer): array
    {
        return array_values(
            Run::query()
                ->ofSubject($of)
                ->with(self::RELATIONS)
                ->orderByRaw('over_at IS NOT NULL')
                ->orderByDesc('id')
                ->limit(self::MOST)
                ->get()
                ->map(static fn(Run $run): array => self::of($run, $viewer))
                ->all(),
        );
    }

    /**
     * @param Run $run with RELATIONS
     *
     * @return array<string, mixed>
     */
    public static function of(Run $run, Viewer $viewer): array
    {
        $of = $run->task ?? $run->case;
        $sheet = RunAtHand::sheetOf($run, $viewer->house());

        return [
            'id' => $run->id,
            'name' => $sheet->name,
            'state' => $run->state->value,
            'startedAt' => Moment::of($run->started_at),
            'overAt' => Moment::orNull($run->over_at),
            'of' =>
                $of === null
                    ? null
                    : [
                        'href' => $of instanceof Task ? "/tasks/{$of->id}" : "/cases/{$of->id}",
                        'number' => (int) $of->number,
                        'title' => $of->title,
                        'customer' => $of->customer?->name,
                        'isCase' => $of instanceof CustomerCase,
                    ],
            'waits' => array_values(
                $run->waiting->map(static fn(RunBlock $block): ?array => self::waits($block, $sheet))->filter()->all(),
            ),
        ];
    }

    /**
     * @return array{name: string, stopped: bool, who: list<array{slug: string, name: string}>, unheld: bool}|null null:
     *     it is no step
     */
    private static function waits(RunBlock $block, Runsheet $sheet): ?array
    {
        $step = $sheet->blocks[$block->key] ?? null;
        $who = self::who($block);

        return $step instanceof Step
            ? [
                'name' => $step->name,
                'stopped' => $block->state === StepState::Stopped,
                'who' => $who,
                // There is work, and nobody has it.
                'unheld' => $who === [] && ($block->task_id !== null || $block->approval_id !== null),
            ]
            : null;
    }

    /** @return list<array{slug: string, name: string}> in whose hands the work of a step is */
    public static function who(RunBlock $block): array
    {
        $tasks = $block->approval === null ? [$block->task] : $block->approval->tasks->all();
        $people = [];
        foreach ($tasks as $task) {
            if ($task?->assignee !== null && $task->status->isOpen()) {
                $people[$task->assignee->slug] = PersonRef::of($task->assignee);
            }
        }

        return array_values($people);
    }
}

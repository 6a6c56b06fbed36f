<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Bridge\Houses;
use App\DomainEvents\About;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Refusals\RunNotStarted;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Flow\Run\Runsheet as Sheet;
use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Flow\Run\Step\RunsheetStep;
use OpenBaton\Core\Subject\SubjectKind;

/** Begins runs: by hand, by a rule, or by a step of another. GoOn opens their steps. */
final readonly class BeginRun
{
    /** Runs that bring each other about, one below the other. */
    private const DEEPEST = 8;

    public function __construct(private Houses $houses) {}

    /**
     * Within a transaction. A second start of what allows one at a time answers with the first.
     *
     * @throws RunNotStarted where it is about something else, or that is closed
     */
    public function byHand(Runsheet $sheet, Task|CustomerCase|null $of, Actor $by): Row
    {
        $this->houses->lock();
        $read = $this->published($sheet) ?? throw RunNotStarted::notPublished($sheet->name);
        if ($read->about !== self::kindOf($of)) {
            throw RunNotStarted::ofAnother($sheet->name);
        }
        if (self::isOver($of)) {
            throw RunNotStarted::closed();
        }

        return self::first($sheet, $read, $of) ?? self::make($sheet, $read, $of, ['started_by' => $by->user?->id]);
    }

    /** @return Row|null null: there is no such runsheet for it any more */
    public function byRule(string $slug, About $about, ?string $ruleId): ?Row
    {
        $of = match (true) {
            $about->taskId !== null => Task::query()->find($about->taskId),
            $about->caseId !== null => CustomerCase::query()->find($about->caseId),
            default => null,
        };
        // A rule may act on what its own run has made, and on what the run on that has made.
        $isTooDeep = $of instanceof Task && self::isTooDeep(self::whichMade($of->id));

        return $isTooDeep || self::isOver($of) ? null : $this->named($slug, $of, ['rule' => $ruleId]);
    }

    /** @return Row|null null: it can't be started */
    public function below(OfRun $of, RunsheetStep $step): ?Row
    {
        if (self::isTooDeep($of->hand->row)) {
            return null;
        }

        return $this->named($step->runsheet, $of->hand->subjectRow(), ['parent_id' => $of->hand->row->id]);
    }

    /**
     * @param array<string, string|null> $by
     *
     * @return Row|null null: it is not there, not published, or for something else
     */
    private function named(string $slug, Task|CustomerCase|null $of, array $by): ?Row
    {
        $sheet = Runsheet::query()->where('slug', $slug)->first();
        $read = $sheet === null ? null : $this->published($sheet);

        return $sheet === null || $read === null || $read->about !== self::kindOf($of)
            ? null
            : self::first($sheet, $read, $of) ?? self::make($sheet, $read, $of, $by);
    }

    private static function kindOf(Task|CustomerCase|null $of): SubjectKind
    {
        return match (true) {
            $of instanceof Task => SubjectKind::Task,
            $of instanceof CustomerCase => SubjectKind::Matter,
            default => SubjectKind::House,
        };
    }

    /** Whether so many runs stand above each other that one more would be one too many. */
    private static function isTooDeep(?Row $above): bool
    {
        for ($depth = 0; $above !== null && $depth < self::DEEPEST - 1; ++$depth) {
            $above = $above->parent_id === null ? self::whichMade($above->task_id) : $above->parent()->first();
        }

        return $above !== null;
    }

    private static function whichMade(?string $taskId): ?Row
    {
        return $taskId === null
            ? null
            : Row::query()
                ->whereHas('blocks', static fn(Builder $blocks): Builder => $blocks->where('task_id', $taskId))
                ->first();
    }

    private static function isOver(Task|CustomerCase|null $of): bool
    {
        return match (true) {
            $of instanceof Task => !$of->status->isOpen(),
            $of instanceof CustomerCase => !$of->isOpen(),
            default => false,
        };
    }

    private function published(Runsheet $sheet): ?Sheet
    {
        $sheet->loadMissing('published');

        return $sheet->published === null
            ? null
            : ReadRunsheet::kept($sheet->published->document, $this->houses->recent()->snapshot);
    }

    private static function first(Runsheet $sheet, Sheet $read, Task|CustomerCase|null $of): ?Row
    {
        return $of === null || $read->several ? null : Row::query()->where('only', self::only($sheet, $of))->first();
    }

    /** @param array<string, string|null> $by */
    private static function make(Runsheet $sheet, Sheet $read, Task|CustomerCase|null $of, array $by): Row
    {
        return Row::query()->create(
            $by + [
                'runsheet_id' => $sheet->id,
                'version_id' => $sheet->published_id,
                'task_id' => $of instanceof Task ? $of->id : null,
                'case_id' => $of instanceof CustomerCase ? $of->id : null,
                'state' => RunState::Running,
                'started_at' => CarbonImmutable::now(),
                // Looked at by the next tick, should nobody do so before.
                'wakes_at' => CarbonImmutable::now(),
                'only' => $of === null || $read->several ? null : self::only($sheet, $of),
            ],
        );
    }

    private static function only(Runsheet $sheet, Task|CustomerCase $of): string
    {
        return "{$sheet->id}:{$of->id}";
    }
}

<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\HouseAt;
use App\Bridge\LockedHouse;
use App\Bridge\SubjectRows;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run as Row;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Subject\Subject;

/** A run under the lock of the house, with its runsheet and the rounds of its blocks. */
final class RunAtHand
{
    public readonly Runsheet $sheet;

    private Run $run;

    /** @param Collection<int, RunBlock> $blocks */
    private function __construct(
        public readonly Row $row,
        public readonly LockedHouse $locked,
        private readonly SubjectRows $subjects,
        private readonly Collection $blocks,
    ) {
        $this->sheet = self::sheetOf($row, $locked->house);
        $this->run = RunRows::read($row, $blocks);
    }

    public static function of(Row $row, LockedHouse $locked, SubjectRows $subjects): self
    {
        return new self($row, $locked, $subjects, $row->blocks()->get());
    }

    /** As the version says on which the run is, whatever has become of the house since. */
    public static function sheetOf(Row $row, HouseAt $house): Runsheet
    {
        $row->loadMissing('version');

        return ReadRunsheet::kept($row->version?->document, $house->snapshot);
    }

    public function run(): Run
    {
        return $this->run;
    }

    /** What it is of, locked; null: nothing. */
    public function subjectRow(): Task|CustomerCase|null
    {
        return match (true) {
            $this->row->task_id !== null => SubjectRows::task($this->row->task_id),
            $this->row->case_id !== null => SubjectRows::case($this->row->case_id),
            default => null,
        };
    }

    /** @param Task|CustomerCase|null $row what it is of, as it is by now */
    public function subjectOf(Task|CustomerCase|null $row): Subject
    {
        return $this->subjects->subject($row, $this->locked->house);
    }

    public function moment(): RunMoment
    {
        return RunMoments::now($this->subjectOf($this->subjectRow()), $this->locked->house);
    }

    /** @return bool whether anything is otherwise */
    public function take(RunAdvance $advance): bool
    {
        if ($advance->run->equals($this->run)) {
            return false;
        }
        $this->run = $advance->run;
        RunRows::write($this->row, $advance->run, $this->blocks);

        return true;
    }

    public function block(string $key, int $round): RunBlock
    {
        return $this->blocks->firstOrFail(
            static fn(RunBlock $block): bool => $block->key === $key && $block->round === $round,
        );
    }

    /** @return list<array{OfRun, RunBlock}> its open steps, each with its round */
    public function open(): array
    {
        $open = [];
        foreach ($this->run->in(StepState::Open) as $key) {
            $step = $this->sheet->blocks[$key] ?? null;
            if ($step instanceof Step) {
                $round = $this->run->of($key)->round;
                $open[] = [new OfRun($this, $step, $round), $this->block($key, $round)];
            }
        }

        return $open;
    }
}

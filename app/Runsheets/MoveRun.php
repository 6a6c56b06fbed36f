<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\SubjectRows;
use App\Models\Runsheets\Run as Row;
use App\Refusals\RunMovedOn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunMove;

/** Moves a run to the version of its runsheet that is published now. */
final readonly class MoveRun
{
    public function __construct(
        private Houses $houses,
        private SubjectRows $subjects,
        private StepWork $work,
        private GoOn $goOn,
    ) {}

    /**
     * @param int  $seen  revision of the run that was looked at
     * @param bool $keeps open tasks of steps that are gone are left
     *
     * @throws RunMovedOn where it has gone on since, or is of that version already
     */
    public function __invoke(string $runId, int $seen, bool $keeps, Actor $by): void
    {
        DB::transaction(function () use ($runId, $seen, $keeps, $by): void {
            $locked = $this->houses->lock();
            $row = Row::query()->with('runsheet.published')->lockForUpdate()->findOrFail($runId);
            $to = $row->runsheet?->published;
            if ($row->revision !== $seen || $to === null || $to->id === $row->version_id) {
                throw RunMovedOn::since($row);
            }
            $before = RunAtHand::of($row, $locked, $this->subjects);
            $moment = $before->moment();
            $moved = (new RunMove($before->sheet, ReadRunsheet::kept($to->document, $locked->house->snapshot)))->move(
                $before->run(),
                $moment,
            );
            foreach ($moved->gone as $act) {
                $child = $this->work->withdraw($before->block($act->key, $act->round), $keeps);
                if ($child !== null) {
                    $this->goOn->by(
                        $child->id,
                        $child->revision,
                        static fn(RunEngine $engine, Run $run, RunMoment $at): RunAdvance => $engine->cancel($run, $at),
                        $by,
                        $keeps,
                    );
                }
            }
            $row->update(['version_id' => $to->id]);
            $row->setRelation('version', $to);
            $this->goOn->with(RunAtHand::of($row, $locked, $this->subjects), $moved->advance, $moment, $by, $keeps);
        }, attempts: 3);
    }
}

<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\CaseSubjects;
use App\Bridge\ChainSurroundings;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\SubjectRows;
use App\Models\Cases\CustomerCase;
use App\Refusals\CaseMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CaseInChain;
use OpenBaton\Core\Chain\ChainState;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Subject;

/** Changes a case that others may be changing too: checked, under the lock, against what the person saw. */
final readonly class EditCase
{
    public function __construct(private Houses $houses, private SubjectRows $rows, private ChangeRunner $runner) {}

    /**
     * @param int|null $seenRevision the revision that the person looked at; null: whatever it is now
     *
     * @throws CaseMovedOn where it has changed since
     */
    public function __invoke(
        string $caseId,
        ?int $seenRevision,
        CaseEdit $edit,
        Actor $by,
        Cause $cause = Cause::Person,
    ): CustomerCase {
        return DB::transaction(function () use ($caseId, $seenRevision, $edit, $by, $cause): CustomerCase {
            $locked = $this->houses->lock();
            $row = CustomerCase::query()->with(CaseSubjects::RELATIONS)->lockForUpdate()->findOrFail($caseId);
            if ($seenRevision !== null && $seenRevision !== $row->revision) {
                throw CaseMovedOn::since($row);
            }
            $at = CarbonImmutable::now()->getTimestamp();
            $before = $this->rows->cases->of($row, $locked->house);
            $after = ($edit->change)($this->atHand($before, $locked), $locked->house);
            if ($edit->besides !== null) {
                ($edit->besides)($row);
            }
            // What changes nothing has not happened.
            if ($edit->happened !== [] || !$after->equals($before)) {
                $this->run($locked, $row, $before, $after, $edit, $by, $cause, $at);
            }

            return $row->refresh();
        }, attempts: 3);
    }

    private function run(
        LockedHouse $locked,
        CustomerCase $row,
        CaseSubject $before,
        CaseSubject $after,
        CaseEdit $edit,
        Actor $by,
        Cause $cause,
        int $at,
    ): void {
        $facts = $locked->house->router()->facts;
        $change = static fn(Subject $was, Subject $is, Happened ...$happened): ChangeSet => new ChangeSet(
            "change-{$was->id}-{$row->revision}",
            $at,
            $was,
            $is,
            $facts->of($was, $is, $at),
            $cause,
            array_values($happened),
        );
        $changes = [$change($before, $after, ...$edit->happened)];
        if ($edit->open !== null) {
            foreach ($this->surroundings($locked)->ofCase($row->id) as $task) {
                $changes[] = $change($task, $edit->open->on($task));
            }
        }
        $this->runner->run(
            $locked,
            new Occasion($at, $cause, $edit->occasion, $by->user?->id, $by->system, $edit->reason, $edit->handoff),
            $changes,
            [$row->id => $row],
        );
    }

    private function atHand(CaseSubject $case, LockedHouse $locked): CaseAtHand
    {
        $state = new ChainState($this->surroundings($locked));

        return new CaseAtHand($case, new CaseInChain($state, $case->id), $locked->house->router()->facts);
    }

    private function surroundings(LockedHouse $locked): ChainSurroundings
    {
        return new ChainSurroundings($locked->house, $this->rows, $locked->rotations);
    }
}

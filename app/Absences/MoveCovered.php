<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\Snapshot;
use App\Bridge\TaskSubjects;
use App\Bridge\WorkReader;
use App\DomainEvents\WorkCovered;
use App\Models\Absences\Absence;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\CoverMove;
use OpenBaton\Core\Absence\CoverMoveKind;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Passes work on, and hands it back, as the core says; each task with what its
 * rules make of it. Of somebody who has many tasks so many at a time are done
 * under one lock; what is to be done with them is worked out once. Done again
 * from the start, it does what is left.
 */
final readonly class MoveCovered
{
    /** Tasks under one lock. */
    public const PIECE = 50;

    public function __construct(
        private Houses $houses,
        private TaskSubjects $subjects,
        private ChangeRunner $runner,
        private MoveCoveredCases $cases,
    ) {}

    /**
     * @param list<string> $people slugs of those whose work is looked at, in order
     * @param int          $at     instant
     * @param bool         $moved  the absence of the first is at another time than before
     *
     * @return int how many tasks and cases have moved
     */
    public function __invoke(array $people, Actor $by, int $at, bool $moved = false): int
    {
        $done = [];
        $count = 0;
        for (; $people !== []; array_shift($people)) {
            $person = $people[0];
            if (isset($done[$person])) {
                continue;
            }
            $moves = null;
            do {
                $piece = DB::transaction(
                    fn(): MovedPiece => $this->piece(
                        $this->houses->lock(),
                        $person,
                        $moves,
                        $by,
                        $at,
                        $moved && $done === [],
                    ),
                    attempts: 3,
                );
                $count += $piece->count;
                $moves = $piece->left;
                // What stays with somebody who is away by now is theirs from now on.
                array_push($people, ...$piece->keepers);
            } while ($moves !== []);
            $count += ($this->cases)($person, $by, $at);
            $done[$person] = true;
        }

        return $count;
    }

    /** @param list<CoverMove>|null $moves what is left of the person's; null: it is to be worked out */
    private function piece(
        LockedHouse $locked,
        string $person,
        ?array $moves,
        Actor $by,
        int $at,
        bool $moved,
    ): MovedPiece {
        $house = $locked->house->snapshot;
        $tasks =
            $moves === null ? WorkToMove::concerning($person, $house) : self::of(array_slice($moves, 0, self::PIECE));
        $known = [];
        foreach ($this->subjects->all($tasks->values(), $locked->house) as $subject) {
            $known[$subject->id] = $subject;
        }
        $moves ??= (new CoverMoves($house->roster, $locked->house->router()->facts, WorkToMove::early()))->of(
            $person,
            array_values($known),
            WorkReader::of(new Needs([$person], [], []), $house)->held($person),
            $at,
            WorkToMove::settings($person, $house),
            $moved,
        );
        $rows = $tasks->keyBy('id')->all();
        $count = 0;
        $keepers = [];
        foreach (array_slice($moves, 0, self::PIECE) as $move) {
            $subject = $known[$move->after->id] ?? null;
            // A rule, or somebody, may have given it to somebody else by now.
            if (
                $subject?->status->isOpen() === true &&
                $subject->occupant($move->seat) === $move->before->occupant($move->seat)
            ) {
                $known =
                    $this->apply($move, $subject, $rows, $locked, self::occasion($move, $house, $by, $at)) + $known;
                array_push(
                    $keepers,
                    ...array_filter($move->kind === CoverMoveKind::Stays ? [$move->after->occupant($move->seat)] : []),
                );
                ++$count;
            }
        }

        return new MovedPiece($count, array_slice($moves, self::PIECE), $keepers);
    }

    /**
     * @param list<CoverMove> $moves
     *
     * @return Collection<int, Task>
     */
    private static function of(array $moves): Collection
    {
        return Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->lockForUpdate()
            ->findMany(array_map(static fn(CoverMove $move): string => $move->after->id, $moves));
    }

    /** What is recorded of a move, of a task as of a case. */
    public static function occasion(CoverMove $move, Snapshot $house, Actor $by, int $at): Occasion
    {
        return new Occasion(
            $at,
            $by->user === null ? Cause::Timer : Cause::Person,
            "cover_{$move->kind->value}",
            $by->user?->id,
            $by->system,
            handoff: $move->kind === CoverMoveKind::ComesBack ? HandoffCause::HandBack : HandoffCause::Cover,
            move: self::moved($move, $house),
        );
    }

    private static function moved(CoverMove $move, Snapshot $house): WorkCovered
    {
        return new WorkCovered(
            $move->kind,
            $move->seat,
            $house->idOf($move->before->occupant($move->seat)),
            $house->idOf($move->after->occupant($move->seat)),
            $house->personIds[$move->forId],
        );
    }

    /**
     * @param array<array-key, Task> $rows
     *
     * @return array<array-key, TaskSubject> the tasks that the chain touched, as they are after it
     */
    private function apply(
        CoverMove $move,
        TaskSubject $subject,
        array $rows,
        LockedHouse $locked,
        Occasion $occasion,
    ): array {
        $after = $subject->seated(
            $move->seat,
            $move->after->occupant($move->seat),
            $move->after->coveringOf($move->seat),
        );
        $facts = $locked->house->router()->facts->of($subject, $after, $occasion->at);
        $change = new ChangeSet(
            "cover-{$subject->id}-{$rows[$subject->id]->revision}",
            $occasion->at,
            $subject,
            $after,
            $facts,
            $occasion->cause,
        );

        return $this->runner->run($locked, $occasion, [$change], $rows)->tasks();
    }
}

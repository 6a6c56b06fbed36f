<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\CoverMove;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\TaskStatus;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Six people, each away up to twice in twenty days, with anybody as substitutes; tasks of theirs and reviews. */
final class CoverWorld
{
    use Dice;

    private const HOURS = 24 * 20;

    private const PEOPLE = ['a', 'b', 'c', 'd', 'e', 'f'];

    public readonly Roster $roster;

    /** @var array<string, TaskSubject> by id */
    public array $tasks = [];

    /** @var array<string, string> who had a task before anybody went, by id */
    public array $owners = [];

    private readonly int $begin;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->begin = Build::at('2026-03-02 00:00');
        $absences = [];
        foreach (self::PEOPLE as $person) {
            for ($count = $this->pick(0, 2); $count > 0; --$count) {
                $from = $this->begin + $this->pick(1, self::HOURS - 60) * 3600;
                $others = array_values(array_diff(self::PEOPLE, [$person]));
                $others = $this->random->shuffleArray($others);
                $absences[] = new Absence(
                    "{$person}-{$count}",
                    $person,
                    new Span($from, $from + $this->pick(1, 60) * 3600),
                    AbsenceStatus::Approved,
                    Substitute::forAll(...array_slice($others, 0, $this->pick(0, 3))),
                    HeldPolicy::cases()[$this->pick(0, 2)],
                    HandBackPolicy::cases()[$this->pick(0, 2)],
                );
            }
        }
        $this->roster = new Roster(
            Build::calendar(),
            array_map(static fn(string $id) => Build::person($id), self::PEOPLE),
            [new Team('all', 'All', Build::members(...self::PEOPLE), null, self::PEOPLE[$this->pick(0, 5)])],
            [],
            $absences,
        );
        for ($number = 0; $number < 8; ++$number) {
            $owner = self::PEOPLE[$this->pick(0, 5)];
            $due =
                $this->pick(0, 3) === 0
                    ? null
                    : gmdate('Y-m-d H:i:s', $this->begin + $this->pick(0, self::HOURS) * 3600);
            $task =
                $this->pick(0, 3) === 0
                    ? CoverStory::task(
                        "t{$number}",
                        $due,
                        holder: $this->other($owner),
                        status: TaskStatus::InReview,
                    )->reviewedBy($owner)
                    : CoverStory::task("t{$number}", $due, $this->pick(10, 3000), $owner);
            $this->tasks[$task->id] = $task;
            $this->owners[$task->id] = $owner;
        }
    }

    private function other(string $person): string
    {
        $others = array_values(array_diff(self::PEOPLE, [$person]));

        return $others[$this->pick(0, 4)];
    }

    /** @return list<int> instants at which somebody goes or returns, in order */
    public function moments(): array
    {
        $moments = array_values(array_unique($this->roster->moments()));
        sort($moments);

        return $moments;
    }

    /** @return list<CoverMove> that were made for a person at an instant */
    public function settle(string $person, int $now): array
    {
        $moves = (new CoverMoves($this->roster, new ChangeFacts($this->roster, $this->roster->lookups)))->of(
            $person,
            array_values($this->tasks),
            CoverStory::work(array_values($this->tasks))->held($person),
            $now,
        );
        foreach ($moves as $move) {
            $this->tasks[$move->after->id] = $move->after;
        }

        return $moves;
    }

    /** @return list<string> */
    public function people(): array
    {
        return self::PEOPLE;
    }

    /**
     * Somebody begins with one of the tasks, or it is done, or sent to be reviewed by anybody else who is there, or by
     * whoever answers for them.
     */
    public function work(int $now): void
    {
        $id = 't' . $this->pick(0, 7);
        $task = $this->tasks[$id];
        if ($task->status === TaskStatus::New && $task->holderId !== null) {
            $this->tasks[$id] = MarkTouched::of(
                $task,
                $task->inStatus($this->pick(0, 1) === 0 ? TaskStatus::Working : TaskStatus::Done),
                $task->holderId,
                false,
            );
        } elseif ($task->status === TaskStatus::Working && $task->holderId !== null) {
            $named = $this->other($task->holderId);
            $cover = (new SubstituteFinder($this->roster))->find($named, $now, null, $task->holderIds());
            $this->tasks[$id] = $task->inStatus(TaskStatus::InReview)->reviewedBy($cover->personId, $cover->covering());
        } elseif ($task->status === TaskStatus::InReview && $this->pick(0, 2) === 0) {
            $this->tasks[$id] = $task->inStatus(TaskStatus::Working);
        }
    }

    public function seat(TaskSubject $task): SeatName
    {
        return $task->status === TaskStatus::InReview ? SeatName::Reviewer : SeatName::Holder;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Absence\CoverMove;
use OpenBaton\Core\Absence\CoverMoves;
use OpenBaton\Core\Absence\CoverPlan;
use OpenBaton\Core\Absence\CoverPlanner;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\Document\CriteriaFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Team;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/**
 * Callum is away from Monday 9 March 2026 until Saturday, midnight to midnight; everybody works 9 to 17 on weekdays,
 * all of it on tasks.
 */
final class CoverStory
{
    public const FRIDAY_BEFORE = '2026-03-06 09:00';
    public const MONDAY = '2026-03-09 00:00';
    public const SATURDAY = '2026-03-14 00:00';

    /**
     * @param list<Substitute>|null $substitutes null: Femi, then Tobias
     */
    public static function absence(
        string $person = 'callum',
        string $from = self::MONDAY,
        string $to = self::SATURDAY,
        ?array $substitutes = null,
        HeldPolicy $held = HeldPolicy::FallsDue,
        HandBackPolicy $handBack = HandBackPolicy::Untouched,
        ?string $id = null,
    ): Absence {
        return new Absence(
            $id ?? "{$person}-away",
            $person,
            new Span(Build::at($from), Build::at($to)),
            AbsenceStatus::Approved,
            $substitutes ?? Substitute::forAll('femi', 'tobias'),
            $held,
            $handBack,
        );
    }

    /** @param array<string, mixed> $criteria */
    public static function only(string $person, array $criteria): Substitute
    {
        return new Substitute(
            $person,
            (new CriteriaFormat(Build::context()))->read(Node::root($criteria)),
            Build::fields(),
        );
    }

    public static function roster(Absence ...$absences): Roster
    {
        return new Roster(
            Build::calendar(),
            [
                Build::person('ayumi', ['brass' => 3]),
                Build::person('femi', ['brass' => 2]),
                Build::person('callum', ['brass' => 3]),
                Build::person('tobias', ['strings' => 2]),
            ],
            [new Team('brass', 'Brass bench', Build::members('callum', 'femi'), null, 'ayumi')],
            ['brass' => 'Brass', 'strings' => 'Strings'],
            array_values($absences),
        );
    }

    /** A task of Callum's. */
    public static function task(
        string $id,
        ?string $due,
        int $minutes = 60,
        string $holder = 'callum',
        TaskStatus $status = TaskStatus::New,
    ): TaskSubject {
        return new TaskSubject(
            $id,
            Build::at('2026-03-01 09:00'),
            new Effort(0, $minutes),
            $status,
            holderId: $holder,
            dueAt: $due === null ? null : Build::at($due),
            fields: ['task.kind' => 'repair'],
        );
    }

    /**
     * @param list<TaskSubject>              $tasks
     * @param list<TaskSubject>              $others work of others
     * @param array<string, Give>        $givenBy
     * @param array<string, string|null> $set
     */
    public static function plan(
        Absence $absence,
        array $tasks,
        string $now = self::FRIDAY_BEFORE,
        array $others = [],
        array $givenBy = [],
        array $set = [],
        Absence ...$besides,
    ): CoverPlan {
        $roster = self::roster($absence, ...array_values($besides));

        return (new CoverPlanner($roster, new ChangeFacts($roster, $roster->lookups)))->plan(
            $absence,
            $tasks,
            self::work([...$tasks, ...$others]),
            Build::at($now),
            $givenBy,
            $set,
        );
    }

    /**
     * @param list<TaskSubject> $tasks
     *
     * @return list<string> what becomes of each: task, reason, and who gets it
     */
    public static function lines(CoverPlan $plan): array
    {
        return array_map(
            static fn(CoverLine $line): string => "{$line->task->id} {$line->reason->value}" .
                ($line->toId === null ? ($line->isGap() ? ' nobody' : '') : " {$line->toId}"),
            $plan->lines,
        );
    }

    /**
     * @param list<TaskSubject>              $tasks
     * @param array<string, string|null> $set
     * @param list<string>               $early
     *
     * @return list<CoverMove>
     */
    public static function moves(
        Roster $roster,
        string $person,
        array $tasks,
        string $now,
        array $set = [],
        bool $moved = false,
        array $early = [],
    ): array {
        return (new CoverMoves($roster, new ChangeFacts($roster, $roster->lookups), array_fill_keys($early, true)))->of(
            $person,
            $tasks,
            self::work($tasks)->held($person),
            Build::at($now),
            $set,
            $moved,
        );
    }

    /**
     * @param list<CoverMove> $moves
     *
     * @return list<string> task, what happens, for whom, and who has it then
     */
    public static function told(array $moves): array
    {
        return array_map(
            static fn(
                CoverMove $move,
            ): string => "{$move->after->id} {$move->kind->value} for {$move->forId}: {$move->after->occupant(
                $move->seat,
            )}",
            $moves,
        );
    }

    /** @param list<TaskSubject> $tasks */
    public static function work(array $tasks): Work
    {
        return Work::of(array_map(static fn(TaskSubject $task) => $task->asWork(), $tasks));
    }
}

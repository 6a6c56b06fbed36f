<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Objections;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\LoadBook;
use OpenBaton\Core\Workload\LoadView;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;

/**
 * What of the work of some people may move between them, and to whom: by pool and limits of the rule that placed a
 * task, but for the limits of load; of a task that was placed by hand, by the first rule that would place it now, or
 * to anybody where none would.
 */
final readonly class ToLevel
{
    /** @var list<string> ids of those who take new work, now or when they are back */
    private array $takers;

    private Objections $objections;

    private LoadBook $book;

    /**
     * @param list<string> $people ids of those among whom it may move
     * @param int          $at     instant
     * @param int          $until  instant: what is due later, or has no due date, stays
     * @param bool         $working work that was begun may move as well
     */
    public function __construct(
        private Router $router,
        private array $people,
        private int $at,
        private int $until,
        private bool $working = false,
    ) {
        $roster = $router->roster;
        $this->objections = new Objections($roster, $router->facts);
        $this->book = new LoadBook($roster);
        $this->takers = self::takers($roster, $people, $at);
    }

    /**
     * @param Give|null $give how the rule gives that placed the task; null: it was placed by hand
     *
     * @return list<Movable> one for each of them whose time it takes
     */
    public function of(TaskSubject $task, ?Give $give): array
    {
        $item = $task->asWork();
        $whose = array_values(array_intersect($item->loads(), $this->people));
        $movables = [];
        foreach ($whose as $person) {
            $movables[] = new Movable(
                $task->id,
                $item->load($this->router->roster->measure) * Movable::UNITS_A_MINUTE,
                $person,
                $this->isMovable($task) ? $this->eligible($task, $give, $person) : [$person],
                $task->startAt,
                $task->dueAt,
                $task->customerId,
            );
        }

        return $movables;
    }

    private function isMovable(TaskSubject $task): bool
    {
        return ($task->status === TaskStatus::New || ($this->working && $task->status === TaskStatus::Working)) &&
            $task->sharing === null &&
            // Whoever is asked for their answer is meant themselves.
            $task->answers === null &&
            $task->coveringOf(SeatName::Holder) === null &&
            $task->dueAt !== null &&
            $task->dueAt <= $this->until;
    }

    /** @return list<string> today's holder first */
    private function eligible(TaskSubject $task, ?Give $give, string $holder): array
    {
        $give = $give?->seat === SeatName::Holder ? $give : $this->wouldGive($task);
        $pool = $give === null ? $this->takers : $this->objections->pool($task, $give, $this->at);
        $others = array_filter(
            array_intersect($this->takers, $pool),
            fn(string $id): bool => $id !== $holder &&
                $id !== $task->reviewerId &&
                ($give === null || $this->isWithin($this->router->roster->people[$id], $give, $task)),
        );

        return [$holder, ...array_values($others)];
    }

    private function isWithin(Person $person, Give $give, TaskSubject $task): bool
    {
        $load = new LoadView(Work::of([]), $this->book, $this->at, $task);
        foreach ($give->limits as $limit) {
            if (!in_array(Input::Work, $limit::inputs(), true) && $limit->refusal($person, $load) !== null) {
                return false;
            }
        }

        return true;
    }

    /** How the first rule gives that would place the task now, were it new. */
    private function wouldGive(TaskSubject $task): ?Give
    {
        $new = $task->heldBy(null);
        $arrival = new ChangeSet(
            "level-{$task->id}",
            $this->at,
            null,
            $new,
            $this->router->facts->of(null, $new, $this->at),
        );
        foreach ($this->router->rulebook->holding($arrival) as $rule) {
            $give = $rule->givesOn($arrival);
            if ($give?->seat === SeatName::Holder) {
                return $give;
            }
        }

        return null;
    }

    /**
     * @param list<string> $people
     *
     * @return list<string>
     */
    private static function takers(Roster $roster, array $people, int $at): array
    {
        $availability = new Availability($roster);

        return array_values(
            array_filter(
                $people,
                // The absent take what their presence allows.
                static fn(string $id): bool => $availability->againstButAbsence($roster->people[$id], $at) === [],
            ),
        );
    }
}

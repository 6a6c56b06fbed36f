<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Flow\Gate\CriteriaHold;
use OpenBaton\Core\Flow\Gate\Gate;
use OpenBaton\Core\Flow\Gate\Missing;
use OpenBaton\Core\Refusal;

/** The way that cases go: stages in order, and what they may come to. */
final readonly class Track
{
    /** @var array<array-key, int> place by key */
    private array $places;

    /**
     * @param non-empty-list<Stage>    $stages
     * @param array<array-key, string> $outcomes label by code
     * @param bool                     $ownerTakesTasks a new owner takes over the open tasks that the one before held
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $stages,
        public array $outcomes,
        public bool $ownerTakesTasks = false,
    ) {
        $places = array_flip(array_map(static fn(Stage $stage): string => $stage->key, $stages));
        if (count($places) < count($stages)) {
            throw new Refusal('Two stages of the track have one key.');
        }
        if (array_filter($stages, static fn(Stage $stage): bool => !$stage->retired) === []) {
            throw new Refusal('A track has a stage that is not retired.');
        }
        $this->places = $places;
    }

    /** Where a case begins where nothing else is said. */
    public function first(): Stage
    {
        foreach ($this->stages as $stage) {
            if (!$stage->retired) {
                return $stage;
            }
        }

        return $this->stages[0];
    }

    /** @return Stage|null where a case goes next from a stage; null: that is the last */
    public function after(string $stage): ?Stage
    {
        foreach (array_slice($this->stages, 1 + ($this->places[$stage] ?? -1)) as $next) {
            if (!$next->retired) {
                return $next;
            }
        }

        return null;
    }

    /** @return Stage|null null: it has no such stage */
    public function stage(string $key): ?Stage
    {
        return isset($this->places[$key]) ? $this->stages[$this->places[$key]] : null;
    }

    /** @return string|null null: it has no such stage */
    public function stageName(string $key): ?string
    {
        return $this->stage($key)?->name;
    }

    /** @return int|null minutes of working time that a case should stand in a stage at most; null: it is not said */
    public function targetOf(string $stage): ?int
    {
        return $this->stage($stage)?->target;
    }

    public function has(string $stage): bool
    {
        return isset($this->places[$stage]);
    }

    /** Whether cases may be moved to it, or be opened in it. */
    public function takes(string $stage): bool
    {
        return $this->stage($stage)?->retired === false;
    }

    /** @param string $from key of a stage, as is $to; what the track does not know lies before all */
    public function isForwards(string $from, string $to): bool
    {
        return ($this->places[$from] ?? -1) < ($this->places[$to] ?? -1);
    }

    /**
     * What a case can not pass on its way: to leave each stage that it leaves, and to enter each that it enters, in the
     * order of the track. Retired stages between are passed over. Backwards nothing is asked.
     *
     * @param string $from key of the stage in which it is, as is $to of where it is to be
     *
     * @return list<ClosedGate> none: it may move
     */
    public function closed(string $from, string $to, CaseView $case): array
    {
        if (!$this->isForwards($from, $to)) {
            return [];
        }
        $closed = [];
        foreach (array_slice($this->stages, $this->places[$from] ?? 0, null, true) as $place => $stage) {
            $isFrom = $stage->key === $from;
            if ($place > $this->places[$to]) {
                break;
            }
            if (!$isFrom && !$stage->retired) {
                $closed[] = self::gates($stage, false, $case);
            }
            if ($stage->key !== $to && ($isFrom || !$stage->retired)) {
                $closed[] = self::gates($stage, true, $case);
            }
        }

        return array_values(array_filter($closed));
    }

    /** @return iterable<Expression> what its gates ask */
    public function criteria(): iterable
    {
        foreach ($this->stages as $stage) {
            foreach ([...$stage->leave, ...$stage->enter] as $gate) {
                if ($gate instanceof CriteriaHold) {
                    yield $gate->only->criteria;
                }
            }
        }
    }

    private static function gates(Stage $stage, bool $leaving, CaseView $case): ?ClosedGate
    {
        $missing = array_merge(
            [],
            ...array_map(
                /** @return list<Missing> */
                static fn(Gate $gate): array => $gate->missing($case, $stage->key),
                $leaving ? $stage->leave : $stage->enter,
            ),
        );

        return $missing === [] ? null : new ClosedGate($stage->key, $leaving, $missing);
    }
}

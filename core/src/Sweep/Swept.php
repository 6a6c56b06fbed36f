<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use LogicException;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\TaskSubject;

/** What came of one task of a sweep, or would come of it. */
final readonly class Swept
{
    /**
     * @param TaskSubject      $before   the task
     * @param TaskSubject      $after    it when the chain has ended
     * @param list<string> $answered ids of the rules that answered, but for the one that was applied
     * @param int          $made     tasks that rules made
     * @param int          $others   other tasks that changed
     */
    private function __construct(
        public SweptState $state,
        public TaskSubject $before,
        public TaskSubject $after,
        public array $answered,
        public int $made,
        public int $others,
    ) {}

    /** @param ChainResult $chain that began with the change */
    public static function of(ChangeSet $change, ChainResult $chain): self
    {
        $before = $change->taskBefore() ?? ($change->task() ?? throw new LogicException('What is swept are tasks.'));
        $after = $chain->tasks()[$before->id];
        $made = count(array_filter($chain->links, static fn(Link $link): bool => $link->change->isArrival()));
        $others = count($chain->subjects) - 1 - $made;
        $first = $chain->links[0]->decision;
        $nobody =
            $change->trigger() !== null && $first !== null && $first->decidedBy === null && $first->attempts !== [];

        return new self(
            match (true) {
                $nobody => SweptState::Nobody,
                $after->equals($before) && $made + $others === 0 && !self::reachesOutside($chain) => SweptState::Same,
                default => SweptState::Changes,
            },
            $before,
            $after,
            self::answered($chain, $change->trigger()?->ruleId),
            $made,
            $others,
        );
    }

    private static function reachesOutside(ChainResult $chain): bool
    {
        foreach ($chain->links as $link) {
            if (
                array_filter(
                    $link->decision->effects ?? [],
                    static fn(Effect $effect): bool => $effect instanceof ReachesOutside,
                ) !== []
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of rules, in the order in which they first acted */
    private static function answered(ChainResult $chain, ?string $applied): array
    {
        $ids = [];
        foreach ($chain->links as $link) {
            if ($link->decision === null) {
                continue;
            }
            foreach ($link->decision->acted() as $position) {
                $id = $link->decision->rulebook->rulebook->rules[$position]->id;
                if ($id !== $applied) {
                    $ids[$id] = $id;
                }
            }
        }

        return array_values($ids);
    }
}

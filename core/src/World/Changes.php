<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use Closure;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\Subject;

/**
 * Somebody, or another system, changes a task, a case or a customer.
 *
 * @template T of Subject
 */
final readonly class Changes implements Happening
{
    /**
     * @param Closure(WorldState): list<T> $which
     * @param Closure(T): T                     $change
     * @param list<Happened>                     $happened besides, on each
     */
    public function __construct(
        private string $id,
        private int $at,
        private Closure $which,
        private Closure $change,
        private Cause $cause = Cause::Person,
        private array $happened = [],
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function at(): int
    {
        return $this->at;
    }

    public function in(WorldState $state): iterable
    {
        $sets = [];
        foreach (($this->which)($state) as $number => $before) {
            $after = $state->settled(($this->change)($before));
            if ($this->happened !== [] || !$after->equals($before)) {
                $sets[] = $state->changeSet(
                    $number === 0 ? $this->id : "{$this->id}+{$number}",
                    $this->at,
                    $before,
                    $after,
                    $this->cause,
                    ...$this->happened,
                );
            }
        }
        yield new ChainOf($this->id, $state->run(...$sets));
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use Closure;
use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;

/** Somebody moves a case, closes it or reopens it: it does, or it is refused and nothing changes. */
final readonly class MovesCase implements Happening
{
    /**
     * @param Closure(CaseMoves, CaseSubject, CaseView): Moved $move
     * @param string|null   $outcome of a case that it closes
     * @param OpenWork|null $open    what becomes of tasks that are open still, where it closes the case
     */
    public function __construct(
        private string $id,
        private int $at,
        private string $caseId,
        private Closure $move,
        private ?string $outcome = null,
        private ?OpenWork $open = null,
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
        $case = $state->caseNow($this->caseId);
        $moved = ($this->move)($state->moves($case), $case, $state->view($case, $this->at));
        if ($moved->refusal !== null) {
            yield new ChainOf($this->id, $state->run(), refused: $moved, subjectId: $case->id);

            return;
        }
        $after = $case->standing($moved->stays, $this->outcome);
        $changes = [$state->changeSet($this->id, $this->at, $case, $after, Cause::Person)];
        if ($this->open !== null) {
            foreach ($state->ofCase($case->id) as $number => $task) {
                $left = $this->open->on($task);
                $changes[] = $state->changeSet("{$this->id}+{$number}", $this->at, $task, $left, Cause::Person);
            }
        }
        yield new ChainOf($this->id, $state->run(...$changes));
    }
}

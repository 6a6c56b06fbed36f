<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use Closure;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Subject\ChangeSet;

/**
 * What happens when a task, a case or a customer changes: rules answer, what they bring about
 * changes others again, and all of it is recorded. Every change of them goes through
 * here, arrivals and covered work included; under the lock of the
 * house and within one transaction, so that what a decision sees of work and
 * rotations is what it changes, and all of it commits or none.
 */
final readonly class ChangeRunner
{
    public function __construct(private SubjectRows $rows, private ChainRecorder $recorder) {}

    /**
     * @param list<ChangeSet>                   $changes of one cause
     * @param array<array-key, Task|CustomerCase|Customer> $rows  of what they are about, by id
     * @param Needs|null $ready what the decision on the first looks at, where it was worked out before the lock
     * @param Closure(ChainResult): bool|null   $unless  it is not to be recorded after all: nothing has happened then
     */
    public function run(
        LockedHouse $locked,
        Occasion $occasion,
        array $changes,
        array $rows,
        ?Needs $ready = null,
        ?Closure $unless = null,
    ): ChainResult {
        $chain = (new Chain(
            $locked->house->router(),
            new ChainSurroundings($locked->house, $this->rows, $locked->rotations),
            $ready,
        ))->run(...$changes);
        if ($unless === null || !$unless($chain)) {
            $this->recorder->record($chain, $locked, $occasion, $rows);
        }

        return $chain;
    }
}

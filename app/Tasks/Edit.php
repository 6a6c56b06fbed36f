<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Snapshot;
use App\Models\People\Person;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Closure;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;

/** A change of one task, and what is put down about it. */
final readonly class Edit
{
    /**
     * @param string                              $occasion what is done, such as "started"
     * @param Closure(TaskSubject, Snapshot): TaskSubject $change
     * @param TaskAction|null $action of the table of transitions; null: an edit that leaves the status alone
     * @param string|null                         $reason   that was given
     * @param list<Happened>                      $happened what happens besides what is changed
     * @param Closure(Task, Person|null): void|null $besides what is written besides, in the same transaction; with the
     *     person in whose place the user acts
     */
    public function __construct(
        public string $occasion,
        public Closure $change,
        public ?TaskAction $action = null,
        public ?string $reason = null,
        public HandoffCause $handoff = HandoffCause::HandOn,
        public array $happened = [],
        public ?Closure $besides = null,
    ) {}

    /** Whether something is said or attached, rather than set off for one rule. */
    public function says(): bool
    {
        return array_filter($this->happened, static fn(Happened $one): bool => !($one instanceof Trigger)) !== [];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** Other tasks, cases and customers, as far as an effect changes them, or makes some. */
interface Reach
{
    /**
     * Makes a task.
     *
     * @param TaskSubject $task   without an id
     * @param bool    $placed it was said whose it is
     * @param bool    $waits  the decision's task waits until it is done
     */
    public function make(TaskSubject $task, bool $placed, bool $waits): void;

    /**
     * Opens a case; the decision's task, where it is in none, belongs to it from then on.
     *
     * @param CaseSubject $case without an id
     */
    public function open(CaseSubject $case): void;

    /** @return list<TaskSubject> the open tasks in a case, as they are by now */
    public function ofCase(string $caseId): array;

    /** @return CustomerSubject|null as it is by now; null: there is none */
    public function customer(string $id): ?CustomerSubject;

    public function change(Subject $before, Subject $after): void;
}

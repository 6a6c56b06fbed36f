<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** Other tasks, as far as an effect changes them. */
interface Reach
{
    /**
     * Makes a task.
     *
     * @param Subject $task   without an id
     * @param bool    $placed it was said whose it is
     * @param bool    $waits  the decision's task waits until it is done
     */
    public function make(Subject $task, bool $placed, bool $waits): void;

    /** @return list<Subject> the other open tasks of a customer, as they are by now */
    public function ofCustomer(string $customerId): array;

    public function change(Subject $before, Subject $after): void;
}

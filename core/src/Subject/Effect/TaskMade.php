<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** Another task is made, for the same customer. */
final readonly class TaskMade implements Effect
{
    /**
     * @param Subject $made   its id is given to it when it comes into being
     * @param bool    $placed it was said whose it is, so that no rule gives it to anybody
     * @param bool    $waits  the task that makes it waits until it is done
     */
    public function __construct(public Subject $made, public bool $placed, public bool $waits) {}

    /** What follows for the task that makes it needs the other's id: the chain does it. */
    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        $title = $this->made->fields['task.title'] ?? '';

        return ['effect' => 'task_made', 'title' => is_string($title) ? $title : '', 'waits' => $this->waits];
    }
}

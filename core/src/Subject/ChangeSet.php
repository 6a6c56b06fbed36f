<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\Facts;

/** What one cause alters on one task at one instant. */
final readonly class ChangeSet
{
    /**
     * @param string       $id     of what is decided upon; unique
     * @param int          $at     instant
     * @param Subject|null $before null: the task is made
     * @param Facts        $facts  the values that criteria see, after the change
     */
    public function __construct(
        public string $id,
        public int $at,
        public ?Subject $before,
        public Subject $after,
        public Facts $facts,
    ) {}

    public function isArrival(): bool
    {
        return $this->before === null;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Subject\ChangeSet;

/**
 * Of a kind of event that happens, rather than follows from how a task has
 * changed. What a rule waits for and what has happened are of one class: in the
 * first a parameter may say that anything will do.
 */
trait Occurs
{
    /** Whether a rule that waits for this takes what has happened. */
    abstract private function takes(self $happened): bool;

    public function isRaisedBy(ChangeSet $change): bool
    {
        foreach ($change->happened as $one) {
            if ($one instanceof self && $this->takes($one)) {
                return true;
            }
        }

        return false;
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->has(self::class);
    }
}

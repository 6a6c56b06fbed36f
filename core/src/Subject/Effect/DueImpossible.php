<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** A due date was asked for in working time that does not come. */
final readonly class DueImpossible implements Effect
{
    public static function code(): string
    {
        return 'due_impossible';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return [];
    }
}

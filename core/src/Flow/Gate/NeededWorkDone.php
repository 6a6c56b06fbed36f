<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\NeededTask;
use OpenBaton\Core\Rulebook\NoParameters;

/** All tasks that are needed for the stage are done, or were dropped by whoever may. */
final readonly class NeededWorkDone implements Gate
{
    use NoParameters;

    public static function kind(): string
    {
        return 'needed_work_done';
    }

    public function missing(CaseView $case, string $stage): array
    {
        return array_map(
            static fn(NeededTask $task): Missing => new Missing(self::kind(), $task->id, $task->holderId),
            $case->openFor($stage),
        );
    }
}

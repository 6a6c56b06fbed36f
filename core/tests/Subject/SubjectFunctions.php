<?php

declare(strict_types=1);

use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

function whole(): TaskSubject
{
    return new TaskSubject(
        't1',
        100,
        new Effort(5, 60, 10, 40),
        TaskStatus::Working,
        Priority::High,
        'ayumi',
        [],
        'femi',
        200,
        300,
        ['rush'],
    );
}

<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Tests\Support\CoverStory;

/** @return list<TaskSubject> tasks as they are once what concerns somebody has moved */
function moved(
    Roster $roster,
    string $person,
    array $tasks,
    string $now,
    array $set = [],
    bool $moved = false,
    array $early = [],
): array {
    foreach (CoverStory::moves($roster, $person, $tasks, $now, $set, $moved, $early) as $move) {
        $tasks = array_map(
            static fn(TaskSubject $one): TaskSubject => $one->id === $move->after->id ? $move->after : $one,
            $tasks,
        );
    }

    return $tasks;
}

/** Covered by Femi since Callum went, due on Tuesday. */
function covered(?Absence $absence = null, string $id = 't'): TaskSubject
{
    return moved(
        CoverStory::roster($absence ?? CoverStory::absence()),
        'callum',
        [CoverStory::task($id, '2026-03-10 12:00')],
        CoverStory::MONDAY,
    )[0];
}

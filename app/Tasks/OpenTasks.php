<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\House\House;

/** Lets everybody of the house see every task, or only those that have to do with it. */
final class OpenTasks
{
    public function __invoke(bool $toAll, Actor $by): House
    {
        return ChangeHouse::set(
            'sight_changed',
            $toAll ? 'let everybody see every task' : 'let people see the tasks that they have to do with',
            $by,
            ['tasks_are_open' => $toAll],
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use OpenBaton\Core\Timer\Occurrence;

/** What has failed at this tick and is tried again at the next. */
final class SkippedTimers
{
    /** @var array<string, true> */
    private array $keys = [];
    /** @var array<string, true> ids, of cases too */
    private array $tasks = [];

    /** @param Occurrence|null $due null: it was not come to */
    public function over(?Occurrence $due, Timer|Task|CustomerCase $found): void
    {
        if ($due === null && !($found instanceof Timer)) {
            $this->tasks[$found->id] = true;
        } else {
            $this->keys[$due->key ?? ($found instanceof Timer ? $found->key : '')] = true;
        }
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->keys));
    }

    /** @return list<string> */
    public function tasks(): array
    {
        return array_map(strval(...), array_keys($this->tasks));
    }
}

<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use OpenBaton\Core\Timer\Occurrence;

/** What has failed at this tick and is tried again at the next. */
final class SkippedTimers
{
    /** @var array<string, true> */
    private array $keys = [];
    /** @var array<string, true> ids of tasks, cases and customers */
    private array $rows = [];

    /** @param Occurrence|null $due null: it was not come to */
    public function over(?Occurrence $due, Timer|Task|CustomerCase|Customer $found): void
    {
        if ($due === null && !($found instanceof Timer)) {
            $this->rows[$found->id] = true;
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
    public function rows(): array
    {
        return array_map(strval(...), array_keys($this->rows));
    }
}

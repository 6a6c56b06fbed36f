<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Access\Actor;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\Runsheet;
use App\Models\Tasks\Task;
use App\Refusals\RunNotStarted;
use Illuminate\Support\Facades\DB;

/** Starts a runsheet by hand, and has its run go on to its first steps. */
final readonly class StartRun
{
    public function __construct(private BeginRun $begin, private GoOn $goOn) {}

    /**
     * A second start of what allows one at a time answers with the first.
     *
     * @throws RunNotStarted where it is about something else, or that is closed
     */
    public function __invoke(Runsheet $sheet, Task|CustomerCase|null $of, Actor $by): Run
    {
        $run = DB::transaction(fn(): Run => $this->begin->byHand($sheet, $of, $by), attempts: 3);
        ($this->goOn)($run->id);

        return $run;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\ChangeCase;
use App\Cases\MoveCase;
use App\Http\Requests\Cases\AskedOfCase;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Flow\OpenWork;

/** What is asked and allowed of a case alike, by people and by programs. */
final readonly class CaseDeeds
{
    public function __construct(private Viewer $viewer, private MoveCase $move, private ChangeCase $change) {}

    public function move(CustomerCase $case, AskedOfCase $asked): CustomerCase
    {
        Gate::authorize('move', $case);
        $asked->given(['to' => ['required', 'string', 'max:120']]);

        return ($this->move)(
            $case,
            $asked->seen(),
            $asked->text('to'),
            $asked->reason(),
            $this->viewer->user()->can('pass', CustomerCase::class),
            $this->viewer->actor(),
        );
    }

    public function close(CustomerCase $case, AskedOfCase $asked): CustomerCase
    {
        Gate::authorize('edit', $case);
        $asked->given([
            'outcome' => ['required', 'string', Rule::in($this->viewer->snapshot()->outcomesOf($case))],
            'open' => ['required', 'in:drop,keep'],
        ]);

        return $this->move->close(
            $case,
            $asked->seen(),
            $asked->text('outcome'),
            OpenWork::from($asked->text('open')),
            $asked->reason(),
            $this->viewer->user()->can('pass', CustomerCase::class),
            $this->viewer->actor(),
        );
    }

    public function reopen(CustomerCase $case, AskedOfCase $asked): CustomerCase
    {
        Gate::authorize('edit', $case);
        $asked->given(['to' => ['required', 'string', 'max:120']]);

        return $this->move->reopen($case, $asked->seen(), $asked->text('to'), $asked->reason(), $this->viewer->actor());
    }

    /** To another owner, or to nobody. */
    public function give(CustomerCase $case, AskedOfCase $asked): CustomerCase
    {
        Gate::authorize('give', $case);
        $to = $asked->given(['to' => ['present', 'nullable', 'string', 'exists:people,slug']])->text('to');

        return $this->change->give(
            $case,
            $asked->seen(),
            $to === '' ? null : $to,
            $asked->reason(),
            HandoffCause::HandOn,
            $this->viewer->actor(),
        );
    }
}

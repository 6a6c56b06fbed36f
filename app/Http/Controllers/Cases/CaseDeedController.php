<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\ChangeCase;
use App\Cases\MoveCase;
use App\Http\Requests\Cases\CaseDeedRequest;
use App\Http\Requests\Cases\CommentOnCaseRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\OpenWork;

/** What people do with a case. */
final class CaseDeedController
{
    public function __construct(
        private readonly Viewer $viewer,
        private readonly MoveCase $move,
        private readonly ChangeCase $change,
    ) {}

    public function move(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('move', $case);
        $given = $request->given(['to' => ['required', 'string', 'max:120']]);

        return self::done(
            ($this->move)(
                $case,
                $given->seen,
                $given->text('to'),
                $given->reason,
                $this->viewer->user()->can('pass', CustomerCase::class),
                $this->viewer->actor(),
            ),
        );
    }

    public function close(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $given = $request->given([
            'outcome' => ['required', 'string', Rule::in($this->viewer->snapshot()->outcomesOf($case))],
            'open' => ['required', 'in:drop,keep'],
        ]);

        return self::done(
            $this->move->close(
                $case,
                $given->seen,
                $given->text('outcome'),
                OpenWork::from($given->text('open')),
                $given->reason,
                $this->viewer->user()->can('pass', CustomerCase::class),
                $this->viewer->actor(),
            ),
        );
    }

    public function reopen(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $given = $request->given(['to' => ['required', 'string', 'max:120']]);

        return self::done(
            $this->move->reopen($case, $given->seen, $given->text('to'), $given->reason, $this->viewer->actor()),
        );
    }

    /** To another owner, or to nobody. */
    public function give(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('give', $case);
        $given = $request->given(['to' => ['present', 'nullable', 'string', 'exists:people,slug']]);
        $to = $given->text('to');

        return self::done(
            $this->change->give(
                $case,
                $given->seen,
                $to === '' ? null : $to,
                $given->reason,
                HandoffCause::HandOn,
                $this->viewer->actor(),
            ),
        );
    }

    /** What nobody owns, for oneself. */
    public function claim(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('claim', $case);
        $given = $request->given([]);

        return self::done(
            $this->change->give(
                $case,
                $given->seen,
                $this->viewer->person()?->slug,
                null,
                HandoffCause::Claim,
                $this->viewer->actor(),
            ),
        );
    }

    public function edit(CustomerCase $case, Request $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $body = Node::parse((string) $request->getContent());
        $body->only(['revision', 'set']);

        return self::done(
            $this->change->fields($case, $body->get('revision')->int(), $body->get('set'), $this->viewer->actor()),
        );
    }

    public function comment(CustomerCase $case, CommentOnCaseRequest $request): RedirectResponse
    {
        $this->change->comment($case, $request->body(), $request->mentions(), $this->viewer->actor());

        return back();
    }

    public function watch(CustomerCase $case, Request $request): JsonResponse
    {
        Gate::authorize('view', $case);
        $request->validate(['watches' => ['required', 'boolean']]);
        $person = $this->viewer->person() ?? abort(403);

        return self::done(
            $this->change->watch($case, $person->slug, $request->boolean('watches'), $this->viewer->actor()),
        );
    }

    private static function done(CustomerCase $case): JsonResponse
    {
        return new JsonResponse(['revision' => $case->revision]);
    }
}

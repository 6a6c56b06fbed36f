<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Cases\ChangeCase;
use App\Cases\MoveCase;
use App\Http\Requests\Cases\ApiCaseRequest;
use App\Http\Requests\Cases\CommentOnCaseRequest;
use App\Http\Revision;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\OpenWork;

/** What programs do with cases in the name of their owners, each once under its key. */
final readonly class CaseWorkController
{
    public function __construct(
        private Viewer $viewer,
        private MoveCase $move,
        private ChangeCase $change,
        private CaseController $cases,
    ) {}

    public function move(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        Gate::authorize('move', $case);
        $to = $request->given(['to' => ['required', 'string', 'max:120']])->text('to');

        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => ($this->move)(
                $case,
                $request->revision(),
                $to,
                $request->reason(),
                $this->viewer->user()->can('pass', CustomerCase::class),
                $this->viewer->actor(),
            ),
        );
    }

    public function close(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $given = $request->given([
            'outcome' => ['required', 'string', Rule::in($this->viewer->snapshot()->outcomesOf($case))],
            'open' => ['required', 'in:drop,keep'],
        ]);

        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => $this->move->close(
                $case,
                $request->revision(),
                $given->text('outcome'),
                OpenWork::from($given->text('open')),
                $request->reason(),
                $this->viewer->user()->can('pass', CustomerCase::class),
                $this->viewer->actor(),
            ),
        );
    }

    public function reopen(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $to = $request->given(['to' => ['required', 'string', 'max:120']])->text('to');

        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => $this->move->reopen(
                $case,
                $request->revision(),
                $to,
                $request->reason(),
                $this->viewer->actor(),
            ),
        );
    }

    /** To another owner; null: to nobody. */
    public function give(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        Gate::authorize('give', $case);
        $to = $request->given(['to' => ['present', 'nullable', 'string', 'exists:people,slug']])->text('to');

        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => $this->change->give(
                $case,
                $request->revision(),
                $to === '' ? null : $to,
                $request->reason(),
                HandoffCause::HandOn,
                $this->viewer->actor(),
            ),
        );
    }

    public function change(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        Gate::authorize('edit', $case);
        $document = Node::parse((string) $request->getContent());
        $document->only(['set']);
        $set = $document->get('set');

        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => $this->change->fields($case, $request->revision(), $set, $this->viewer->actor()),
        );
    }

    public function comment(CustomerCase $case, CommentOnCaseRequest $request): JsonResponse
    {
        return $this->once(
            $request,
            $case,
            fn(): CustomerCase => $this->change->comment(
                $case,
                $request->body(),
                $request->mentions(),
                $this->viewer->actor(),
            ),
        );
    }

    /** @param Closure(): CustomerCase $do */
    private function once(Request $request, CustomerCase $case, Closure $do): JsonResponse
    {
        $replayed = Revision::held($request, $case, fn(): bool => Once::asked($request, $this->viewer->user(), $do));
        $headers = Once::headers($replayed);

        return Gate::allows('view', $case->refresh())
            ? $this->cases->answer($case, 200, $headers)
            : new JsonResponse(null, 204, $headers);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Cases\ChangeCase;
use App\Http\Controllers\Cases\CaseDeeds;
use App\Http\Requests\Cases\ApiCaseRequest;
use App\Http\Requests\Cases\CommentOnCaseRequest;
use App\Http\Revision;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** What programs do with cases in the name of their owners, each once under its key. */
final readonly class CaseWorkController
{
    public function __construct(
        private Viewer $viewer,
        private CaseDeeds $deeds,
        private ChangeCase $change,
        private CaseController $cases,
    ) {}

    public function move(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        return $this->once($request, $case, fn(): CustomerCase => $this->deeds->move($case, $request));
    }

    public function close(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        return $this->once($request, $case, fn(): CustomerCase => $this->deeds->close($case, $request));
    }

    public function reopen(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        return $this->once($request, $case, fn(): CustomerCase => $this->deeds->reopen($case, $request));
    }

    public function give(CustomerCase $case, ApiCaseRequest $request): JsonResponse
    {
        return $this->once($request, $case, fn(): CustomerCase => $this->deeds->give($case, $request));
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
            fn(): CustomerCase => $this->change->fields($case, $request->seen(), $set, $this->viewer->actor()),
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

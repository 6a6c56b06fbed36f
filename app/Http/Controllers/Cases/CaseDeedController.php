<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\ChangeCase;
use App\Http\Requests\Cases\CaseDeedRequest;
use App\Http\Requests\Cases\CommentOnCaseRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\HandoffCause;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** What people do with a case. */
final class CaseDeedController
{
    public function __construct(
        private readonly Viewer $viewer,
        private readonly CaseDeeds $deeds,
        private readonly ChangeCase $change,
    ) {}

    public function move(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        return self::done($this->deeds->move($case, $request));
    }

    public function close(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        return self::done($this->deeds->close($case, $request));
    }

    public function reopen(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        return self::done($this->deeds->reopen($case, $request));
    }

    public function give(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        return self::done($this->deeds->give($case, $request));
    }

    /** What nobody owns, for oneself. */
    public function claim(CustomerCase $case, CaseDeedRequest $request): JsonResponse
    {
        Gate::authorize('claim', $case);

        return self::done(
            $this->change->give(
                $case,
                $request->seen(),
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

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\CaseFilter;
use App\Cases\OpenCase;
use App\Cases\PreviewCase;
use App\Cases\WhatCaseNames;
use App\Explain\ReasonTrail;
use App\Http\Pages\Cases\CasesPage;
use App\Http\Pages\Cases\CaseView;
use App\Http\Pages\Tasks\TaskHistory;
use App\Http\Requests\Cases\CaseListRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Decision;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Cases: as a list, one whole, opened by hand. */
final class CaseController
{
    public function index(CaseListRequest $request, CasesPage $page): Response
    {
        return Inertia::render(
            'Cases/Cases',
            $page->props(CaseFilter::of($request->given()), $request->integer('page', 1)),
        );
    }

    public function show(CustomerCase $case, CaseView $view): Response
    {
        Gate::authorize('view', $case);

        return Inertia::render('Cases/Case', $view->props($case));
    }

    public function store(Request $request, Viewer $viewer, OpenCase $open): JsonResponse
    {
        Gate::authorize('create', CustomerCase::class);
        $document = Node::parse((string) $request->getContent());
        WhatCaseNames::check($document, $viewer->user());
        $case = $open($document, $viewer->actor());

        return new JsonResponse(['id' => $case->id, 'number' => $case->number], 201);
    }

    /** Who would own it. Nothing is changed by it. */
    public function preview(Request $request, Viewer $viewer, PreviewCase $preview): JsonResponse
    {
        Gate::authorize('create', CustomerCase::class);
        $document = Node::parse((string) $request->getContent());
        WhatCaseNames::check($document, $viewer->user());

        return new JsonResponse((new ReasonTrail($viewer->words()))->of($preview($document, $viewer->actor())));
    }

    /** What happened to it before a moment, a page of it. */
    public function history(Request $request, CustomerCase $case, TaskHistory $history): JsonResponse
    {
        Gate::authorize('view', $case);
        $request->validate(['before' => ['required', 'string', 'date_format:Y-m-d\TH:i:s\Z']]);

        return new JsonResponse($history->page($case, CarbonImmutable::parse($request->string('before')->toString())));
    }

    /** The reason trail of one of its decisions. */
    public function decision(CustomerCase $case, Decision $decision, CaseView $view): JsonResponse
    {
        Gate::authorize('view', $case);
        abort_unless($decision->case_id === $case->id, 404);

        return new JsonResponse($view->trail($decision));
    }
}

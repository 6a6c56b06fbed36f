<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Bridge\SnapshotSource;
use App\Cases\CaseDocument;
use App\Cases\ListedCases;
use App\Cases\OpenCase;
use App\Cases\WhatCaseNames;
use App\Http\Requests\Cases\ApiCaseListRequest;
use App\Http\Revision;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** Cases for other systems: listed, one whole, opened; docs/formats/openapi.yaml describes it. */
final readonly class CaseController
{
    public function __construct(private SnapshotSource $houses) {}

    public function index(ApiCaseListRequest $request, ListedCases $listed, Viewer $viewer): JsonResponse
    {
        $house = $this->houses->current();
        $page = $request->page(
            $listed->of($request->filter($viewer->person()?->slug), $viewer->user())->with(CaseDocument::RELATIONS),
        );

        return new JsonResponse([
            'cases' => array_map(
                static fn(mixed $one): array => $one instanceof CustomerCase ? CaseDocument::of($one, $house) : [],
                $page->items(),
            ),
            'next' => $page->nextCursor()?->encode(),
        ]);
    }

    public function show(CustomerCase $case, Request $request): JsonResponse
    {
        Gate::authorize('view', $case);
        $answer = $this->answer($case);
        $answer->isNotModified($request);

        return $answer;
    }

    public function store(Request $request, Viewer $viewer, OpenCase $open): JsonResponse
    {
        Gate::authorize('create', CustomerCase::class);
        [$id, $replayed] = Once::made($request, $viewer->user(), static function () use (
            $request,
            $viewer,
            $open,
        ): string {
            $document = Node::parse((string) $request->getContent());
            WhatCaseNames::check($document, $viewer->user());

            return $open($document, $viewer->actor())->id;
        });
        $case = CustomerCase::query()->findOrFail($id);
        $headers = ['Location' => TaskAnswer::address($request) . "/cases/{$id}"] + Once::headers($replayed);

        // Rules may have given it to somebody else, out of sight of whoever opened it.
        return Gate::allows('view', $case)
            ? $this->answer($case, $replayed ? 200 : 201, $headers)
            : new JsonResponse(null, 204, $headers);
    }

    /**
     * @param CustomerCase          $case as it is by now
     * @param array<string, string> $headers
     */
    public function answer(CustomerCase $case, int $status = 200, array $headers = []): JsonResponse
    {
        $case->load([...CaseDocument::RELATIONS, 'stays']);

        return new JsonResponse(
            CaseDocument::whole($case, $this->houses->current()),
            $status,
            $headers + ['ETag' => Revision::tag($case)],
        );
    }
}

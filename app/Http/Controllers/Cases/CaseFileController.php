<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\AttachToCase;
use App\Http\Controllers\Tasks\TaskFileController;
use App\Http\Pages\Tasks\TaskFiles;
use App\Http\Requests\Tasks\FileRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files of a case: put to it, listed, handed out to whoever sees it. */
final class CaseFileController
{
    /** A page of them: those before "before", the id of a file. */
    public function index(CustomerCase $case, Request $request): JsonResponse
    {
        Gate::authorize('view', $case);
        $request->validate(['before' => ['nullable', 'string', 'ulid']]);

        return new JsonResponse(
            TaskFiles::page($case, $request->filled('before') ? $request->string('before')->lower()->toString() : null),
        );
    }

    public function store(
        CustomerCase $case,
        FileRequest $request,
        Viewer $viewer,
        AttachToCase $attach,
    ): RedirectResponse {
        $attach($case, $request->upload(), $viewer->actor());

        return back();
    }

    public function show(CustomerCase $case, TaskFile $file): StreamedResponse
    {
        Gate::authorize('view', $case);
        abort_unless($file->case_id === $case->id, 404);

        return TaskFileController::sent($file);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Access\Speaker;
use App\Http\Pages\Tasks\TaskFiles;
use App\Http\Requests\Tasks\FileRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use App\Tasks\AttachFile;
use App\Tasks\StoredFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Files of tasks. */
final class TaskFileController
{
    /** Whatever is in a file, nothing of it runs: it is kept, not shown. */
    private const HARMLESS = [
        'Content-Type' => 'application/octet-stream',
        'X-Content-Type-Options' => 'nosniff',
        'Content-Security-Policy' => "default-src 'none'; sandbox",
        'Cache-Control' => 'private, no-store',
    ];

    /** A page of them: those before "before", the id of a file. */
    public function index(Task $task, Request $request): JsonResponse
    {
        Gate::authorize('view', $task);
        $request->validate(['before' => ['nullable', 'string', 'ulid']]);

        return new JsonResponse(
            TaskFiles::page($task, $request->filled('before') ? $request->string('before')->lower()->toString() : null),
        );
    }

    public function store(Task $task, FileRequest $request, Viewer $viewer, AttachFile $attach): RedirectResponse
    {
        $attach($task, $request->upload(), Speaker::user($viewer->user()));

        return back();
    }

    public function show(Task $task, TaskFile $file): StreamedResponse
    {
        Gate::authorize('view', $task);
        abort_unless($file->task_id === $task->id, 404);

        return self::sent($file);
    }

    public static function sent(TaskFile $file): StreamedResponse
    {
        abort_unless(Storage::disk(StoredFile::DISK)->exists($file->path), 404);

        return Storage::disk(StoredFile::DISK)->download($file->path, $file->name, self::HARMLESS);
    }
}

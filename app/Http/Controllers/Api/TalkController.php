<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Access\Speaker;
use App\Http\Requests\Tasks\ApiTalkRequest;
use App\Models\Tasks\Task;
use App\Refusals\KeyMissing;
use App\Tasks\AttachFile;
use App\Tasks\CommentOn;
use Closure;
use Illuminate\Http\JsonResponse;

/** What other systems bring of what customers say, and of files; docs/formats/openapi.yaml describes it. */
final class TalkController
{
    public function comment(Task $task, ApiTalkRequest $request, CommentOn $comment): JsonResponse
    {
        return self::once($request, static fn(Speaker $speaker) => $comment($task, $request->body(), [], $speaker));
    }

    public function file(Task $task, ApiTalkRequest $request, AttachFile $attach): JsonResponse
    {
        return self::once($request, static fn(Speaker $speaker) => $attach($task, $request->upload(), $speaker));
    }

    /** @param Closure(Speaker): Task $do */
    private static function once(ApiTalkRequest $request, Closure $do): JsonResponse
    {
        $replayed = Once::do(
            $request->requestKey() ?? throw KeyMissing::ofMessage(),
            static fn(): Task => $do(Speaker::system($request->owner(), $request->isFromCustomer())),
        );

        return new JsonResponse(['taken' => true], $replayed ? 200 : 201, Once::headers($replayed));
    }
}

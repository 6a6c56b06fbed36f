<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Access\Speaker;
use App\Http\Problems;
use App\Http\Requests\Tasks\ApiTalkRequest;
use App\Models\Access\SentKey;
use App\Models\Tasks\Task;
use App\Refusals\KeyUsedOtherwise;
use App\Tasks\AttachFile;
use App\Tasks\CommentOn;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
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
        $key = $request->requestKey();
        if ($key === null) {
            return Problems::response(
                400,
                'key-missing',
                'An idempotency key is needed.',
                'Send an Idempotency-Key header of 8 to 120 visible characters, a new one for each message.',
            );
        }
        try {
            $do(Speaker::system($request->owner(), $request->isFromCustomer(), $key));
        } catch (UniqueConstraintViolationException $error) {
            $known = SentKey::query()->where('user_id', $key->userId)->where('key', $key->key)->first() ?? throw $error;

            return $known->hash === $key->hash
                ? new JsonResponse(['taken' => true], 200, ['Idempotent-Replayed' => 'true'])
                : throw KeyUsedOtherwise::forMessage();
        }

        return new JsonResponse(['taken' => true], 201);
    }
}

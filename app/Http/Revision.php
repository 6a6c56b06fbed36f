<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use App\Refusals\CaseMovedOn;
use App\Refusals\RevisionRefused;
use App\Refusals\TaskMovedOn;
use Closure;
use Illuminate\Http\Request;

/** The revision of a task or a case as programs say it (RFC 9110): ETag in answers, If-Match in requests. */
final class Revision
{
    public static function tag(Task|CustomerCase $row): string
    {
        return "\"{$row->revision}\"";
    }

    /**
     * @return int|null null: whatever it is
     *
     * @throws RevisionRefused where what was sent is none
     */
    public static function wanted(Request $request): ?int
    {
        $sent = $request->header('If-Match');
        if (!is_string($sent) || trim($sent) === '*') {
            return null;
        }

        return preg_match('/^\s*"(\d{1,9})"\s*$/', $sent, $parts) === 1
            ? (int) $parts[1]
            : throw RevisionRefused::unread();
    }

    /**
     * Does something that looks at the revision; where that has moved, it is told so.
     *
     * @template T
     *
     * @param Closure(): T $do
     *
     * @return T
     *
     * @throws RevisionRefused
     */
    public static function held(Request $request, Task|CustomerCase $row, Closure $do): mixed
    {
        $wanted = self::wanted($request);
        try {
            return $do();
        } catch (TaskMovedOn | CaseMovedOn $moved) {
            $now = $row->newQuery()->whereKey($row->id)->value('revision');
            throw $wanted !== null && $wanted !== $now
                ? RevisionRefused::moved(is_numeric($now) ? (int) $now : 0)
                : $moved;
        }
    }
}

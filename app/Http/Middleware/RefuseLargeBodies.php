<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * Before anything of it is read: what is sent is no larger than what the address takes. Files have a limit of their own
 * (PHP's, and FileRequest's).
 */
final class RefuseLargeBodies
{
    /** Kilobytes. */
    private const USUAL = 2_048;

    /** Kilobytes, where it is something else: what strangers send, and rulebooks, rosters and calendars. */
    private const OTHERS = [
        'stand-ins/web-form' => 64,
        'requests/*' => 12_288,
        'api/v1/tasks/*/files' => 12_288,
        'api/*' => 512,
        'rulebook/draft' => 6_144,
        'rulebook/import' => 6_144,
        'roster/preview' => 6_144,
        'roster/import' => 6_144,
        'absences/calendars/*' => 6_144,
    ];

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!$request->is('tasks/*/files')) {
            $told = (int) $request->headers->get('Content-Length');
            // Where no length is told the body has to be looked at.
            if (($told > 0 ? $told : strlen((string) $request->getContent())) > self::most($request) * 1024) {
                throw new HttpException(413);
            }
        }

        return $next($request);
    }

    private static function most(Request $request): int
    {
        foreach (self::OTHERS as $path => $most) {
            if ($request->is($path)) {
                return $most;
            }
        }

        return self::USUAL;
    }
}

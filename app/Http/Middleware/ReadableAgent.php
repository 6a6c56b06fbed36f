<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What browsers call themselves is kept with their sessions, as a text that can be kept: whatever else it is, nobody is
 * refused for it.
 */
final class ReadableAgent
{
    /** Bytes; the framework cuts what is longer than 500, in the middle of a character perhaps. */
    private const LONGEST = 400;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $agent = (string) $request->headers->get('User-Agent');
        $request->headers->set(
            'User-Agent',
            mb_strcut((string) preg_replace('/[\p{C}]+/u', ' ', mb_scrub($agent)), 0, self::LONGEST),
        );

        return $next($request);
    }
}

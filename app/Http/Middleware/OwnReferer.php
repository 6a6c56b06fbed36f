<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Nobody is sent back to a page of another house: an address that a request says it comes from counts where it is one
 * of ours.
 */
final class OwnReferer
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $from = $request->headers->get('referer');
        if ($from !== null && !str_starts_with("{$from}/", "{$request->getSchemeAndHttpHost()}/")) {
            $request->headers->remove('referer');
        }

        return $next($request);
    }
}

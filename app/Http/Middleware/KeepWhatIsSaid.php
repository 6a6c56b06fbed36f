<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Inertia\Support\Header;
use Symfony\Component\HttpFoundation\Response;

/**
 * What an action says, or what was wrong with a form, is there for the next page
 * that shows it. What a page asks for meanwhile does not show it, and leaves it.
 */
final class KeepWhatIsSaid
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! self::shows($request)) {
            $request->session()->reflash();
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }

    private static function shows(Request $request): bool
    {
        $only = $request->header(Header::PARTIAL_ONLY);
        if ($only !== null) {
            return in_array('notice', explode(',', $only), true);
        }
        if (in_array('notice', explode(',', (string) $request->header(Header::PARTIAL_EXCEPT)), true)) {
            return false;
        }

        return $request->hasHeader(Header::INERTIA) || ! $request->expectsJson();
    }
}

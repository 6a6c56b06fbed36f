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
final class KeepFlash
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (!self::shows($request)) {
            $request->session()->reflash();
        }

        return $next($request);
    }

    private static function shows(Request $request): bool
    {
        return match (true) {
            !$request->hasHeader(Header::INERTIA) => !$request->expectsJson(),
            $request->hasHeader(Header::PARTIAL_ONLY) => self::namesNotice($request, Header::PARTIAL_ONLY),
            default => !self::namesNotice($request, Header::PARTIAL_EXCEPT),
        };
    }

    private static function namesNotice(Request $request, string $header): bool
    {
        return in_array(ShareWithPages::NOTICE, explode(',', (string) $request->header($header)), true);
    }
}

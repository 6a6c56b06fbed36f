<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Foundation\Vite;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What browsers are to make of every answer: nothing runs or is drawn that does
 * not come from here, nobody else puts a page into theirs, and addresses with
 * secrets are told to nobody.
 */
final readonly class SecureHeaders
{
    /** Seconds. */
    private const TLS_FOR = 31_536_000;

    private const ALWAYS = [
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
        'Permissions-Policy' =>
            'camera=(), display-capture=(), geolocation=(), microphone=(), midi=(), payment=(), usb=()',
        'Cross-Origin-Opener-Policy' => 'same-origin',
        'Cross-Origin-Resource-Policy' => 'same-origin',
    ];

    public function __construct(private Vite $vite) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        // Style sheets that stand in a page, or that its script makes, bear this number; scripts come as files.
        $nonce = $this->vite->useCspNonce();
        $response = $next($request);
        foreach (self::ALWAYS as $name => $value) {
            $response->headers->set($name, $value);
        }
        if (!$response->headers->has('Content-Security-Policy')) {
            $response->headers->set('Content-Security-Policy', self::policy($nonce));
        }
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=' . self::TLS_FOR . '; includeSubDomains');
        }

        return $response;
    }

    private static function policy(string $nonce): string
    {
        return implode('; ', [
            "default-src 'none'",
            "script-src 'self'",
            "style-src 'self' 'nonce-{$nonce}'",
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "form-action 'self'",
            "frame-ancestors 'none'",
            "base-uri 'none'",
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use ReflectionNamedType;
use ReflectionParameter;
use Symfony\Component\HttpFoundation\Response;

/**
 * The gate for all input: texts are UTF-8 without control characters, and what
 * stands in an address is a text. Which members a request may have, and how long
 * they are, is for the request or the document to say.
 */
final class RefuseBrokenText
{
    /** Those that are read as texts. */
    private const HEADERS = ['Idempotency-Key', 'Authorization', 'Referer'];

    /** Tabs and line ends belong to texts. */
    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value) && !self::takesLists($request->route())) {
                throw Invalid::at(mb_scrub((string) $name), 'A text belongs here.');
            }
        }
        foreach (self::HEADERS as $header) {
            self::check([$header => $request->headers->get($header)], '');
        }
        self::check($request->query->all(), '');
        self::check($request->isJson() ? $request->json()->all() : $request->request->all(), '');

        return $next($request);
    }

    /** Whether a request says itself which of its members are lists. */
    private static function takesLists(mixed $route): bool
    {
        if (!($route instanceof Route)) {
            return false;
        }
        foreach ($route->signatureParameters() as $parameter) {
            $type = $parameter instanceof ReflectionParameter ? $parameter->getType() : null;
            if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), InputRequest::class)) {
                return true;
            }
        }

        return false;
    }

    /** @param array<array-key, mixed> $values */
    private static function check(array $values, string $path): void
    {
        foreach ($values as $name => $value) {
            foreach ([(string) $name, $value] as $text) {
                if (
                    is_string($text) &&
                    (!mb_check_encoding($text, 'UTF-8') || preg_match(self::CONTROL, $text) === 1)
                ) {
                    throw Invalid::at(mb_scrub($path . $name), 'This is a text in UTF-8, without control characters.');
                }
            }
            if (is_array($value)) {
                self::check($value, "{$path}{$name}.");
            }
        }
    }
}

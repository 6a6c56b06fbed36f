<?php

declare(strict_types=1);

namespace App\Http;

use App\Logging\WithoutValues;
use App\Refusals\Refused;
use App\Words\Words;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Foreseen;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/**
 * Errors as application/problem+json (RFC 9457) for whoever asks for JSON; as a sentence on the page for whoever looks
 * at one.
 */
final class Problems
{
    private const TYPES = 'https://openbaton.example/problems/';

    /** MariaDB, ER_CANT_AGGREGATE_2COLLATIONS. */
    private const MIXED_COLLATIONS = 1267;

    /** The last part of the problem's type by status; its words stand under "problem". */
    private const CODES = [
        403 => 'not-allowed',
        404 => 'not-found',
        405 => 'not-that-way',
        413 => 'too-large',
        419 => 'open-too-long',
        429 => 'too-many-requests',
        500 => 'failed',
        503 => 'closed',
    ];

    /** What has no words of its own. */
    private const OTHER = 'http';

    private const LONGEST_DETAIL = 600;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Foreseen::class]);
        // A text beyond ASCII was compared with ids: it is the id of nothing.
        $exceptions->map(
            QueryException::class,
            static fn(QueryException $error): Throwable => ($error->errorInfo[1] ?? null) === self::MIXED_COLLATIONS
                ? new NotFoundHttpException(previous: $error)
                : $error,
        );
        $exceptions->map(UniqueConstraintViolationException::class, TakenMeanwhile::of(...));
        $exceptions->report(WithoutValues::report(...));
        $exceptions->render(self::render(...));
    }

    /**
     * @param string      $code   the last part of the problem's type
     * @param list<Fault> $faults
     */
    public static function response(
        int $status,
        string $code,
        string $title,
        string $detail,
        array $faults = [],
    ): JsonResponse {
        $words = app(Words::class);

        return new JsonResponse(
            array_filter([
                'type' => self::TYPES . $code,
                'title' => $words->sentence($title),
                'status' => $status,
                'detail' => $words->sentence($detail),
                'errors' => array_map(
                    static fn(Fault $fault): array => [
                        'pointer' => $fault->pointer,
                        'detail' => $words->fault($fault),
                    ] + ($fault->missing === null ? [] : ['missing' => $fault->missing]),
                    $faults,
                ),
            ]),
            $status,
            ['Content-Type' => 'application/problem+json'],
        );
    }

    /** @return array{string, string, string} the last part of the problem's type, its title, and what to do */
    private static function said(int $status): array
    {
        $words = app(Words::class);
        $code = self::CODES[$status] ?? ($status >= 500 ? self::CODES[500] : self::OTHER);
        $path = 'problem.' . str_replace('-', '_', $code);

        return [$code, $words->say("{$path}.title"), $words->say("{$path}.detail")];
    }

    private static function detailOf(Refused $refused): string
    {
        return app(Words::class)->say($refused->detail(), $refused->slots);
    }

    private static function render(Throwable $error, Request $request): ?Response
    {
        $error = Outage::of($error) ?? $error;
        // A page that is open stays, with what was typed on it, while the house can't be reached.
        $stays =
            $request->hasHeader('X-Inertia') &&
            $error instanceof HttpExceptionInterface &&
            $error->getStatusCode() === 503;
        if (!$request->is('api/*') && !$request->expectsJson() && !$stays) {
            return self::toPage($error, $request);
        }

        return match (true) {
            $error instanceof DocumentError => self::response(
                422,
                'not-valid',
                'The document is not valid.',
                FaultsSaid::lines($error),
                $error->faults,
            ),
            $error instanceof ValidationException => self::response(
                422,
                'not-valid',
                'The request is not valid.',
                FaultsSaid::lines($error),
                FaultsSaid::of($error),
            ),
            $error instanceof Refused => self::response(
                $error->status(),
                $error->problem(),
                app(Words::class)->say($error->title()),
                self::detailOf($error),
            ),
            $error instanceof AuthenticationException => self::response(
                401,
                'not-signed-in',
                'Not signed in.',
                'Send a personal token as "Authorization: Bearer …".',
            ),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => self::response(500, ...self::said(500)),
        };
    }

    /**
     * What was asked from a page that is open is answered on it; a page that can't be had is looked for anew, as a
     * whole.
     */
    private static function toPage(Throwable $error, Request $request): ?Response
    {
        if ($error instanceof Refused) {
            return back()->with('problem', self::detailOf($error));
        }
        if ($error instanceof DocumentError || ($error instanceof ValidationException && self::goesRound($request))) {
            return self::notValid(FaultsSaid::lines($error), $request);
        }
        $http = $error instanceof HttpExceptionInterface ? $error : null;
        if (
            $error instanceof ValidationException ||
            $error instanceof AuthenticationException ||
            $error instanceof HttpResponseException ||
            ($http === null && config()->boolean('app.debug'))
        ) {
            return null;
        }
        $status = $http?->getStatusCode() ?? 500;
        [, $title, $detail] = self::said($status);

        return match (true) {
            !$request->hasHeader('X-Inertia') => ProblemPage::of(
                $status,
                $title,
                $detail,
                $status === 503 ? RetryRequest::of($request) : null,
                $http?->getHeaders() ?? [],
            ),
            $request->isMethod('GET') => Inertia::location($request->fullUrl()),
            default => back(303)->with('problem', "{$title} {$detail}"),
        };
    }

    /** Whether whoever is sent back would be sent to the same address. */
    private static function goesRound(Request $request): bool
    {
        $before = url()->previous();
        parse_str((string) parse_url($before, PHP_URL_QUERY), $query);

        return $request->isMethod('GET') &&
            trim((string) parse_url($before, PHP_URL_PATH), '/') === trim($request->path(), '/') &&
            $query === $request->query->all();
    }

    /** There is no page to go back to that would be another one: an address, or a document that a program sent. */
    private static function notValid(string $detail, Request $request): Response
    {
        return match (true) {
            !$request->hasHeader('X-Inertia') => ProblemPage::of(
                422,
                'This was not right.',
                mb_strimwidth($detail, 0, self::LONGEST_DETAIL, '…'),
            ),
            $request->isMethod('GET') => Inertia::location($request->fullUrl()),
            default => back(303)->with('problem', $detail),
        };
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $status = $error->getStatusCode();
        [$code, $title, $detail] = self::said($status);
        $response = self::response($status, $code, $title, $code === self::OTHER ? $error->getMessage() : $detail);
        $response->headers->add($error->getHeaders());
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\MovedOn;
use App\Actions\StillWaits;
use App\Intake\KeyUsedOtherwise;
use App\Logging\WithoutValues;
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
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** Errors as application/problem+json (RFC 9457) for whoever asks for JSON; as a sentence on the page for whoever looks at one. */
final class Problems
{
    private const TYPES = 'https://openbaton.example/problems/';

    /** MariaDB, ER_CANT_AGGREGATE_2COLLATIONS. */
    private const MIXED_COLLATIONS = 1267;

    private const SAID = [
        403 => ['not-allowed', 'Not allowed.', 'You do not have the right to do this.'],
        404 => ['not-found', 'Not found.', 'There is nothing at this address.'],
        405 => ['not-that-way', 'Not that way.', 'This address is not asked in this way.'],
        413 => ['too-large', 'Too large.', 'This is more than is taken at once: a file has at most 10 MB, rules or a roster 4 MB.'],
        419 => ['open-too-long', 'The page was open for too long.', 'Load it again, then do it once more.'],
        429 => ['too-many-requests', 'Too many requests.', 'Wait a moment, then send it again.'],
        500 => ['failed', 'Something failed on our side.', 'Look whether it was done before you do it once more. The error is in the log.'],
        503 => ['closed', 'Closed for a moment.', 'Open Baton is being brought up to date, or too much is asked of it just now. Nothing was changed.'],
    ];

    private const LONGEST_DETAIL = 600;

    /** What has no words of its own. */
    private const REFUSED = ['http', 'The request was not carried out.', 'Go back and try it once more; where that is no help, ask the administrator.'];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([DocumentError::class, MovedOn::class, KeyUsedOtherwise::class]);
        // A text beyond ASCII was compared with ids: it is the id of nothing.
        $exceptions->map(QueryException::class, static fn(QueryException $error): Throwable => ($error->errorInfo[1] ?? null) === self::MIXED_COLLATIONS ? new NotFoundHttpException(previous: $error) : $error);
        $exceptions->map(UniqueConstraintViolationException::class, TakenMeanwhile::of(...));
        $exceptions->report(WithoutValues::report(...));
        $exceptions->render(self::render(...));
    }

    /**
     * @param string      $code   the last part of the problem's type
     * @param list<Fault> $faults
     */
    public static function response(int $status, string $code, string $title, string $detail, array $faults = []): JsonResponse
    {
        return new JsonResponse(array_filter([
            'type' => self::TYPES.$code,
            'title' => $title,
            'status' => $status,
            'detail' => $detail,
            'errors' => array_map(static fn(Fault $fault): array => ['pointer' => $fault->pointer, 'detail' => $fault->reason] + ($fault->missing === null ? [] : ['missing' => $fault->missing]), $faults),
        ]), $status, ['Content-Type' => 'application/problem+json']);
    }

    /** @return array{string, string, string} the last part of the problem's type, its title, and what to do */
    private static function said(int $status): array
    {
        return self::SAID[$status] ?? ($status >= 500 ? self::SAID[500] : self::REFUSED);
    }

    private static function render(Throwable $error, Request $request): ?Response
    {
        $error = Outage::of($error) ?? $error;
        // A page that is open stays, with what was typed on it, while the house can't be reached.
        $stays = $request->hasHeader('X-Inertia') && $error instanceof HttpExceptionInterface && $error->getStatusCode() === 503;
        if (! $request->is('api/*') && ! $request->expectsJson() && ! $stays) {
            return self::toPage($error, $request);
        }

        return match (true) {
            $error instanceof DocumentError => self::response(422, 'not-valid', 'The document is not valid.', $error->getMessage(), $error->faults),
            $error instanceof ValidationException => self::response(422, 'not-valid', 'The request is not valid.', $error->getMessage(), self::faults($error)),
            $error instanceof KeyUsedOtherwise => self::response(422, 'key-used-otherwise', 'The idempotency key was used for another request.', $error->getMessage()),
            $error instanceof StillWaits => self::response(409, 'waits-for-others', 'It waits for other tasks.', $error->getMessage()),
            $error instanceof MovedOn => self::response(409, 'moved-on', 'It has changed in the meantime.', $error->getMessage()),
            $error instanceof AuthenticationException => self::response(401, 'not-signed-in', 'Not signed in.', 'Send a personal token as "Authorization: Bearer …".'),
            $error instanceof HttpExceptionInterface => self::http($error),
            default => self::response(500, ...self::said(500)),
        };
    }

    /** What was asked from a page that is open is answered on it; a page that can't be had is looked for anew, as a whole. */
    private static function toPage(Throwable $error, Request $request): ?Response
    {
        if ($error instanceof MovedOn) {
            return back()->with('problem', $error->getMessage());
        }
        if ($error instanceof DocumentError || ($error instanceof ValidationException && self::goesRound($request))) {
            return self::notValid($error->getMessage(), $request);
        }
        $http = $error instanceof HttpExceptionInterface ? $error : null;
        if ($error instanceof ValidationException || $error instanceof AuthenticationException || $error instanceof HttpResponseException
            || ($http === null && config()->boolean('app.debug'))) {
            return null;
        }
        $status = $http?->getStatusCode() ?? 500;
        [, $title, $detail] = self::said($status);

        return match (true) {
            ! $request->hasHeader('X-Inertia') => self::page($status, $title, $detail, $status === 503 ? Again::of($request) : null, $http?->getHeaders() ?? []),
            $request->isMethod('GET') => Inertia::location($request->fullUrl()),
            default => back(303)->with('problem', "{$title} {$detail}"),
        };
    }

    /** Whether whoever is sent back would be sent to the same address. */
    private static function goesRound(Request $request): bool
    {
        $before = url()->previous();
        parse_str((string) parse_url($before, PHP_URL_QUERY), $query);

        return $request->isMethod('GET') && trim((string) parse_url($before, PHP_URL_PATH), '/') === trim($request->path(), '/') && $query === $request->query->all();
    }

    /** There is no page to go back to that would be another one: an address, or a document that a program sent. */
    private static function notValid(string $detail, Request $request): Response
    {
        return match (true) {
            ! $request->hasHeader('X-Inertia') => self::page(422, 'This was not right.', mb_strimwidth($detail, 0, self::LONGEST_DETAIL, '…')),
            $request->isMethod('GET') => Inertia::location($request->fullUrl()),
            default => back(303)->with('problem', $detail),
        };
    }

    /** @param array<mixed> $headers */
    private static function page(int $status, string $title, string $detail, ?Again $again = null, array $headers = []): Response
    {
        return response()->view('problem', ['status' => $status, 'title' => $title, 'detail' => $detail, 'again' => $again], $status, $headers);
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $status = $error->getStatusCode();
        [$code, $title, $detail] = self::SAID[$status] ?? [self::REFUSED[0], self::REFUSED[1], $error->getMessage()];
        $response = self::response($status, $code, $title, $detail);
        $response->headers->add($error->getHeaders());
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }

    /** @return list<Fault> */
    private static function faults(ValidationException $error): array
    {
        $faults = [];
        foreach ($error->errors() as $field => $reasons) {
            foreach (is_array($reasons) ? $reasons : [] as $reason) {
                if (is_string($reason)) {
                    $faults[] = new Fault('/'.str_replace('.', '/', (string) $field), $reason);
                }
            }
        }

        return $faults;
    }
}

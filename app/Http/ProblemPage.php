<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\Response;

/** A page of its own that says what is wrong, for whoever has no other page open. */
final class ProblemPage
{
    /** @param array<mixed> $headers */
    public static function of(
        int $status,
        string $title,
        string $detail,
        ?RetryRequest $again = null,
        array $headers = [],
    ): Response {
        return response()->view(
            'problem',
            ['status' => $status, 'title' => $title, 'detail' => $detail, 'again' => $again],
            $status,
            $headers,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Access;

/** The idempotency key of a request, and the hash of what it asked for. */
final readonly class RequestKey
{
    private function __construct(public string $userId, public string $key, public string $hash) {}

    /**
     * @param mixed  $header the Idempotency-Key header
     * @param string $asked  all that makes it another request
     *
     * @return self|null null: there is none, or it can be none
     */
    public static function of(string $userId, mixed $header, string $asked): ?self
    {
        return is_string($header) && preg_match('/^[\x21-\x7e]{8,120}$/', $header) === 1
            ? new self($userId, $header, hash('sha256', $asked))
            : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Intake;

/** The idempotency key of a request, and the hash of what it asked for. */
final readonly class RequestKey
{
    public function __construct(public string $userId, public string $key, public string $hash) {}
}

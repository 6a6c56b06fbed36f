<?php

declare(strict_types=1);

namespace App\Refusals;

/** An idempotency key came back with another request. */
final class KeyUsedOtherwise extends Refused
{
    public static function forTask(): self
    {
        return new self('key_used_otherwise.task');
    }

    public static function forMessage(): self
    {
        return new self('key_used_otherwise.message');
    }

    public function status(): int
    {
        return 422;
    }
}

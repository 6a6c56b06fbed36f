<?php

declare(strict_types=1);

namespace App\Refusals;

/** A request that is to be done once came without a key to tell it by. */
final class KeyMissing extends Refused
{
    public static function ofRequest(): self
    {
        return new self('key_missing.request');
    }

    public static function ofTask(): self
    {
        return new self('key_missing.task');
    }

    public static function ofMessage(): self
    {
        return new self('key_missing.message');
    }

    public function status(): int
    {
        return 400;
    }
}

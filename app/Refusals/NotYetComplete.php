<?php

declare(strict_types=1);

namespace App\Refusals;

/** A task of a kind that asks for something before it is completed, which is not there yet. */
final class NotYetComplete extends Refused
{
    /** @param list<string> $missing in words */
    public static function without(array $missing): self
    {
        return new self('not_complete.task', ['missing' => implode(', ', $missing)]);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core;

use InvalidArgumentException;

/** A value that can't be, with what is said of it kept apart from the message. */
final class Refusal extends InvalidArgumentException implements Foreseen
{
    /** @var array<array-key, string|int> */
    public readonly array $slots;

    /** @param string $pattern the message with its slots in braces */
    public function __construct(public readonly string $pattern, string|int ...$slots)
    {
        $this->slots = $slots;
        parent::__construct(Slots::fill($pattern, $slots));
    }
}

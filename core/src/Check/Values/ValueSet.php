<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

/** Some of the values that a field can have, "missing" among them. Two of one field are of one class. */
interface ValueSet
{
    public function isEmpty(): bool;

    public function and(self $other): self;

    public function complement(): self;

    public function but(self $other): self;

    /** Without "missing". */
    public function filled(): self;
}

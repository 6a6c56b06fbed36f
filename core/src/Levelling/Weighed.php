<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What an assignment comes to. */
final readonly class Weighed
{
    /** @param array<array-key, WeighedPerson> $people by id */
    public function __construct(public Cost $cost, public array $people) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** A list of things to tick that the house keeps in one place. */
final readonly class Checklist
{
    /** @param non-empty-list<string> $items */
    public function __construct(public string $id, public string $name, public array $items) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** A due date was asked for in working time that does not come. */
final readonly class DueImpossible implements Effect
{
    public function write(): array
    {
        return ['effect' => 'due_impossible'];
    }
}

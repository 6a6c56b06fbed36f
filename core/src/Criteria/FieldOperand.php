<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** Another field to compare with. */
final readonly class FieldOperand
{
    public function __construct(public string $path) {}
}

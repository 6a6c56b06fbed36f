<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

final readonly class MergedField
{
    /** @param string|null $otherwise what is said where it is empty */
    public function __construct(public string $path, public ?string $otherwise) {}
}

<?php

declare(strict_types=1);

namespace App\Tables;

/** How a table writes what countries write in different ways. */
final readonly class Notation
{
    /**
     * @param string    $decimal  the mark before decimals
     * @param bool|null $dayFirst whether 03/04/2026 is in April; null: the table does not tell
     */
    public function __construct(public string $decimal = '.', public ?bool $dayFirst = null) {}
}

<?php

declare(strict_types=1);

namespace App\Rules;

use OpenBaton\Core\Check\Finding;

/** What a check has found, with what it is known by while the rules that it names are as they are. */
final readonly class SignedFinding
{
    public function __construct(public Finding $finding, public string $signature) {}
}

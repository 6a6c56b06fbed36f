<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Rulebook\Rule;

/** The rules of a version, read. */
final readonly class VersionRules
{
    /** @param list<Rule> $rules */
    public function __construct(public string $number, public array $rules) {}
}

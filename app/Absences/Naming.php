<?php

declare(strict_types=1);

namespace App\Absences;

/** That the house names a person outside of its rules. */
final readonly class Naming
{
    /**
     * @param string                    $where rotation, responsible, deputy, customers or field
     * @param array<string, string|int> $slots what it is called, how many there are
     * @param bool                      $needed somebody has to answer there while they are away
     */
    public function __construct(public string $where, public array $slots, public bool $needed) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What an assignment would be like with some tasks elsewhere. */
final readonly class Change
{
    /**
     * @param array<int, string>       $to    person by place of the task
     * @param array<string, list<int>> $held  of the people whom it touches
     * @param array<string, int>       $late  likewise
     * @param array<string, Fraction>  $peaks likewise
     * @param array<string, array<string, int>> $with how many open tasks, by customer whom it touches and person
     */
    public function __construct(
        public array $to,
        public array $held,
        public array $late,
        public array $peaks,
        public array $with,
        public Cost $cost,
    ) {}
}

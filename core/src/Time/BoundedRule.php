<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use DateTimeInterface;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\Recur\RRuleIterator;

/**
 * The days of a recurrence rule (RFC 5545, 3.3.10), found in so many steps at
 * the most. The library looks for the next day until it finds one, and so
 * without end for what never comes, such as 30 February. Whatever recurs goes
 * through here.
 */
final class BoundedRule extends RRuleIterator
{
    /** @throws InvalidDataException where it is no recurrence rule */
    public function __construct(string $rule, DateTimeInterface $start, private readonly Steps $steps)
    {
        parent::__construct($rule, CountedDate::of($start, $steps));
    }

    public function next(): void
    {
        $this->steps->take();
        parent::next();
    }

    /** @return array<array-key, mixed> days of the month */
    protected function getMonthlyOccurrences(): array
    {
        $this->steps->take();

        return parent::getMonthlyOccurrences();
    }
}

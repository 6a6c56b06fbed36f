<?php

declare(strict_types=1);

namespace OpenBaton\Core\Figures;

/** What came in and what ended in some time, of some tasks. */
final readonly class Figures
{
    /**
     * @param int          $late    of those done, after they were due
     * @param Typical|null $touched minutes of working time until somebody began one; null: none was done
     * @param Typical|null $took    minutes until one was done
     */
    public function __construct(
        public int $arrived,
        public int $done,
        public int $dropped,
        public int $late,
        public ?Typical $touched,
        public ?Typical $took,
    ) {}
}

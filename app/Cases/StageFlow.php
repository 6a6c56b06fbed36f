<?php

declare(strict_types=1);

namespace App\Cases;

/** What stands in a stage, and what passed through it in the last weeks. Times are minutes of working time. */
final readonly class StageFlow
{
    /**
     * @param int|null $target  null: none
     * @param int      $open    cases that stand there
     * @param int      $late    of these, longer than the target
     * @param int|null $stands  as long as half of them at least; null: there are none
     * @param int|null $longest
     * @param int|null $stood   as long as half of those at least that have left it; null: none has
     * @param int      $on      have left it forwards
     * @param int      $back    have left it backwards
     * @param int      $opened  began there
     * @param int      $closed  ended there
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?int $target,
        public int $open,
        public int $late,
        public ?int $stands,
        public ?int $longest,
        public ?int $stood,
        public int $on,
        public int $back,
        public int $opened,
        public int $closed,
    ) {}
}

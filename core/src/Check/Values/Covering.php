<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use OverflowException;

/** Whether several terms together hold wherever one does: it is split by them until a part is found that none takes. */
final class Covering
{
    /** Parts that are looked at; beyond that it is not known. */
    private const MOST = 20_000;

    /** @var array<int, true> places of the terms that take a part of it */
    private array $used = [];

    private int $looked = 0;

    /** @param list<Term> $by */
    private function __construct(private readonly array $by) {}

    /**
     * @param list<Term> $by
     *
     * @return list<int>|null places of those that take a part of it, in order; null: something is left
     *
     * @throws OverflowException
     */
    public static function of(Term $term, array $by): ?array
    {
        $covering = new self($by);
        if ($covering->leaves($term, 0)) {
            return null;
        }
        ksort($covering->used);

        return array_keys($covering->used);
    }

    /** @param int $from place of the first term that may take something of it */
    private function leaves(Term $term, int $from): bool
    {
        if (++$this->looked > self::MOST) {
            throw new OverflowException();
        }
        for ($place = $from; $place < count($this->by); ++$place) {
            if ($term->and($this->by[$place]) === null) {
                continue;
            }
            $this->used[$place] = true;
            foreach ($term->but($this->by[$place]) as $part) {
                if ($this->leaves($part, $place + 1)) {
                    return true;
                }
            }

            return false;
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;

/**
 * A half-open stretch of time: $from is inside, $to is not.
 *
 * Both are instants. An instant, everywhere in the core, is a whole count of
 * seconds since 1970-01-01T00:00:00Z.
 */
final readonly class Span
{
    public function __construct(public int $from, public int $to)
    {
        if ($to <= $from) {
            throw new InvalidArgumentException('A span must end after it begins.');
        }
    }

    public function seconds(): int
    {
        return $this->to - $this->from;
    }

    public function contains(int $instant): bool
    {
        return $this->from <= $instant && $instant < $this->to;
    }

    /** The part that lies in [$from, $to), or null where they do not meet. */
    public function within(int $from, int $to): ?self
    {
        $start = max($this->from, $from);
        $end = min($this->to, $to);

        return $start < $end ? new self($start, $end) : null;
    }

    /**
     * Joins what touches or overlaps.
     *
     * @param list<self> $spans in any order
     *
     * @return list<self> in order, apart from each other
     */
    public static function union(array $spans): array
    {
        usort($spans, static fn(self $a, self $b): int => $a->from <=> $b->from ?: $a->to <=> $b->to);
        $joined = [];
        foreach ($spans as $span) {
            $last = array_pop($joined);
            if ($last === null) {
                $joined[] = $span;
            } elseif ($span->from <= $last->to) {
                $joined[] = new self($last->from, max($last->to, $span->to));
            } else {
                array_push($joined, $last, $span);
            }
        }

        return $joined;
    }

    /**
     * What is left of $spans when $blocks are taken away.
     *
     * @param list<self> $spans
     * @param list<self> $blocks
     *
     * @return list<self>
     */
    public static function subtract(array $spans, array $blocks): array
    {
        foreach ($blocks as $block) {
            $left = [];
            foreach ($spans as $span) {
                if ($block->to <= $span->from || $span->to <= $block->from) {
                    $left[] = $span;

                    continue;
                }
                if ($span->from < $block->from) {
                    $left[] = new self($span->from, $block->from);
                }
                if ($block->to < $span->to) {
                    $left[] = new self($block->to, $span->to);
                }
            }
            $spans = $left;
        }

        return $spans;
    }
}

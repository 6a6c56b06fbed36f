<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** How far a block of a run is. */
enum StepState: string
{
    case NotReached = 'not_reached';
    case Open = 'open';
    case Done = 'done';
    case Skipped = 'skipped';
    case Dropped = 'dropped';
    /** Its work was dropped though it is needed: it settles nothing until somebody decides. */
    case Stopped = 'stopped';

    /** It is at work, or somebody has to say how it goes on. */
    public function isBegun(): bool
    {
        return $this === self::Open || $this === self::Stopped;
    }

    public function isSettled(): bool
    {
        return $this === self::Done || $this === self::Skipped || $this === self::Dropped;
    }

    /**
     * What a block is once all in it are settled: done if a step in it is.
     *
     * @param list<self> $states of what is in it
     */
    public static function ofAll(array $states): self
    {
        return match (true) {
            in_array(self::Done, $states, true) => self::Done,
            in_array(self::Dropped, $states, true) => self::Dropped,
            default => self::Skipped,
        };
    }
}

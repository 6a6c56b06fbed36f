<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** A change that a decision makes. */
interface Effect
{
    /** By what it goes in the trace, and under which its sentence is. */
    public static function code(): string;

    /**
     * The decision's own subject, or the case of its task, as it is after it: what it does not change it leaves.
     *
     * @template T of Subject
     *
     * @param T $subject
     *
     * @return T
     */
    public function on(Subject $subject): Subject;

    /** @return array<string, mixed> what its sentence needs, as the trace keeps it */
    public function write(): array;
}

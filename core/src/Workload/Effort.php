<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use InvalidArgumentException;

/**
 * What is known of the time that a task takes, in minutes.
 *
 * What remains is its remaining estimate, else its estimate less the time
 * spent, else the default of its kind; never below zero.
 */
final readonly class Effort
{
    public function __construct(
        public int $default = 0,
        public ?int $estimate = null,
        public int $spent = 0,
        public ?int $remaining = null,
    ) {
        if ($default < 0 || $spent < 0 || ($estimate ?? 0) < 0 || ($remaining ?? 0) < 0) {
            throw new InvalidArgumentException('Minutes of effort are not negative.');
        }
    }

    /** @param int|null $spent minutes in all; null: as it stands */
    public function spending(?int $spent): self
    {
        return $spent === null ? $this : new self($this->default, $this->estimate, max(0, $spent), $this->remaining);
    }

    /** @param int $people among whom what is left of it is shared evenly, in whole minutes */
    public function sharedBy(int $people): self
    {
        return $people < 2
            ? $this
            : new self($this->default, $this->estimate, $this->spent, intdiv($this->left() + $people - 1, $people));
    }

    public function left(): int
    {
        if ($this->remaining !== null) {
            return $this->remaining;
        }
        if ($this->estimate !== null) {
            return max(0, $this->estimate - $this->spent);
        }

        return $this->default;
    }
}

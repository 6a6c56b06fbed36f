<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Time\WorkingTime;

/** Where a case has stood, one stay after the other. */
final readonly class Stays
{
    /** @param non-empty-list<Stay> $all the last is left where the case is closed */
    public function __construct(public array $all) {}

    public static function begin(string $stage, int $at): self
    {
        return new self([new Stay($stage, $at)]);
    }

    public function current(): Stay
    {
        return $this->all[count($this->all) - 1];
    }

    public function isClosed(): bool
    {
        return $this->current()->leftAt !== null;
    }

    /**
     * @param list<ClosedGate> $passed
     *
     * @throws CaseRefused where it is closed, or stands there
     */
    public function move(string $stage, int $at, array $passed = [], ?string $reason = null): self
    {
        if ($this->isClosed() || $this->current()->stage === $stage) {
            throw new CaseRefused();
        }

        return $this->enter($stage, $at, $passed, $reason);
    }

    /** @throws CaseRefused where it is closed already */
    public function close(int $at): self
    {
        return $this->isClosed() ? throw new CaseRefused() : new self($this->leaving($at));
    }

    /** @throws CaseRefused where it is open */
    public function reopen(string $stage, int $at): self
    {
        return $this->isClosed() ? $this->enter($stage, $at, [], null) : throw new CaseRefused();
    }

    /**
     * Minutes of working time in each stay, up to an instant.
     *
     * @return list<int>
     */
    public function minutes(WorkingTime $house, int $now): array
    {
        return array_map(
            static fn(Stay $stay): int => $house->minutesBetween($stay->enteredAt, min($now, $stay->leftAt ?? $now)),
            $this->all,
        );
    }

    /** @param list<ClosedGate> $passed */
    private function enter(string $stage, int $at, array $passed, ?string $reason): self
    {
        $since = max($at, $this->current()->enteredAt);

        return new self([...$this->leaving($since), new Stay($stage, $since, null, $passed, $reason)]);
    }

    /** @return non-empty-list<Stay> */
    private function leaving(int $at): array
    {
        return $this->isClosed()
            ? $this->all
            : array_values([...array_slice($this->all, 0, -1), $this->current()->left($at)]);
    }
}

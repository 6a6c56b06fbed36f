<?php

declare(strict_types=1);

namespace App\Bridge;

/** Gives the house as it is at a moment. */
final readonly class Houses
{
    public function __construct(
        private SnapshotSource $snapshots,
        private RulebookReader $rulebooks,
        private TextWords $words,
    ) {}

    /** Without waiting: it may be otherwise by the time of a lock. */
    public function now(): HouseAt
    {
        return $this->at(HouseState::read());
    }

    /** As it was when somebody on this machine last looked, which is nearly always how it is. */
    public function recent(): HouseAt
    {
        return $this->at($this->snapshots->recent());
    }

    /**
     * Waits for the lock, within a transaction.
     *
     * @param HouseAt|null $ready made before the lock: it is used where the house still decides like it
     */
    public function lock(?HouseAt $ready = null): LockedHouse
    {
        $state = HouseState::lock();

        return new LockedHouse(
            $ready !== null && $ready->state->decidesLike($state) ? $ready->in($state) : $this->at($state),
            new RotationStore(),
        );
    }

    private function at(HouseState $state): HouseAt
    {
        return new HouseAt($state, $this->snapshots->at($state), $this->rulebooks, $this->words);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;

/** Who holds a task, who reviews it, and for whom they do. */
trait InSeats
{
    /**
     * @param list<string>  $openTo   who may claim it, where nobody holds it
     * @param Covering|null $covering where they hold it for somebody who is away
     */
    public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): self
    {
        $passed = $this->holderId !== null && $this->holderId !== $personId;

        return $this->with([
            'holderId' => $personId,
            'openTo' => $openTo,
            'covering' => $covering,
            'previousHolderId' => $passed ? $this->holderId : $this->previousHolderId,
        ]);
    }

    /** @param Covering|null $covering where they review it for somebody who is away */
    public function reviewedBy(?string $personId, ?Covering $covering = null): self
    {
        return $this->with(['reviewerId' => $personId, 'reviewCovering' => $covering]);
    }

    public function occupant(SeatName $seat): ?string
    {
        return $seat === SeatName::Reviewer ? $this->reviewerId : $this->holderId;
    }

    /** Who is in the seat beside it. */
    public function beside(SeatName $seat): ?string
    {
        return $this->occupant($seat->other());
    }

    public function coveringOf(SeatName $seat): ?Covering
    {
        return $seat === SeatName::Reviewer ? $this->reviewCovering : $this->covering;
    }

    public function seated(SeatName $seat, ?string $personId, ?Covering $covering): self
    {
        return $seat === SeatName::Reviewer
            ? $this->reviewedBy($personId, $covering)
            : $this->heldBy($personId, [], $covering);
    }
}

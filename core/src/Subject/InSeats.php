<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Workload\TaskStatus;

/** Who holds a task, who reviews it, and for whom they do. */
trait InSeats
{
    /**
     * @param list<string>  $openTo   who may claim it, where nobody holds it
     * @param Covering|null $covering where they hold it for somebody who is away
     */
    public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): static
    {
        $passed = $this->holderId !== null && !in_array($personId, $this->holderIds(), true);

        return $this->with([
            'holderId' => $personId,
            'sharing' => null,
            'openTo' => $openTo,
            'covering' => $covering,
            'previousHolderId' => $passed ? $this->holderId : $this->previousHolderId,
            // Somebody else has it now.
            'toHandOn' => $this->toHandOn && $this->holderId === $personId,
        ]);
    }

    /** @param non-empty-list<string> $personIds in order; one of them alone shares it with nobody */
    public function heldTogether(array $personIds, bool $doTogether = false): static
    {
        $others = array_slice($personIds, 1);
        $held = $this->heldBy($personIds[0]);

        return $held->with([
            'sharing' => $others === [] ? null : new Sharing($others, $doTogether),
            // Nobody held it before who holds it still.
            'previousHolderId' => in_array($this->holderId, $personIds, true)
                ? $this->previousHolderId
                : $held->previousHolderId,
        ]);
    }

    /** What one of several holds passes to somebody else, or to nobody; the others have it still. */
    public function passedBy(string $personId, ?string $toId): static
    {
        $ids = array_map(static fn(string $id): ?string => $id === $personId ? $toId : $id, $this->holderIds());
        $left = array_values(array_unique(array_filter($ids, is_string(...))));

        return $left === [] ? $this->heldBy(null) : $this->heldTogether($left, $this->sharing?->doTogether === true);
    }

    /** Whoever of several begins to work on it has it alone from then on, unless they do it together. */
    public function begunBy(string $personId, self $before): static
    {
        $begins =
            $this->status !== $before->status &&
            in_array($this->status, [TaskStatus::Working, TaskStatus::InReview, TaskStatus::Done], true);

        return $begins && $this->sharing?->doTogether === false && in_array($personId, $this->holderIds(), true)
            ? $this->heldBy($personId)
            : $this;
    }

    /** @return list<string> all who hold it */
    public function holderIds(): array
    {
        return $this->holderId === null ? [] : [$this->holderId, ...$this->sharing->withIds ?? []];
    }

    /** @return list<string> all who are in a seat */
    public function inSeat(SeatName $seat): array
    {
        return match ($seat) {
            SeatName::Holder => $this->holderIds(),
            SeatName::Reviewer => $this->reviewerId === null ? [] : [$this->reviewerId],
            SeatName::Owner => [],
        };
    }

    /** Only what is in review has a reviewer, and no task an owner. */
    public function hasSeat(SeatName $seat): bool
    {
        return $seat === SeatName::Holder || ($seat === SeatName::Reviewer && $this->status === TaskStatus::InReview);
    }

    /** @param Covering|null $covering where they review it for somebody who is away */
    public function reviewedBy(?string $personId, ?Covering $covering = null): static
    {
        return $this->with(['reviewerId' => $personId, 'reviewCovering' => $covering]);
    }

    public function coveringOf(SeatName $seat): ?Covering
    {
        return $seat === SeatName::Reviewer ? $this->reviewCovering : $this->covering;
    }

    public function seated(SeatName $seat, ?string $personId, ?Covering $covering): static
    {
        return $seat === SeatName::Reviewer
            ? $this->reviewedBy($personId, $covering)
            : $this->heldBy($personId, [], $covering);
    }
}

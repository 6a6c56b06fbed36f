<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/**
 * A yes or no that some people have to give. It is settled as soon as its outcome is certain; what is still open then
 * is not asked for any more.
 */
final readonly class Approval
{
    /**
     * @param list<ApprovalPlace> $places in order
     * @param int                 $askedAt   instant
     * @param int|null            $latest    instant at which it is over without an answer
     * @param int|null            $settledAt instant
     */
    public function __construct(
        public ApprovalRule $rule,
        public array $places,
        public int $askedAt,
        public ?int $latest = null,
        public ?ApprovalOutcome $outcome = null,
        public ?int $settledAt = null,
    ) {}

    /**
     * @param list<string> $people a pool, or some who are named, in order; those who may not be asked are left out
     * @param int          $at     instant
     */
    public static function ask(
        ApprovalRule $rule,
        array $people,
        Approvers $approvers,
        int $at,
        ?int $latest = null,
    ): self {
        $places = $asked = [];
        foreach (array_values(array_unique($people)) as $personId) {
            if (!$approvers->mayBeAsked($personId)) {
                continue;
            }
            $by = $approvers->answererFor($personId, $asked);
            $places[] = new ApprovalPlace($personId, $by);
            $asked = $by === null ? $asked : [...$asked, $by];
        }

        return (new self($rule, $places, $at, $latest))->settled($at);
    }

    public function isSettled(): bool
    {
        return $this->outcome !== null;
    }

    /** @return list<int> the places that are asked now */
    public function asks(): array
    {
        $waiting = array_keys(
            array_filter($this->places, static fn(ApprovalPlace $place): bool => $place->isWaiting()),
        );

        return match (true) {
            $this->isSettled() => [],
            $this->rule->inOrder => array_slice($waiting, 0, 1),
            default => $waiting,
        };
    }

    /** @return int|null the place that somebody is asked for now; null: none */
    public function placeOf(string $personId): ?int
    {
        foreach ($this->asks() as $place) {
            if ($this->places[$place]->byId === $personId) {
                return $place;
            }
        }

        return null;
    }

    /** Whether somebody has given an answer in some place. */
    public function hasAnswered(string $personId): bool
    {
        foreach ($this->places as $place) {
            if ($place->vote !== null && $place->byId === $personId) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param string|null $reason of a no
     *
     * @throws NotAsked where it is settled, or others are asked
     */
    public function answer(string $byId, Vote $vote, ?string $reason, int $at): self
    {
        $place = $this->placeOf($byId) ?? throw new NotAsked();

        return $this->with($place, $this->places[$place]->answered($vote, $reason, $at))->settled($at);
    }

    /**
     * Somebody is not the one who should answer.
     *
     * @param string|null $toId who should; where they may not be asked, or are asked already, the place is vacant
     *
     * @throws NotAsked where it is settled, or others are asked
     */
    public function handOn(string $byId, ?string $toId, Approvers $approvers, int $at): self
    {
        $place = $this->placeOf($byId) ?? throw new NotAsked();
        $asked = array_values(array_filter(array_column($this->places, 'byId'), is_string(...)));
        $by =
            $toId !== null && $approvers->mayBeAsked($toId) && !in_array($toId, $asked, true)
                ? $approvers->answererFor($toId, $asked)
                : null;

        return $this->with(
            $place,
            new ApprovalPlace($by === null ? $this->places[$place]->forId : $toId ?? '', $by),
        )->settled($at);
    }

    /** @throws NotAsked where it is settled */
    public function withdraw(int $at): self
    {
        return $this->isSettled() ? throw new NotAsked() : $this->ended(ApprovalOutcome::Withdrawn, $at);
    }

    /** As it is at an instant: its latest moment may have come. */
    public function at(int $instant): self
    {
        return !$this->isSettled() && $this->latest !== null && $instant >= $this->latest
            ? $this->ended(ApprovalOutcome::NoAnswer, $this->latest)
            : $this;
    }

    /**
     * As it is where nobody has answered: what was to be approved may be closed, tasks of some places may be over, and
     * its latest moment may have come.
     *
     * @param bool      $isOpen what is to be approved is
     * @param list<int> $over   places whose tasks are over
     */
    public function unanswered(bool $isOpen, array $over, int $at): self
    {
        if ($this->isSettled()) {
            return $this;
        }
        if (!$isOpen) {
            return $this->withdraw($at);
        }
        $left = $this;
        foreach ($over as $place) {
            $left = $left->vacated($place, $at);
        }

        return $left->at($at);
    }

    /** A place is nobody's any more, as where its task was dropped. */
    public function vacated(int $place, int $at): self
    {
        return $this->isSettled() || !$this->places[$place]->isWaiting()
            ? $this
            : $this->with($place, new ApprovalPlace($this->places[$place]->forId, null))->settled($at);
    }

    /**
     * With who answers for each of those that wait, as they have come to others since.
     *
     * @param array<int, string> $answerers by place
     */
    public function answeredBy(array $answerers): self
    {
        $places = [];
        foreach ($this->places as $number => $place) {
            $places[] =
                $place->isWaiting() && isset($answerers[$number])
                    ? new ApprovalPlace($place->forId, $answerers[$number])
                    : $place;
        }

        return new self($this->rule, $places, $this->askedAt, $this->latest, $this->outcome, $this->settledAt);
    }

    private function with(int $at, ApprovalPlace $place): self
    {
        return new self(
            $this->rule,
            array_values(array_replace($this->places, [$at => $place])),
            $this->askedAt,
            $this->latest,
        );
    }

    private function settled(int $at): self
    {
        $outcome = $this->certain();

        return $outcome === null ? $this : $this->ended($outcome, $at);
    }

    private function ended(ApprovalOutcome $outcome, int $at): self
    {
        return new self($this->rule, $this->places, $this->askedAt, $this->latest, $outcome, $at);
    }

    /** @return ApprovalOutcome|null null: it may still become one or the other */
    private function certain(): ?ApprovalOutcome
    {
        $count = fn(callable $fits): int => count(array_filter($this->places, $fits));
        $needed = $this->rule->needed(count($this->places));
        $yes = $count(static fn(ApprovalPlace $one): bool => $one->vote === Vote::Yes);
        $waiting = $count(static fn(ApprovalPlace $one): bool => $one->isWaiting());
        $people = $count(static fn(ApprovalPlace $one): bool => !$one->isVacant());

        return match (true) {
            $yes >= $needed => ApprovalOutcome::Yes,
            // Too few people, whatever they say, is nobody's no.
            $people < $needed => ApprovalOutcome::Nobody,
            $yes + $waiting < $needed => ApprovalOutcome::No,
            default => null,
        };
    }
}

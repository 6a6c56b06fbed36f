<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/** Who is in a seat of the task after a decision, or may take it. */
final readonly class Seat
{
    /**
     * @param list<string>  $openTo   who may claim it; empty where somebody holds it
     * @param Sharing|null  $sharing  with whom they have it together
     * @param Covering|null $covering where they get it for somebody who is away
     */
    private function __construct(
        public SeatName $name,
        public Outcome $outcome,
        public ?string $personId,
        public array $openTo,
        private ?Covering $covering = null,
        public ?Sharing $sharing = null,
    ) {}

    public static function filledBy(Attempt $attempt, SeatName $name, ChangeSet $change): self
    {
        if ($attempt->kept) {
            return self::asItIs($change->after, $name);
        }
        $personId = $attempt->choice->personId ?? $attempt->fallback?->personId;
        if ($personId !== null) {
            $covering = $attempt->cover()?->covering();

            return new self($name, Outcome::Assigned, $personId, [], $covering, $attempt->choice?->sharing);
        }
        $openTo =
            $attempt->choice === null
                ? $attempt->fallback->openTo ?? []
                : array_map(strval(...), array_keys($attempt->choice->figures));
        // Only where the rule says that it waits is a task taken from whoever has it.
        if ($openTo === [] && $attempt->fallback?->waits !== true && !$change->isArrival()) {
            return self::asItIs($change->after, $name);
        }

        return new self($name, $openTo === [] ? Outcome::Unplaced : Outcome::Open, null, $openTo);
    }

    /** How it is where no rule decides. */
    public static function asItIs(Subject $subject, ?SeatName $name = null): self
    {
        $name ??= $subject::mainSeat();
        $occupant = $subject->occupant($name);
        $isMain = $name !== SeatName::Reviewer;

        return new self(
            $name,
            match (true) {
                $occupant !== null => Outcome::Kept,
                $isMain && $subject->openTo !== [] => Outcome::Open,
                default => Outcome::Unplaced,
            },
            $occupant,
            $isMain ? $subject->openTo : [],
            sharing: $isMain && $subject instanceof TaskSubject ? $subject->sharing : null,
        );
    }

    /**
     * @template T of Subject
     *
     * @param T $subject
     *
     * @return T
     */
    public function on(Subject $subject): Subject
    {
        return match (true) {
            // Whoever keeps it keeps it as they had it.
            $this->outcome === Outcome::Kept => $subject,
            $this->name === SeatName::Reviewer => $subject->seated($this->name, $this->personId, $this->covering),
            $subject instanceof TaskSubject && $this->personId !== null && $this->sharing !== null
                => $subject->heldTogether([$this->personId, ...$this->sharing->withIds], $this->sharing->doTogether),
            default => $subject->heldBy($this->personId, $this->openTo, $this->covering),
        };
    }
}

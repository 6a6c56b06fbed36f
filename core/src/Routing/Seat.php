<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** Who holds the task after a decision, or may claim it. */
final readonly class Seat
{
    /** @param list<string> $openTo who may claim it; empty where somebody holds it */
    private function __construct(public Outcome $outcome, public ?string $personId, public array $openTo) {}

    public static function filledBy(Attempt $attempt, Subject $subject): self
    {
        if ($attempt->kept) {
            return new self(Outcome::Kept, $subject->holderId, []);
        }
        $personId = $attempt->choice->personId ?? $attempt->fallback?->personId;
        if ($personId !== null) {
            return new self(Outcome::Assigned, $personId, []);
        }
        $openTo = $attempt->choice === null
            ? $attempt->fallback->openTo ?? []
            : array_map(strval(...), array_keys($attempt->choice->figures));

        return new self($openTo === [] ? Outcome::Unplaced : Outcome::Open, null, $openTo);
    }

    /** Where no rule decides: what arrives is unplaced, what somebody holds stays with them. */
    public static function left(ChangeSet $change): self
    {
        return $change->isArrival() ? new self(Outcome::Unplaced, null, []) : self::asItIs($change->after);
    }

    public static function asItIs(Subject $subject): self
    {
        return new self(match (true) {
            $subject->holderId !== null => Outcome::Kept,
            $subject->openTo !== [] => Outcome::Open,
            default => Outcome::Unplaced,
        }, $subject->holderId, $subject->openTo);
    }
}

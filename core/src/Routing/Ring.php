<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use InvalidArgumentException;
use OpenBaton\Core\People\Membership;

/**
 * The state of a rotation: a mark for everyone in it, and a now.
 *
 * Stride scheduling. One turn of a person with weight w is a stride of
 * 10^9 / w. A new member's mark is now and half a stride. Of those who may be
 * chosen, marks below now are raised to now; the lowest mark wins, ties by the
 * mark before it was raised, then by ring order; now becomes the winner's mark
 * and never falls; the winner's mark grows by a stride. So the turns of any two
 * of equal weight who could both be chosen throughout differ by at most 1,
 * whoever else comes and goes.
 *
 * Were ties of raised marks left to ring order alone, somebody late in the
 * ring who is there every other time would lose every one of them and never
 * be chosen.
 *
 * Sources: stride scheduling, Waldspurger and Weihl 1995; the half step is
 * Webster's of apportionment; now is the virtual time of Goyal, Vin and
 * Cheng 1996.
 */
final readonly class Ring
{
    private const TURN = 1_000_000_000;

    /** @param array<string, int> $marks by person, in ring order: that in which they joined */
    public function __construct(public string $name, public int $now = 0, public array $marks = [])
    {
        if ($now < 0) {
            throw new InvalidArgumentException('The now of a rotation is not negative.');
        }
    }

    public static function stride(int $weight): int
    {
        return intdiv(self::TURN, $weight);
    }

    /** @param list<Membership> $seats everyone who belongs to the ring; those whom it does not know join in this order */
    public function joinedBy(array $seats): self
    {
        $marks = $this->marks;
        foreach ($seats as $seat) {
            $marks[$seat->personId] ??= $this->now + intdiv(self::stride($seat->weight), 2);
        }

        return count($marks) === count($this->marks) ? $this : new self($this->name, $this->now, $marks);
    }

    /**
     * @param non-empty-list<Membership> $eligible all of them in the ring
     *
     * @return array{string, self} whose turn it is, and the ring after it
     */
    public function turn(array $eligible): array
    {
        $marks = $this->marks;
        $weights = [];
        foreach ($eligible as $seat) {
            $weights[$seat->personId] = $seat->weight;
            if (! isset($marks[$seat->personId])) {
                throw new InvalidArgumentException("\"{$seat->personId}\" is not in the rotation \"{$this->name}\".");
            }
            $marks[$seat->personId] = max($marks[$seat->personId], $this->now);
        }
        $winner = null;
        foreach ($marks as $personId => $mark) {
            if (! isset($weights[$personId])) {
                continue;
            }
            if ($winner === null || $mark < $marks[$winner]
                || ($mark === $marks[$winner] && $this->marks[$personId] < $this->marks[$winner])) {
                $winner = $personId;
            }
        }
        $now = max($this->now, $marks[$winner]);
        $marks[$winner] += self::stride($weights[$winner]);

        return [(string) $winner, new self($this->name, $now, $marks)];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use InvalidArgumentException;
use LogicException;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Refusal;

/**
 * The state of a round-robin: a pass for everyone in it, and a virtual time.
 *
 * Stride scheduling. One turn of a person with weight w is a stride of
 * 10^9 / w. A new member's pass is the virtual time and half a stride. Of those
 * who may be chosen, passes below the virtual time are raised to it, or to so
 * many strides below it as turns are kept that somebody missed; the lowest pass
 * wins, ties by the pass before it was raised, then by the order of joining; the
 * virtual time becomes the winner's pass and never falls; the winner's pass
 * grows by a stride. So the turns of any two of equal weight who
 * could both be chosen throughout differ by at most 1, whoever else comes and
 * goes.
 *
 * Were ties of raised passes left to the order of joining alone, somebody late
 * in it who is there every other time would lose every one of them.
 *
 * Sources: stride scheduling, Waldspurger and Weihl 1995; the half step is
 * Webster's of apportionment; virtual time, Goyal, Vin and Cheng 1996.
 */
final readonly class Rotation
{
    private const TURN = 1_000_000_000;

    /**
     * Passes and virtual times that documents may begin with: no number of turns leads from there beyond an integer.
     */
    public const LARGEST = 1_000_000_000_000_000_000;

    /** @param array<array-key, int> $passes by person, in the order of joining */
    public function __construct(public string $name, public int $virtualTime = 0, public array $passes = [])
    {
        if ($virtualTime < 0) {
            throw new InvalidArgumentException('The virtual time of a rotation is not negative.');
        }
    }

    public static function stride(int $weight): int
    {
        return intdiv(self::TURN, $weight);
    }

    /** @param list<Membership> $members everyone who belongs to it; those whom it does not know join in this order */
    public function joinedBy(array $members): self
    {
        $passes = $this->passes;
        foreach ($members as $member) {
            $passes[$member->seat()] ??= $this->virtualTime + intdiv(self::stride($member->weight), 2);
        }

        return count($passes) === count($this->passes) ? $this : new self($this->name, $this->virtualTime, $passes);
    }

    /** The pass of somebody in it who may be chosen now, where so many turns are kept that they missed. */
    public function raised(Membership $member, int $keepMissed = 0): int
    {
        $lowest = $this->virtualTime - $keepMissed * self::stride($member->weight);

        return max($this->passes[$member->seat()], $lowest);
    }

    /** As though somebody in it had just had the turn that comes for them. */
    public function skipped(Membership $member): self
    {
        return $this->withPass($member, $this->raised($member) + self::stride($member->weight));
    }

    /** As though the last turn of somebody in it had not been: it is theirs before those who have missed none. */
    public function putBack(Membership $member): self
    {
        return $this->withPass($member, max(0, $this->passes[$member->seat()] - self::stride($member->weight)));
    }

    /**
     * As though nobody had had a turn, in the order of joining.
     *
     * @param array<array-key, Membership> $members by seat; everybody who is to be in it is in it already
     */
    public function begunAnew(array $members): self
    {
        $seated = [];
        foreach (array_keys($this->passes) as $seat) {
            if (isset($members[$seat])) {
                $seated[] = $members[$seat];
            }
        }

        return (new self($this->name))->joinedBy($seated);
    }

    private function withPass(Membership $member, int $pass): self
    {
        $passes = $this->passes;
        $passes[$member->seat()] = $pass;

        return new self($this->name, $this->virtualTime, $passes);
    }

    /**
     * The turns that come, if all of these can take theirs.
     *
     * @param non-empty-list<Membership> $members all of them in the rotation
     *
     * @return list<string> people
     */
    public function coming(array $members, int $turns): array
    {
        $coming = [];
        for ($rotation = $this; count($coming) < $turns; ) {
            [$coming[], $rotation] = $rotation->turn($members);
        }

        return $coming;
    }

    /**
     * Who comes before somebody in it, though they are not among those who may be chosen now.
     *
     * @param list<Membership>           $pool
     * @param non-empty-list<Membership> $eligible
     *
     * @return list<string> people, the longest due first
     */
    public function passedOver(array $pool, array $eligible, string $winner, int $keepMissed = 0): array
    {
        $places = array_flip(array_keys($this->passes));
        $due = fn(Membership $one): array => [
            $this->raised($one, $keepMissed),
            $this->passes[$one->seat()],
            $places[$one->seat()],
        ];
        $served = $winners = $before = [];
        foreach ($eligible as $member) {
            $served[$member->seat()] = true;
            if ($member->personId === $winner) {
                $winners = $due($member);
            }
        }
        foreach ($pool as $member) {
            if (!isset($served[$member->seat()]) && $due($member) < $winners) {
                $before[$member->personId] = $due($member);
            }
        }
        asort($before);

        return array_map(strval(...), array_keys($before));
    }

    /**
     * @param non-empty-list<Membership> $eligible   all of them in the rotation
     * @param int                        $keepMissed how many turns that somebody missed are theirs once they are back
     *
     * @return array{string, self} whose turn it is, and the rotation after it
     */
    public function turn(array $eligible, int $keepMissed = 0): array
    {
        $passes = $this->passes;
        $bySeat = [];
        foreach ($eligible as $member) {
            $seat = $member->seat();
            $bySeat[$seat] = $member;
            if (!isset($passes[$seat])) {
                throw new Refusal(
                    '"{person_id}" is not in the rotation "{name}".',
                    person_id: $seat,
                    name: $this->name,
                );
            }
            $passes[$seat] = $this->raised($member, $keepMissed);
        }
        $winner = $whose = null;
        foreach ($passes as $seat => $pass) {
            $member = $bySeat[$seat] ?? null;
            if ($member === null) {
                continue;
            }
            if (
                $winner === null ||
                $pass < $passes[$winner] ||
                ($pass === $passes[$winner] && $this->passes[$seat] < $this->passes[$winner])
            ) {
                [$winner, $whose] = [$seat, $member];
            }
        }
        if ($winner === null || $whose === null) {
            throw new LogicException('Nobody is eligible.');
        }
        $virtualTime = max($this->virtualTime, $passes[$winner]);
        $passes[$winner] += self::stride($whose->weight);

        return [$whose->personId, new self($this->name, $virtualTime, $passes)];
    }
}

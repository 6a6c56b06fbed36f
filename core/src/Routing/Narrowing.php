<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\People\Unavailability;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Workload\LoadView;

/** Narrows a pool step by step; each step says who is excluded and why. */
final readonly class Narrowing
{
    private Availability $availability;

    public function __construct(private Roster $roster)
    {
        $this->availability = new Availability($roster);
    }

    /** @return Step those of the pool to whom new work may come now */
    public function present(Step $before, int $at): Step
    {
        $kept = [];
        $excluded = [];
        foreach ($before->kept as $member) {
            $reasons = $this->availability->reasonsAgainst($this->roster->people[$member->personId], $at);
            if ($reasons === []) {
                $kept[] = $member;
            } else {
                $excluded[] = self::exclusion(
                    $member->personId,
                    $reasons,
                    $this->roster->awayUntil($member->personId, $at),
                );
            }
        }

        return new Step('present', $kept, $excluded);
    }

    /**
     * Those who are there, and in the places of those who are absent whoever answers for them. Nobody has two places:
     * who is of the pool already, or stands in for somebody before, keeps the one.
     *
     * @param Step      $pool    everybody
     * @param Step      $present those of them who are there
     * @param ChangeSet $change  of the work that wants somebody in a seat
     *
     * @return array{Step, array<string, Cover>} with who stands in for whom, by the substitute
     */
    public function withSubstitutes(Step $pool, Step $present, ChangeSet $change, SeatName $seat): array
    {
        $kept = $covers = [];
        foreach ($pool->kept as $member) {
            if ($present->keeps($member->personId)) {
                $kept[] = $member;
                continue;
            }
            $cover = $this->cover($member->personId, $change, $seat);
            $substitute = $cover->isSubstitute() ? $cover->personId : null;
            if ($substitute !== null && !isset($covers[$substitute]) && !$pool->keeps($substitute)) {
                $kept[] = $member->takenBy($substitute);
                $covers[$substitute] = $cover;
            }
        }

        return [new Step(Step::SUBSTITUTES, $kept), $covers];
    }

    /** @param ChangeSet $change of the work that wants somebody in a seat */
    public function cover(string $personId, ChangeSet $change, SeatName $seat): Cover
    {
        return (new SubstituteFinder($this->roster))->find(
            $personId,
            $change->at,
            $change->facts,
            $change->after->beside($seat),
        );
    }

    /** @return Step whoever answers for the one who is named */
    public function covered(Cover $cover): Step
    {
        $excluded = [];
        foreach ($cover->steps as $step) {
            if ($step->reasons !== []) {
                $excluded[] = self::exclusion($step->personId, $step->reasons, $step->awayUntil);
            }
        }

        return new Step('cover', $cover->personId === null ? [] : [new Membership($cover->personId)], $excluded);
    }

    /**
     * @param list<Limit> $limits in the order in which they narrow
     *
     * @return non-empty-list<Step> the step that they narrow, and one for each of them
     */
    public function within(Step $step, array $limits, LoadView $load): array
    {
        $steps = [$step];
        foreach ($limits as $limit) {
            $steps[] = $step = $this->withinOne($step, $limit, $load);
        }

        return $steps;
    }

    private function withinOne(Step $before, Limit $limit, LoadView $load): Step
    {
        $kept = [];
        $excluded = [];
        foreach ($before->kept as $member) {
            $figures = $limit->refusal($this->roster->people[$member->personId], $load);
            if ($figures === null) {
                $kept[] = $member;
            } else {
                $excluded[] = new Exclusion($member->personId, [$limit::kind()], $figures);
            }
        }

        return new Step($limit::kind(), $kept, $excluded);
    }

    /** @param list<Unavailability> $reasons */
    private static function exclusion(string $personId, array $reasons, ?int $awayUntil): Exclusion
    {
        return new Exclusion(
            $personId,
            array_column($reasons, 'value'),
            $awayUntil === null ? [] : ['away_until' => $awayUntil],
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\HouseAt;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Subject\Subject;
use WeakMap;

/** The moment at which a run is looked at. */
final class RunMoments
{
    /**
     * @param Subject                       $subject  what the run is of
     * @param WeakMap<Condition, bool>|null $supposed as RunMoment has it
     */
    public static function now(Subject $subject, HouseAt $house, ?WeakMap $supposed = null): RunMoment
    {
        $at = CarbonImmutable::now()->getTimestamp();

        return new RunMoment(
            $at,
            $house->router()->facts->of($subject, $subject, $at),
            $house->snapshot->roster->house,
            $subject,
            $supposed,
        );
    }
}

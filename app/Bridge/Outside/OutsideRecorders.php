<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use LogicException;
use OpenBaton\Core\Subject\Effect\ReachesOutside;

/** The recorder of each effect on what is no task, found by the effect's class. */
final class OutsideRecorders
{
    /** @return list<class-string<OutsideRecorder<covariant ReachesOutside>>> */
    public static function all(): array
    {
        return [RecordTold::class, RecordMessage::class, RecordApproval::class, RecordRun::class];
    }

    /**
     * @template TEffect of ReachesOutside
     *
     * @param TEffect $effect
     *
     * @return OutsideRecorder<TEffect>
     */
    public static function of(ReachesOutside $effect): OutsideRecorder
    {
        foreach (self::all() as $class) {
            if ($class::records() === $effect::class) {
                /** @var OutsideRecorder<TEffect> $recorder */
                $recorder = new $class();

                return $recorder;
            }
        }
        throw new LogicException('Nothing records ' . $effect::class . '.');
    }
}

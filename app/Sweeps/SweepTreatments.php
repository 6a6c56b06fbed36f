<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\HouseAt;
use App\Models\Sweeps\SweepRun;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\SweepFormat;
use OpenBaton\Core\Sweep\RuleApplied;
use OpenBaton\Core\Sweep\Sweep;
use OpenBaton\Core\Sweep\TaskSwept;
use OpenBaton\Core\Sweep\Treatment;

/** What a sweep does to each task, in the house as it is. */
final class SweepTreatments
{
    /** @return Treatment|null null: there is no such rule any more, or what the sweep names is gone */
    public static function of(SweepRun $run, HouseAt $house): ?Treatment
    {
        if ($run->rule_id !== null) {
            return RuleApplied::named($house->router(), $run->rule_id);
        }
        try {
            $sweep = self::read($run->document, $house);
        } catch (DocumentError) {
            return null;
        }

        $handTo = $sweep->handTo === null ? null : $house->snapshot->roster->people[$sweep->handTo];

        return $handTo === null || $handTo->active
            ? new TaskSwept($house->router(), $sweep, $house->snapshot->catalogue)
            : null;
    }

    /**
     * @param mixed $document {"if": …, "hand_to": …, "then": […]}
     *
     * @throws DocumentError with all that is wrong with it
     */
    public static function read(mixed $document, HouseAt $house): Sweep
    {
        return (new SweepFormat($house->snapshot->ruleContext()))->read(Node::root($document));
    }
}

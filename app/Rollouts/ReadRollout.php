<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Bridge\HouseAt;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RolloutFormat;
use OpenBaton\Core\Flow\Rollout\RolloutPlan;
use OpenBaton\Core\Flow\Rollout\Tree;
use OpenBaton\Core\Flow\Rollout\WantedRollout;
use OpenBaton\Core\Rulebook\RuleContext;

/** Reads a rollout as it is written, and plans its tasks. */
final class ReadRollout
{
    /** Tasks of a rollout. */
    public const MOST = 5000;

    /** @throws DocumentError with all that is wrong with it */
    public static function wanted(Node $document, HouseAt $house): WantedRollout
    {
        return self::read($document, $house, $house->snapshot->ruleContext());
    }

    /** As it was put down, whatever has become since of what it names. */
    public static function kept(Node $document, HouseAt $house): WantedRollout
    {
        return self::read($document, $house, $house->snapshot->keptContext());
    }

    /** @throws DocumentError where it has no member, or too many */
    public static function plan(Node $document, WantedRollout $wanted, Tree $tree, HouseAt $house): RolloutPlan
    {
        $today = $house->snapshot->roster->house->zone()->dateAt(CarbonImmutable::now()->getTimestamp());
        $leaves = $wanted->members->leaves($tree, $today);
        if ($leaves === []) {
            throw $document->unfinished('Choose for which parts of the tree it is.');
        }
        if (count($leaves) > self::MOST) {
            throw $document->fail('A rollout has {most} tasks at most.', most: self::MOST);
        }

        return RolloutPlan::of($wanted->rollout, $tree, $leaves, $house->words(), $today);
    }

    private static function read(Node $document, HouseAt $house, RuleContext $context): WantedRollout
    {
        return (new RolloutFormat($context, $house->snapshot->roster->house, Trees::ATTRIBUTES))->read($document);
    }
}

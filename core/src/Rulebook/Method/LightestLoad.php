<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\NoParameters;

/**
 * The lowest load ratio, counting the new task; then whoever was given nothing for longest; then the order of the pool.
 */
final readonly class LightestLoad implements Method
{
    use NoParameters;

    public static function kind(): string
    {
        return 'lightest_load';
    }

    public static function inputs(): array
    {
        return [Input::Work, Input::LastAssigned];
    }

    public function choose(Selection $selection): Choice
    {
        $figures = [];
        $best = null;
        $bestRatio = null;
        $bestSince = 0;
        foreach ($selection->eligible as $member) {
            $id = $member->personId;
            $ratio = $selection->load->ratioWith($id);
            $since = $selection->load->of($id)->lastAssignedAt;
            $figures[$id] = ['load_percent' => $ratio->percent(), 'last_assigned' => $since];
            $order = $bestRatio === null ? -1 : ($ratio->compare($bestRatio) ?: ($since ?? PHP_INT_MIN) <=> $bestSince);
            if ($order < 0) {
                [$best, $bestRatio, $bestSince] = [$id, $ratio, $since ?? PHP_INT_MIN];
            }
        }

        return new Choice($best, $figures);
    }
}

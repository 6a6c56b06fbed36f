<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;

/**
 * Whose load plan would finish the task first; then whoever was given nothing for longest; then the order of the pool.
 */
final readonly class EarliestFinish implements TaskOnly, Method
{
    use NoParameters;

    public static function kind(): string
    {
        return 'earliest_finish';
    }

    public static function inputs(): array
    {
        return [Input::Work, Input::LastAssigned];
    }

    public function choose(Selection $selection): Choice
    {
        $figures = $ranks = [];
        foreach ($selection->eligible as $place => $member) {
            $id = $member->personId;
            $finish = $selection->load->finishWith($id);
            $since = $selection->load->of($id)->lastAssignedAt;
            $figures[$id] = ['finish_at' => $finish, 'last_assigned' => $since];
            $ranks[] = [$finish ?? PHP_INT_MAX, $since ?? PHP_INT_MIN, $place, $id];
        }

        return new Choice(min($ranks)[3], $figures);
    }
}

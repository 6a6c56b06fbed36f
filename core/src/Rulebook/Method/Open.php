<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\HolderOnly;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\WorkOnly;

/** Nobody yet; anyone who is eligible may claim it. */
final readonly class Open implements Method, HolderOnly, WorkOnly
{
    use NoParameters;

    public static function kind(): string
    {
        return 'open';
    }

    public static function inputs(): array
    {
        return [];
    }

    public function choose(Selection $selection): Choice
    {
        $figures = [];
        foreach ($selection->eligible as $member) {
            $figures[$member->personId] = [];
        }

        return new Choice(null, $figures);
    }
}

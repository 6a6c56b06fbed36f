<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Document\KindOnly;

/** Nobody yet; anyone who is eligible may claim it. */
final readonly class Open implements Method
{
    use KindOnly;

    public static function kind(): string
    {
        return 'open';
    }

    public function choose(Selection $selection): Choice
    {
        $figures = [];
        foreach ($selection->eligible as $seat) {
            $figures[$seat->personId] = [];
        }

        return new Choice(null, $figures);
    }

    public function looksAtWork(): bool
    {
        return false;
    }

    public function looksAtLastAssigned(): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\HolderOnly;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Subject\Sharing;

/** All who are eligible hold it together, in the order of the pool; whoever starts it has it alone from then on. */
final readonly class Everyone implements TaskOnly, Method, HolderOnly
{
    /** @param bool $doTogether whoever starts it does not get it alone */
    public function __construct(public bool $doTogether = false) {}

    public static function kind(): string
    {
        return 'everyone';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('do_together', new YesNo(), false)];
    }

    public static function inputs(): array
    {
        return [];
    }

    public function choose(Selection $selection): Choice
    {
        $all = array_map(static fn(Membership $member): string => $member->personId, $selection->eligible);

        $others = array_slice($all, 1);

        return new Choice(
            $all[0],
            array_fill_keys($all, []),
            sharing: $others === [] ? null : new Sharing($others, $this->doTogether),
        );
    }
}

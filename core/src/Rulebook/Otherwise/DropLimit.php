<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Otherwise;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\LimitKind;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\People\Roster;

/** The same once more without one of its limits; unplaced where that finds nobody either. */
final readonly class DropLimit implements Otherwise
{
    /** @param string $limit the kind of a limit of the rule */
    public function __construct(public string $limit) {}

    public static function kind(): string
    {
        return 'drop_limit';
    }

    public static function parameters(): array
    {
        return [Parameter::required('limit', new LimitKind())];
    }

    /** What is left to say once the limit is dropped. */
    public function settle(Roster $roster, Facts $facts, int $at, array $otherSeatIds = []): Fallback
    {
        return new Fallback();
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Sweep;

use InvalidArgumentException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;

/** A conditional change of many tasks that a person starts. */
final readonly class Sweep
{
    /**
     * @param Expression     $criteria only tasks that meet them change
     * @param list<FollowUp> $changes  none of them ActsBeyond
     * @param string|null    $handTo   the person who gets them; null: whoever has them keeps them
     */
    public function __construct(public Expression $criteria, public array $changes, public ?string $handTo)
    {
        if ($changes === [] && $handTo === null) {
            throw new InvalidArgumentException('A sweep changes something; this one changes nothing.');
        }
    }
}

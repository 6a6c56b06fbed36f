<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** What stands against somebody for one task: a limit of the rule that placed it, or its pool, or time. */
final readonly class Objection
{
    /** They are not of those whom the rule chooses from. */
    public const OUTSIDE_POOL = 'outside_pool';

    /** Their load plan finishes it after it is due; "minutes" is null where it does not come to it. */
    public const LATE = 'late';

    /**
     * @param string                         $kind    of the limit, or one of the above
     * @param array<string, int|string|null> $figures as limits give them
     */
    public function __construct(public string $kind, public array $figures = []) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Flow\Gate\Gate;

/** One thing that is otherwise in a track than it was. */
final readonly class TrackDifference
{
    /**
     * @param Stage|null                        $stage  as it is then, or as it was last; null: of the track itself
     * @param string|int|Gate|Movers|Stage|null $before names and ids as texts, a target in minutes; a stage: the one
     *                                                  after which it stood; null: there was none
     * @param string|int|Gate|Movers|Stage|null $after  the same, as it is then
     */
    public function __construct(
        public TrackAspect $aspect,
        public ?Stage $stage,
        public string|int|Gate|Movers|Stage|null $before = null,
        public string|int|Gate|Movers|Stage|null $after = null,
    ) {}
}

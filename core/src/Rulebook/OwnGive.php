<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Rulebook\FollowUp\ActsOnCase;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;

/**
 * What a change set brings with it, such as of a duty or of a step of a runsheet: to whom it gives its task, and what
 * it does. It is asked, and acts, before any rule.
 */
final readonly class OwnGive
{
    /**
     * @param string         $id   of what gives it, with its sort before it: "duty.reeds"
     * @param Give|null      $give null: the rules say whose it is
     * @param list<FollowUp> $acts
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?Give $give = null,
        public array $acts = [],
    ) {}

    /** Whether it looks at, or acts on, the case. */
    public function actsOnCase(): bool
    {
        foreach ($this->acts as $act) {
            if ($act instanceof ActsOnCase && $act->actsOnCase()) {
                return true;
            }
        }

        return false;
    }
}

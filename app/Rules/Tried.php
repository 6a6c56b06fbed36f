<?php

declare(strict_types=1);

namespace App\Rules;

use OpenBaton\Core\Criteria\TracedPart;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\Rule;

/** What rules would do with a task now. */
final readonly class Tried
{
    /**
     * @param Decision        $decision of all of them; of one that is asked about alone, of that one
     * @param Rule|null       $rule     the one that is asked about; null: all of them are
     * @param TracedPart|null $criteria what became of its criteria
     * @param string|null     $before   name of the rule above it that decides; null: none does
     */
    public function __construct(
        public Decision $decision,
        public ?Rule $rule = null,
        public ?TracedPart $criteria = null,
        public ?string $before = null,
    ) {}
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Subject\Standing;

/** Who may press the button of a rule. */
enum Presser: string
{
    case HolderOrLead = 'holder_or_lead';
    case Lead = 'lead';
    case Anyone = 'anyone';

    /** @param list<Standing> $standings of whoever would press it */
    public function includes(array $standings): bool
    {
        return match ($this) {
            self::Anyone => true,
            self::Lead => in_array(Standing::Lead, $standings, true),
            self::HolderOrLead => in_array(Standing::Lead, $standings, true) ||
                in_array(Standing::Holder, $standings, true),
        };
    }
}

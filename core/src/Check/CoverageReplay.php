<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;

/** Which rules would act on recorded work, whether or not they would find somebody on the day. */
final readonly class CoverageReplay
{
    /**
     * @param list<int> $acting positions of the rules that act, in order: those that hold and follow up, wherever they
     *     are, and the first that gives
     * @param int|null  $giving position of the rule that gives; null: none
     */
    private function __construct(public array $acting, public ?int $giving) {}

    public static function of(CompiledRulebook $rulebook, ChangeSet $change): self
    {
        $acting = [];
        $giving = null;
        foreach ($rulebook->listening($change) as $position => $rule) {
            $gives = $rule->givesOn($change) !== null;
            if (
                ($gives ? $giving !== null : $rule->followUps === []) ||
                !$rulebook->criteria($position)->holds($change->facts)
            ) {
                continue;
            }
            $giving ??= $gives ? $position : null;
            $acting[] = $position;
        }

        return new self($acting, $giving);
    }
}

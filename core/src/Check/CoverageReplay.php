<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Subject\ChangeSet;

/** Which rules would act on recorded work, whether or not they would find somebody on the day. */
final readonly class CoverageReplay
{
    /**
     * @param list<int> $acting positions of the rules that act: those that hold and follow up, and the first that gives, which ends it
     * @param int|null  $giving position of the rule that gives; null: none
     */
    private function __construct(public array $acting, public ?int $giving) {}

    public static function of(CompiledRulebook $rulebook, ChangeSet $change): self
    {
        $acting = [];
        foreach ($rulebook->holding($change) as $position => $rule) {
            if ($rule->givesOn($change) !== null) {
                return new self([...$acting, $position], $position);
            }
            if ($rule->followUps !== []) {
                $acting[] = $position;
            }
        }

        return new self($acting, null);
    }
}

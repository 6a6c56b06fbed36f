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
     * @param list<int> $meeting of an arrival, positions of all rules that would give it if none above did
     */
    private function __construct(public array $acting, public ?int $giving, public array $meeting) {}

    public static function of(CompiledRulebook $rulebook, ChangeSet $change): self
    {
        $acting = $meeting = [];
        $giving = null;
        $arrival = $change->isArrival();
        foreach ($rulebook->listening($change) as $position => $rule) {
            $gives = $rule->givesOn($change) !== null;
            if (
                ($gives ? $giving !== null && !$arrival : $rule->followUps === []) ||
                !$rulebook->criteria($position)->holds($change->facts)
            ) {
                continue;
            }
            if ($gives && $arrival) {
                $meeting[] = $position;
            }
            if (!$gives || $giving === null) {
                $acting[] = $position;
            }
            $giving ??= $gives ? $position : null;
        }

        return new self($acting, $giving, $meeting);
    }
}

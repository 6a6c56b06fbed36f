<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\FixedPool;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Otherwise\WaitUnplaced;

/**
 * All that the rule gives hangs on one person: there is nobody else in its pool, or nobody else has the skill, and
 * while they are away nobody answers for them.
 */
final class OnePerson implements Check
{
    public static function code(): string
    {
        return 'one_person';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->pools() as $position => $pool) {
            if (count($pool->eligible) !== 1) {
                continue;
            }
            $one = $pool->eligible[0];
            $why = count($pool->here) === 1 ? 'pool' : 'skill';
            if (!self::isCovered($one->id, $pool, $of->now) && !self::isAnswered($pool->give->otherwise, $why)) {
                yield new Finding(
                    self::code(),
                    Certainty::Certain,
                    $of->rules[$position]->id,
                    [],
                    $why === 'pool' ? ['/give/pool'] : ['/give/pool', '/give/limits'],
                    ['person' => $one->id, 'why' => $why],
                );
            }
        }
    }

    /** Whether the rule says who gets it instead. */
    private static function isAnswered(Otherwise $otherwise, string $why): bool
    {
        return match (true) {
            $otherwise instanceof NextRule, $otherwise instanceof WaitUnplaced => false,
            $otherwise instanceof DropLimit => $why === 'skill' && $otherwise->limit === SkillAtLeast::kind(),
            default => true,
        };
    }

    /** Substitutes are named with an absence; the lead of the first team answers where none can. */
    private static function isCovered(string $personId, FixedPool $of, int $now): bool
    {
        $leadId = $of->roster->leadFor($personId, $now);

        return ($of->give->pool->namesOne() || $of->give->substitutes) &&
            $leadId !== null &&
            $leadId !== $personId &&
            (new Availability($of->roster))->reasonsAgainst($of->roster->people[$leadId], $now) === [];
    }
}

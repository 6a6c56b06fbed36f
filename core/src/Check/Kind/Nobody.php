<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/**
 * Nobody can get anything by the rule: its pool is empty, nobody of it is active, or nobody has the skill; likely, that
 * all of them are away for the next ten working days. Pools that go by a field of the task are not looked at.
 */
final class Nobody implements Check
{
    private const DAYS = 10;

    public static function code(): string
    {
        return 'nobody';
    }

    public function find(Examination $of): iterable
    {
        foreach ($of->pools() as $position => $pool) {
            // Who stands in for somebody may have the skill.
            $eligible = $pool->give->substitutes ? $pool->here : $pool->eligible;
            [$why, $certainty] = match (true) {
                $pool->all === [] => ['empty', Certainty::Certain],
                $pool->here === [] => ['inactive', Certainty::Certain],
                $eligible === [] => ['skill', Certainty::Certain],
                self::areAway($eligible, $pool->roster, $of->now) => ['away', Certainty::Likely],
                default => [null, Certainty::Likely],
            };
            if ($why !== null) {
                $pointers = $why === 'skill' ? ['/give/pool', '/give/limits'] : ['/give/pool'];
                yield new Finding(self::code(), $certainty, $of->rules[$position]->id, [], $pointers, ['why' => $why]);
            }
        }
    }

    /** @param non-empty-list<Person> $people */
    private static function areAway(array $people, Roster $roster, int $now): bool
    {
        try {
            $until = (new WorkingTime($roster->house))->endOfDay($now, self::DAYS);
        } catch (NoWorkingTime) {
            return false;
        }
        foreach ($people as $person) {
            if ((new WorkingTime($roster->presenceOf($person->id)))->minutesBetween($now, $until) > 0) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\LoadView;

/** What stands against people who would get a task by hand, by the rule that gives such tasks. */
final readonly class Objections
{
    public function __construct(private Roster $roster, private ChangeFacts $facts) {}

    /**
     * @param list<string> $pool ids of those whom the rule chooses from
     * @param LoadView     $load at the moment, with the task
     *
     * @return list<Objection> of pool and limits
     */
    public function byRule(string $personId, Give $give, array $pool, LoadView $load): array
    {
        $objections =
            $give->pool->namesOne() || in_array($personId, $pool, true) ? [] : [new Objection(Objection::OUTSIDE_POOL)];
        foreach ($give->limits as $limit) {
            $figures = $limit->refusal($this->roster->people[$personId], $load);
            if ($figures !== null) {
                $objections[] = new Objection($limit::kind(), $figures);
            }
        }

        return $objections;
    }

    /**
     * @param int|null $finish instant at which they would be done with it; null: not within three months
     *
     * @return list<Objection> of time
     */
    public static function byTime(?int $due, ?int $finish): array
    {
        return $due !== null && ($finish === null || $finish > $due)
            ? [new Objection(Objection::LATE, ['minutes' => $finish === null ? null : intdiv($finish - $due, 60)])]
            : [];
    }

    /** @return list<string> ids of those whom the rule chooses from */
    public function pool(TaskSubject $task, Give $give, int $at): array
    {
        return Membership::ids($give->pool->members($this->roster, $this->facts->of($task, $task, $at)));
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\PartsWithin;
use OpenBaton\Core\Rulebook\Pool\AsksWhoDid;
use OpenBaton\Core\Rulebook\Pool\Pool;

/** The people of a pool that is the same for every task: no field of the task says who is in it. */
final readonly class FixedPool
{
    /**
     * @param Give         $give     whose pool it is
     * @param list<Person> $all      everybody in it
     * @param list<Person> $here     those of them who are active and members
     * @param list<Person> $eligible those of them who have the skills that the rule asks for
     */
    private function __construct(
        public Give $give,
        public Roster $roster,
        public array $all,
        public array $here,
        public array $eligible,
    ) {}

    /** @return self|null null: it depends on the task */
    public static function of(Give $give, Roster $roster, int $now): ?self
    {
        $members = self::members($give, $roster, $now);
        if ($members === null) {
            return null;
        }
        $all = array_map(static fn(Membership $one): Person => $roster->people[$one->personId], $members);
        $here = array_values(array_filter($all, static fn(Person $one): bool => self::isHere($one, $now)));
        $eligible = array_values(array_filter($here, static fn(Person $one): bool => self::hasSkills($one, $give)));

        return new self($give, $roster, $all, $here, $eligible);
    }

    /** @return list<Membership>|null everybody in it, with their weights; null: it depends on the task */
    public static function members(Give $give, Roster $roster, int $now): ?array
    {
        return self::dependsOnTask($give->pool)
            ? null
            : $give->pool->members($roster, new Facts([], $roster->house->zone()->dateAt($now)));
    }

    private static function isHere(Person $person, int $now): bool
    {
        return $person->active && ($person->memberUntil === null || $now < $person->memberUntil);
    }

    private static function hasSkills(Person $person, Give $give): bool
    {
        foreach ($give->limits as $limit) {
            if ($limit instanceof SkillAtLeast && $person->level($limit->skill) < $limit->level) {
                return false;
            }
        }

        return true;
    }

    private static function dependsOnTask(Pool $pool): bool
    {
        foreach (PartsWithin::of($pool) as $part) {
            if ($part instanceof AsksWhoDid) {
                return true;
            }
            foreach ($part::parameters() as $parameter) {
                $type = $parameter->type;
                $isList = $type instanceof ListOf && $part->{$parameter->property()} !== [];
                if (($isList ? $type->of : $type) instanceof FieldReference) {
                    return true;
                }
            }
        }

        return false;
    }
}

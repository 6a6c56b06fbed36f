<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Check\FixedPool;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;

/** Which rules go by a rotation, and who belongs to it by them. */
final readonly class RotationUse
{
    /**
     * @param list<Rule>                   $rules
     * @param array<array-key, Membership> $members by person, of the pools that are the same for every task
     * @param bool                         $varies  there is a pool that depends on the task
     */
    private function __construct(public array $rules = [], public array $members = [], public bool $varies = false) {}

    /** @return array<array-key, self> by the name of the rotation, in the order of the rulebook */
    public static function all(Rulebook $rulebook, Roster $roster, int $now): array
    {
        $uses = [];
        foreach ($rulebook->rules as $rule) {
            $method = $rule->give?->method;
            if ($rule->give === null || !($method instanceof UsesRotation)) {
                continue;
            }
            $use = $uses[$method->rotationName()] ?? new self();
            $pool = FixedPool::members($rule->give, $roster, $now);
            $members = $use->members;
            foreach ($pool ?? [] as $member) {
                $members[$member->personId] ??= $member;
            }
            $uses[$method->rotationName()] = new self(
                [...$use->rules, $rule],
                $members,
                $use->varies || $pool === null,
            );
        }

        return $uses;
    }

    public static function none(): self
    {
        return new self();
    }

    /**
     * Everybody who belongs to it by the rules, or has had a place in it.
     *
     * @return array<array-key, Membership> by person; of those who are in no pool that is known, at full weight
     */
    public function seatedIn(Rotation $rotation, Roster $roster): array
    {
        $seated = $this->members;
        foreach (array_keys($rotation->passes) as $personId) {
            if (isset($roster->people[$personId])) {
                $seated[$personId] ??= new Membership((string) $personId);
            }
        }

        return $seated;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Rotation;
use OpenBaton\Core\Rulebook\Method\UsesRotation;
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
    private function __construct(public array $rules, public array $members, public bool $varies) {}

    /** @return array<array-key, list<Rule>> that go by a rotation, by its name, in the order of the rulebook */
    public static function rules(Rulebook $rulebook): array
    {
        $rules = [];
        foreach ($rulebook->rules as $rule) {
            $method = $rule->give?->method;
            if ($method instanceof UsesRotation) {
                $rules[$method->rotationName()][] = $rule;
            }
        }

        return $rules;
    }

    /** @param list<Rule> $rules that go by it */
    public static function of(array $rules, Roster $roster, int $now): self
    {
        $members = [];
        $varies = false;
        foreach ($rules as $rule) {
            $pool = $rule->give === null ? [] : FixedPool::members($rule->give, $roster, $now);
            $varies = $varies || $pool === null;
            foreach ($pool ?? [] as $member) {
                $members[$member->personId] ??= $member;
            }
        }

        return new self($rules, $members, $varies);
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

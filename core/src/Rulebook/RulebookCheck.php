<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Method\SamePerson;

/** Checks what the rules refer to against the roster. Criteria are checked where they are read. */
final readonly class RulebookCheck
{
    public function __construct(private Roster $roster) {}

    /**
     * @param string $pointer where the rulebook stands in its document
     *
     * @return list<Fault>
     */
    public function faults(Rulebook $rulebook, string $pointer = ''): array
    {
        $faults = [];
        $seen = [];
        foreach ($rulebook->rules as $index => $rule) {
            $at = "{$pointer}/rules/{$index}";
            if (isset($seen[$rule->id])) {
                $faults[] = new Fault("{$at}/id", "There is another rule \"{$rule->id}\".");
            }
            $seen[$rule->id] = true;
            if ($rule->give !== null) {
                $faults = [...$faults, ...$this->give($rule->give, $rulebook, "{$at}/give")];
            }
            foreach ($rule->followUps as $place => $followUp) {
                $faults = [...$faults, ...$followUp->faults($this->roster, $rulebook->fields, "{$at}/then/{$place}")];
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function give(Give $give, Rulebook $rulebook, string $pointer): array
    {
        $faults = $give->pool->faults($this->roster, $rulebook->fields, "{$pointer}/pool");
        if ($give->method instanceof SamePerson && ! $give->pool->namesOne()) {
            $faults[] = new Fault("{$pointer}/method", '"same_person" needs a pool that names one person: a field, or one named person.');
        }
        $faults = [...$faults, ...$give->method->faults($this->roster, $rulebook->fields, "{$pointer}/method")];
        foreach ($give->limits as $index => $limit) {
            $faults = [...$faults, ...$limit->faults($this->roster, $rulebook->fields, "{$pointer}/limits/{$index}")];
        }

        return [...$faults, ...$give->otherwise->faults($this->roster, $rulebook->fields, "{$pointer}/otherwise")];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\Method\UsesRotation;
use OpenBaton\Core\Subject\ChangeSet;

/** What a decision may look at, from whoever may be asked. */
final readonly class NeedsOf
{
    public function __construct(private CompiledRulebook $rulebook, private Search $search) {}

    public function change(ChangeSet $change): Needs
    {
        $people = $lastAssigned = $rotations = $customers = [];
        foreach ($this->gives($change) as $give) {
            if ($give->method instanceof UsesRotation) {
                $rotations[$give->method->rotationName()] = true;
            }
            if ($give->looksAt(Input::Work)) {
                foreach ($this->search->mayGoTo($give, $change) as $id) {
                    $people[$id] = true;
                    if ($give->looksAt(Input::LastAssigned)) {
                        $lastAssigned[$id] = true;
                    }
                }
                if ($change->after->customerId !== null && $give->looksAt(Input::Customer)) {
                    $customers[$change->after->customerId] = true;
                }
            }
        }
        $names = static fn(array $by): array => array_map(strval(...), array_keys($by));

        return new Needs($names($people), $names($lastAssigned), $names($rotations), $names($customers));
    }

    /** @return iterable<Give> all that may be asked */
    private function gives(ChangeSet $change): iterable
    {
        if ($change->own?->give !== null) {
            yield $change->own->give;
        }
        foreach ($this->rulebook->holding($change) as $rule) {
            $give = $rule->givesOn($change);
            if ($give !== null) {
                yield $give;
            }
        }
    }
}

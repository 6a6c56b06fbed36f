<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;

/** What follows where a customer changes: its open tasks and cases see it, and rules answer that. */
final readonly class CustomerTies
{
    public function __construct(private Router $router) {}

    /** @return list<array{Subject, Subject}> what changes by a change, before and after */
    public function following(ChainState $state, ChangeSet $change): array
    {
        $after = $change->customer();
        if ($after === null || !($change->before instanceof CustomerSubject)) {
            return [];
        }
        $changed = CustomerFields::changed($change->before, $after, $this->router->roster->house->zone());
        if ($changed === []) {
            return [];
        }
        $known = $state->ofCustomer($after->id);
        $state->seen->ofCustomer($after->id, $changed);

        return array_map(fn(Subject $one): array => [$one, $this->router->settled($state->seen->on($one))], $known);
    }
}

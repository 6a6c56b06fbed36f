<?php

declare(strict_types=1);

namespace OpenBaton\Core\Alert;

/** That something holds of which leads want to know. */
final readonly class Condition
{
    /**
     * @param string   $about  of what: a person, a skill, a task, a message; told from all others of the kind
     * @param int|null $figure percent of load, or the instant at which a task will be ready; null: not within the plan
     */
    public function __construct(public AlertKind $kind, public string $about, public ?int $figure = null) {}
}

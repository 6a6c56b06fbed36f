<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Trigger;

/** A person has a rule act on a task or a case: its button, or what it does whatever it waits for. */
final readonly class RunsRule implements Happening
{
    /** @param string $kind of the event, or Trigger::APPLIED */
    public function __construct(
        private string $id,
        private int $at,
        private string $subjectId,
        private string $ruleId,
        private string $kind,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function at(): int
    {
        return $this->at;
    }

    public function in(WorldState $state): iterable
    {
        $subject = $state->subject($this->subjectId);
        yield new ChainOf(
            $this->id,
            $state->run(
                $state->changeSet(
                    $this->id,
                    $this->at,
                    $subject,
                    $subject,
                    Cause::Person,
                    new Trigger($this->kind, $this->ruleId, $this->at),
                ),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Rulebook\Event\Pressed;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Trigger;

/** Somebody presses the button of a rule on a task. */
final readonly class Presses implements Happening
{
    public function __construct(private string $id, private int $at, private string $taskId, private string $ruleId) {}

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
        $subject = $state->task($this->taskId);
        yield new ChainOf(
            $this->id,
            $state->run(
                $state->changeSet(
                    $this->id,
                    $this->at,
                    $subject,
                    $subject,
                    Cause::Person,
                    new Trigger(Pressed::kind(), $this->ruleId, $this->at),
                ),
            ),
        );
    }
}

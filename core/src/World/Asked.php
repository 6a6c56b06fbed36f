<?php

declare(strict_types=1);

namespace OpenBaton\Core\World;

use OpenBaton\Core\Flow\Approval;

/** An approval that a rule has asked for in a world. */
final readonly class Asked
{
    /**
     * @param string                $of    id of what is to be approved
     * @param array<int, string>    $tasks ids of the tasks of those who were asked, by place
     * @param bool                  $told  rules have heard what it came to
     */
    public function __construct(
        public string $of,
        public string $name,
        public ?string $details,
        public ?string $ruleId,
        public Approval $approval,
        public array $tasks,
        public bool $told = false,
    ) {}

    /** @param array<int, string> $holders who answers for each place that waits, as its task has come to them */
    public function answeredBy(array $holders): self
    {
        $approval = $this->approval->answeredBy($holders);

        return new self($this->of, $this->name, $this->details, $this->ruleId, $approval, $this->tasks, $this->told);
    }

    /** @param array<int, string> $tasks of those who are asked from now on */
    public function goneOn(Approval $approval, array $tasks): self
    {
        return new self(
            $this->of,
            $this->name,
            $this->details,
            $this->ruleId,
            $approval,
            $this->tasks + $tasks,
            $approval->isSettled(),
        );
    }
}

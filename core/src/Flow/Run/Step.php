<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

use OpenBaton\Core\Flow\Run\Step\StepKind;
use OpenBaton\Core\Flow\Run\Step\Waits;
use OpenBaton\Core\Rulebook\Condition;

/** What is to be done at one place of a runsheet. */
final readonly class Step implements Block
{
    /** @param bool $needed where its work is dropped, the run stops there */
    public function __construct(
        private string $key,
        public string $name,
        public StepKind $does,
        public bool $needed = true,
        private ?Condition $condition = null,
    ) {}

    public function key(): string
    {
        return $this->key;
    }

    public function condition(): ?Condition
    {
        return $this->condition;
    }

    public function within(): array
    {
        return [];
    }

    /** Whether there is something to be made for it: to wait is a matter of the run alone. */
    public function makes(): bool
    {
        return !($this->does instanceof Waits);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

/** That a chain did not go on, and the rules that were going round. What came before it stands. */
final readonly class Cut
{
    /** @param list<string> $ruleIds in the order in which they acted */
    public function __construct(public CutReason $reason, public array $ruleIds, public string $taskId) {}
}

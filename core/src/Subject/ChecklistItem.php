<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

final readonly class ChecklistItem
{
    public function __construct(public string $text, public bool $done = false) {}
}

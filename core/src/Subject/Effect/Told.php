<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** People are told something about the task. */
final readonly class Told implements ReachesOutside
{
    /** @param list<string> $people */
    public function __construct(public array $people, public string $text) {}

    public static function code(): string
    {
        return 'told';
    }

    public function on(Subject $subject): Subject
    {
        return $subject;
    }

    public function write(): array
    {
        return ['people' => $this->people, 'text' => $this->text];
    }
}

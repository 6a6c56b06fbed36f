<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

final readonly class TagAdded implements Effect
{
    public function __construct(public string $tag) {}

    public static function code(): string
    {
        return 'tag_added';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->tagged($this->tag);
    }

    public function write(): array
    {
        return ['tag' => $this->tag];
    }
}

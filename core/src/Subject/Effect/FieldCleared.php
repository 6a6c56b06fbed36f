<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

final readonly class FieldCleared implements Effect
{
    public function __construct(public string $path) {}

    public static function code(): string
    {
        return 'field_cleared';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->keeps($this->path) ? $subject->withField($this->path, null) : $subject;
    }

    public function write(): array
    {
        return ['field' => $this->path];
    }
}

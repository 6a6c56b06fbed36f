<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\ChangeSet;

/** Somebody attaches a file. */
final readonly class FileAdded implements EventKind
{
    public function __construct(public Author $by = Author::Anyone) {}

    public static function kind(): string
    {
        return 'file_added';
    }

    public static function parameters(): array
    {
        return [
            Parameter::optional('by', new Choice(Author::class), Author::Anyone),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && ($this->by === Author::Anyone || $this->by === $change->file);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->file !== null;
    }
}

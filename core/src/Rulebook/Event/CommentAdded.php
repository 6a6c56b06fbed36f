<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\Happened;

/** Somebody says something on it. */
final readonly class CommentAdded implements EventKind, Happened
{
    use Occurs;

    public function __construct(public Author $by = Author::Anyone) {}

    public static function kind(): string
    {
        return 'comment_added';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('by', new Choice(Author::class), Author::Anyone)];
    }

    private function takes(self $happened): bool
    {
        return $this->by->includes($happened->by);
    }
}

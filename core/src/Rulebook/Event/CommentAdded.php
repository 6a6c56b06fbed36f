<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\SubjectKind;

/** Somebody says something on it. */
final readonly class CommentAdded implements OfSeveral, Happened
{
    use Occurs;
    use OnSeveral;

    public function __construct(public Author $by = Author::Anyone, public ?SubjectKind $of = null) {}

    public static function kind(): string
    {
        return 'comment_added';
    }

    public static function parameters(): array
    {
        return [Parameter::optional('by', new Choice(Author::class), Author::Anyone), self::of()];
    }

    private function takes(self $happened): bool
    {
        return $this->by->includes($happened->by);
    }
}

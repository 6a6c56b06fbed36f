<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\SubjectKind;

/** Somebody is mentioned in what is said on it. */
final readonly class Mentioned implements OfSeveral, Happened
{
    use Occurs;
    use OnSeveral;

    /** @param string|null $whom id; null: whoever it is */
    public function __construct(
        public Author $by = Author::Anyone,
        public ?string $whom = null,
        public ?SubjectKind $of = null,
    ) {}

    public static function kind(): string
    {
        return 'mentioned';
    }

    public static function parameters(): array
    {
        return [
            Parameter::optional('by', new Choice(Author::class), Author::Anyone),
            Parameter::optional('whom', new PersonReference(), null),
            self::of(),
        ];
    }

    private function takes(self $happened): bool
    {
        return $this->by->includes($happened->by) && ($this->whom === null || $this->whom === $happened->whom);
    }
}

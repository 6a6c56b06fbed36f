<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\Subject;

/** What an event of a world changes alike on cases and customers: tags, and who owns it. */
final readonly class SubjectEdit
{
    /**
     * @param list<string> $on
     * @param list<string> $off
     * @param string|null  $owner null: whoever it is
     */
    private function __construct(private array $on, private array $off, private ?string $owner) {}

    /** @throws DocumentError */
    public static function read(Node $node, Roster $roster): self
    {
        return new self(
            $node->textsOf('tags_on'),
            $node->textsOf('tags_off'),
            $node->has('owner') ? Known::person($node->get('owner'), $roster->people) : null,
        );
    }

    /**
     * @template T of Subject
     *
     * @param T $one
     *
     * @return T
     */
    public function on(Subject $one): Subject
    {
        foreach ($this->on as $tag) {
            $one = $one->tagged($tag);
        }
        foreach ($this->off as $tag) {
            $one = $one->untagged($tag);
        }

        return $this->owner === null ? $one : $one->heldBy($this->owner);
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use InvalidArgumentException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Subject\ChangeSet;

/** When · if · give to · otherwise · then. */
final readonly class Rule
{
    /**
     * @param non-empty-list<EventKind> $events     any of them
     * @param Give|null                 $give       null: the rule only carries follow-ups and does not stop the search
     * @param list<FollowUp>            $followUps
     * @param int|null                  $validFrom  instant
     * @param int|null                  $validUntil instant from which on it no longer acts
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $events,
        public Expression $criteria,
        public ?Give $give,
        public array $followUps = [],
        public bool $active = true,
        public ?int $validFrom = null,
        public ?int $validUntil = null,
    ) {
        if ($give === null && $followUps === []) {
            throw new InvalidArgumentException('A rule gives the task to somebody or has follow-ups; this one does neither.');
        }
        if ($validFrom !== null && $validUntil !== null && $validUntil <= $validFrom) {
            throw new InvalidArgumentException('A rule is valid from a moment until a later one.');
        }
    }

    /** Whether it waits for what a change set raises. */
    public function listensTo(ChangeSet $change): bool
    {
        if (! $change->isFor($this->id)) {
            return false;
        }
        foreach ($this->events as $event) {
            if ($event->isRaisedBy($change)) {
                return true;
            }
        }

        return false;
    }

    public function isValidAt(int $at): bool
    {
        return ($this->validFrom === null || $this->validFrom <= $at)
            && ($this->validUntil === null || $at < $this->validUntil);
    }
}

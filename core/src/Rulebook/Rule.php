<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use InvalidArgumentException;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Rulebook\Event\EventKind;
use OpenBaton\Core\Rulebook\Event\OfSeveral;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\Trigger;

/** When · if · give to · otherwise · then. */
final readonly class Rule
{
    /**
     * @param non-empty-list<EventKind> $events     any of them
     * @param Give|null                 $give       null: the rule only carries follow-ups and does not stop the search
     * @param list<FollowUp>            $followUps
     * @param int|null                  $validFrom  instant
     * @param int|null                  $validUntil instant from which on it no longer acts
     * @param string|null               $note       why it is as it is, for whoever reads it
     * @param string|null               $heading    of the group of rules that begins with it
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
        public ?string $note = null,
        public ?string $heading = null,
    ) {
        if ($give === null && $followUps === []) {
            throw new InvalidArgumentException(
                'A rule gives the task to somebody or has follow-ups; this one does neither.',
            );
        }
        foreach ($events as $event) {
            if (self::aboutOf($event) !== self::aboutOf($events[0])) {
                throw new InvalidArgumentException(
                    'A rule is about tasks, cases, customers or the house: its events are about several of them.',
                );
            }
        }
        if ($give !== null && self::aboutOf($events[0]) === SubjectKind::House) {
            throw new InvalidArgumentException('A rule about the house has nothing that it could give to somebody.');
        }
        if ($validFrom !== null && $validUntil !== null && $validUntil <= $validFrom) {
            throw new InvalidArgumentException('A rule is valid from a moment until a later one.');
        }
    }

    /** What it is about, by its events. */
    public function about(): SubjectKind
    {
        return self::aboutOf($this->events[0]);
    }

    public static function aboutOf(EventKind $event): SubjectKind
    {
        return $event instanceof OfSeveral ? $event->about() : SubjectKind::of($event::class)[0];
    }

    /** @param class-string<EventKind> $kind of events, any of which it may wait for */
    public function waitsFor(string $kind): bool
    {
        return array_filter($this->events, static fn(EventKind $event): bool => $event instanceof $kind) !== [];
    }

    /** Whether it waits for what a change set raises. */
    public function listensTo(ChangeSet $change): bool
    {
        if ($this->about() !== $change->after::kind() || !$change->isFor($this->id)) {
            return false;
        }
        if ($change->isTriggeredAs(Trigger::APPLIED)) {
            return true;
        }
        foreach ($this->events as $event) {
            if ($event->isRaisedBy($change)) {
                return true;
            }
        }

        return false;
    }

    /**
     * To whom it gives on a change set. What was placed by hand stays where it is, and what is no longer open is given
     * to nobody.
     *
     * @return Give|null null: it only carries follow-ups there and does not stop the search
     */
    public function givesOn(ChangeSet $change): ?Give
    {
        $gives =
            $this->give !== null &&
            !$change->placed &&
            $change->after->isOpen() &&
            $change->after->hasSeat($this->give->seat);

        return $gives ? $this->give : null;
    }

    public function isValidAt(int $at): bool
    {
        return ($this->validFrom === null || $this->validFrom <= $at) &&
            ($this->validUntil === null || $at < $this->validUntil);
    }
}

<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Bridge\Outside\OutsideRecorders;
use App\DomainEvents\About;
use App\DomainEvents\CommentMade;
use App\DomainEvents\EventLog;
use App\DomainEvents\PersonMentioned;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\SentBack;
use App\DomainEvents\SubjectChanged;
use App\DomainEvents\TaskArrived;
use App\DomainEvents\TaskChanged;
use App\DomainEvents\WorkEnded;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\ChangeFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\Event\CommentAdded;
use OpenBaton\Core\Rulebook\Event\Mentioned;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Passing;
use OpenBaton\Core\Subject\Subject;

/**
 * Writes what consumers are handed of a chain: each change, who has what now, each once however
 * often it went round, who is mentioned, and what reaches outside.
 */
final class EventRecorder
{
    /**
     * By subject and seat: who was in it at first, the subject as it is after all, and the name of the rule that did it
     * last.
     *
     * @var array<string, array{list<string>, SeatName, Subject, string|null}>
     */
    private array $changed = [];

    public function __construct(
        private readonly LockedHouse $locked,
        private readonly Occasion $occasion,
        private readonly EventLog $events,
    ) {}

    public function record(ChainResult $chain): void
    {
        foreach ($chain->links as $number => $link) {
            $of = $link->change->after;
            $about = About::subject($of);
            $this->changed($link, $link->causedBy === null ? null : $chain->links[$link->causedBy]->decision);
            if ($link->change->before?->isOpen() === true && !$of->isOpen() && $link->change->customer() === null) {
                $this->events->add($about, $this->occasion->userId, new WorkEnded());
            }
            $this->happened($link->change, $about);
            foreach ($link->change->happened as $one) {
                if ($one instanceof CommentAdded) {
                    $this->commented($of, $one->by);
                }
                if ($one instanceof Mentioned) {
                    $this->events->add(
                        $about,
                        $this->occasion->userId,
                        new PersonMentioned($this->locked->house->snapshot->personIds[$one->whom]),
                    );
                }
            }
            if ($link->causedBy === null && $this->occasion->name === Occasion::SENT_BACK) {
                $this->sentBack($of);
            }
            if ($link->decision !== null) {
                $this->decided($link->decision, self::madeBy($number, $chain));
            }
        }
        foreach ($this->changed as [$before, $seat, $after, $rule]) {
            $this->passed($before, $seat, $after, $rule);
        }
        $this->events->save();
    }

    /** What other rules can be held against: of arrivals of tasks, and of what was tried again, the decisions tell. */
    private function happened(ChangeSet $change, About $about): void
    {
        $isTask = $change->task() !== null;
        if ($isTask && $change->isArrival()) {
            $this->events->add($about, $this->occasion->userId, new TaskArrived());
        } elseif (!$change->isRetry()) {
            $document = ChangeFormat::write($change, $this->locked->house->snapshot->catalogue);
            $this->events->add(
                $about,
                $this->occasion->userId,
                $isTask ? new TaskChanged($document) : new SubjectChanged($document),
            );
        }
    }

    private function commented(Subject $of, Author $by): void
    {
        $people = array_unique(array_merge(...array_map($of->inSeat(...), $of::seats())));
        if ($people !== []) {
            $this->events->add(
                About::subject($of),
                $this->occasion->userId,
                new CommentMade($this->locked->house->snapshot->idsOf(array_values($people)), $by === Author::Customer),
            );
        }
    }

    private function sentBack(Subject $task): void
    {
        $this->events->add(
            About::subject($task),
            $this->occasion->userId,
            new SentBack(
                $this->locked->house->snapshot->idsOf($task->inSeat(SeatName::Holder)),
                $this->occasion->reason,
            ),
        );
    }

    /** @param list<string> $before who was in the seat */
    private function passed(array $before, SeatName $seat, Subject $after, ?string $rule): void
    {
        if ($this->occasion->quiet && $rule === null) {
            return;
        }
        $house = $this->locked->house->snapshot;
        foreach (Passing::between($before, $after->inSeat($seat)) as [$from, $to]) {
            $change = new SeatChanged(
                $seat,
                $house->idOf($from),
                $house->idOf($to),
                $house->idOf($after->coveringOf($seat)?->forId),
                $rule,
                $to === null ? $house->idOf($after->occupant($seat)) : null,
            );
            $this->events->add(About::subject($after), $rule === null ? $this->occasion->userId : null, $change);
        }
    }

    private function changed(Link $link, ?Decision $cause): void
    {
        $of = $link->change->after;
        $move = $link->causedBy === null ? $this->occasion->move : null;
        if ($move !== null) {
            $this->events->add(About::subject($of), $this->occasion->userId, $move);
        }
        foreach ($of::seats() as $seat) {
            $before = $link->change->before?->inSeat($seat) ?? [];
            if (
                $before !== $of->inSeat($seat) &&
                $move?->seat !== $seat &&
                $cause?->tellsOf($link->change, $seat) !== true
            ) {
                $this->add(
                    $seat,
                    $before,
                    $of,
                    $cause === null || !$link->change->isArrival() ? null : $this->ruleOf($of, $cause),
                );
            }
        }
    }

    /** @return list<ChangeSet> what came into being by the decision of a link */
    private static function madeBy(int $number, ChainResult $chain): array
    {
        $made = [];
        foreach ($chain->links as $link) {
            if ($link->causedBy === $number && $link->change->isArrival()) {
                $made[] = $link->change;
            }
        }

        return $made;
    }

    /** @param list<ChangeSet> $made what came into being by it */
    private function decided(Decision $decision, array $made): void
    {
        $after = $decision->subjectAfter();
        if ($decision->changesSeat()) {
            $this->add(
                $decision->seat,
                $decision->change->after->inSeat($decision->seat),
                $after,
                $decision->decidedByName(),
            );
        }
        foreach ($decision->effects as $effect) {
            if ($effect instanceof ReachesOutside) {
                OutsideRecorders::of($effect)->record($effect, $after, $this->locked, $this->events, $made);
            }
        }
    }

    /** @param list<string> $before who was in the seat */
    private function add(SeatName $seat, array $before, Subject $after, ?string $rule): void
    {
        $key = "{$after->id} {$seat->value}";
        $this->changed[$key] = [$this->changed[$key][0] ?? $before, $seat, $after, $rule];
    }

    /** The name of the rule that made it. */
    private function ruleOf(Subject $made, Decision $cause): ?string
    {
        foreach ($cause->rulebook->rulebook->rules as $rule) {
            if ($rule->id === $made->madeByRule) {
                return $rule->name;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\DueImpossible;
use OpenBaton\Core\Routing\DueSet;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingTime;

/**
 * Due after so much working time, or at the end of work so many working days
 * later, in the hours of the house or of the assignee (of the house, too,
 * where nobody was found).
 */
final readonly class DueIn implements FollowUp
{
    use NothingToCheck;

    /** Exactly one of the two is given. */
    private function __construct(
        public ?int $minutes,
        public ?int $workingDays,
        public bool $ofAssignee,
    ) {}

    public static function minutes(int $minutes, bool $ofAssignee = false): self
    {
        return new self($minutes, null, $ofAssignee);
    }

    public static function workingDays(int $days, bool $ofAssignee = false): self
    {
        return new self(null, $days, $ofAssignee);
    }

    public static function kind(): string
    {
        return 'due_in';
    }

    public static function read(Node $node): static
    {
        if ($node->has('working_time') === $node->has('working_days')) {
            throw $node->fail('Give either "working_time" or "working_days".');
        }
        $days = $node->find('working_days');
        if ($days !== null && ($days->int() < 0 || $days->int() > 260)) {
            throw $days->fail('A number of working days from 0 to 260 belongs here.');
        }
        $minutes = $node->find('working_time');
        if ($minutes !== null && ($minutes->minutes() < 1 || $minutes->minutes() > 120_000)) {
            throw $minutes->fail('A length of time from PT1M to PT2000H belongs here.');
        }
        $of = $node->find('hours_of');

        return new self($minutes?->minutes(), $days?->int(), match ($of?->text() ?? 'house') {
            'house' => false,
            'assignee' => true,
            default => throw ($of ?? $node)->fail('The hours are those of the "house" or of the "assignee".'),
        });
    }

    public function write(): array
    {
        return ['kind' => self::kind()]
            + ($this->minutes !== null ? ['working_time' => Duration::format($this->minutes)] : ['working_days' => $this->workingDays])
            + ['hours_of' => $this->ofAssignee ? 'assignee' : 'house'];
    }

    public function effect(Event $event, Roster $roster, ?string $assigneeId): Effect
    {
        $hours = $this->ofAssignee && $assigneeId !== null ? $roster->presenceOf($assigneeId) : $roster->house;
        $time = new WorkingTime($hours);
        try {
            return new DueSet($this->minutes !== null
                ? $time->add($event->at, $this->minutes)
                : $time->endOfDay($event->at, $this->workingDays ?? 0));
        } catch (NoWorkingTime) {
            return new DueImpossible();
        }
    }
}

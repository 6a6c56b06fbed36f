<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\OwnGive;

/** What one cause alters on one subject at one instant. */
final readonly class ChangeSet
{
    /**
     * @param string       $id      of what is decided upon; unique
     * @param int          $at      instant
     * @param Subject|null $before  null: it is made
     * @param Facts        $facts   the values that criteria see, after the change, and those before
     * @param list<Happened> $happened what else has happened on it
     * @param bool         $placed  whoever made the task has said whose it is: rules give it to nobody
     * @param list<string> $followed of a task that is tried again, the rules whose follow-ups have acted on it
     * @param OwnGive|null $own     to whom what made it gives it, before any rule is asked
     */
    public function __construct(
        public string $id,
        public int $at,
        public ?Subject $before,
        public Subject $after,
        public Facts $facts,
        public Cause $cause = Cause::Intake,
        public array $happened = [],
        public bool $placed = false,
        public array $followed = [],
        public ?OwnGive $own = null,
    ) {}

    /** The same as other rules see it. */
    public function seenAs(Facts $facts): self
    {
        return new self(
            $this->id,
            $this->at,
            $this->before,
            $this->after,
            $facts,
            $this->cause,
            $this->happened,
            $this->placed,
            $this->followed,
            $this->own,
        );
    }

    /** The same where what makes the task says to whom it goes. */
    public function givenBy(?OwnGive $own): self
    {
        return new self(
            $this->id,
            $this->at,
            $this->before,
            $this->after,
            $this->facts,
            $this->cause,
            $this->happened,
            $this->placed,
            $this->followed,
            $own,
        );
    }

    /** The task as it is after it; null: it is about something else. */
    public function task(): ?TaskSubject
    {
        return $this->after instanceof TaskSubject ? $this->after : null;
    }

    /** The task as it was; null: it is made, or it is about something else. */
    public function taskBefore(): ?TaskSubject
    {
        return $this->before instanceof TaskSubject ? $this->before : null;
    }

    /** The case as it is after it; null: it is about something else. */
    public function case(): ?CaseSubject
    {
        return $this->after instanceof CaseSubject ? $this->after : null;
    }

    /** The case as it was; null: it is opened, or it is about something else. */
    public function caseBefore(): ?CaseSubject
    {
        return $this->before instanceof CaseSubject ? $this->before : null;
    }

    /** The customer as it is after it; null: it is about something else. */
    public function customer(): ?CustomerSubject
    {
        return $this->after instanceof CustomerSubject ? $this->after : null;
    }

    public function isArrival(): bool
    {
        return $this->before === null;
    }

    /** Whether a task that nobody could be found for is tried again: nothing has changed on it. */
    public function isRetry(): bool
    {
        return $this->cause === Cause::Retry;
    }

    /** Whether the follow-ups of a rule are still to act: those of a task that is tried again do so once. */
    public function letsFollow(string $ruleId): bool
    {
        return !in_array($ruleId, $this->followed, true);
    }

    /** Whether a rule may act on it at all. */
    public function isFor(string $ruleId): bool
    {
        $trigger = $this->trigger();

        return $trigger === null || $trigger->ruleId === $ruleId;
    }

    /** @param class-string<Happened> $kind */
    public function has(string $kind): bool
    {
        foreach ($this->happened as $one) {
            if ($one instanceof $kind) {
                return true;
            }
        }

        return false;
    }

    /** Where it happens for one rule alone. */
    public function trigger(): ?Trigger
    {
        foreach ($this->happened as $one) {
            if ($one instanceof Trigger) {
                return $one;
            }
        }

        return null;
    }

    /** Whether it happens for the timer or the button of a rule. */
    public function isTriggeredAs(string $kind): bool
    {
        return $this->trigger()?->kind === $kind;
    }

    /** @return list<string> tags that were not there before */
    public function tagsOn(): array
    {
        return self::tagsOnlyIn($this->after, $this->before);
    }

    /** @return list<string> tags that are no longer there */
    public function tagsOff(): array
    {
        return $this->before === null ? [] : self::tagsOnlyIn($this->before, $this->after);
    }

    /** @return list<string> case and outer blanks make no difference */
    private static function tagsOnlyIn(Subject $one, ?Subject $other): array
    {
        $known = Plain::set($other->tags ?? [], FieldType::Tags);

        return array_values(
            array_filter($one->tags, static fn(string $tag): bool => !isset($known[Plain::key($tag, FieldType::Tags)])),
        );
    }
}

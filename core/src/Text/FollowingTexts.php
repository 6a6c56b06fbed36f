<?php

declare(strict_types=1);

namespace OpenBaton\Core\Text;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Subject\StateFields;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Time\Zone;

/**
 * The title and the details of a task that was made with fields merged in: they follow these until a person writes
 * others.
 */
final readonly class FollowingTexts
{
    /** @param MergedText|null $title null: it follows nothing */
    public function __construct(public ?MergedText $title, public ?MergedText $details) {}

    /** @return self|null null: neither follows anything */
    public static function of(?MergedText $title, ?MergedText $details): ?self
    {
        return $title === null && $details === null ? null : new self($title, $details);
    }

    /** The task with the texts as they are now. */
    public function on(TaskSubject $subject, Zone $zone, ValueWords $words): TaskSubject
    {
        $facts = new Facts(StateFields::seen($subject, $zone), $zone->dateAt($subject->createdAt));
        $fields = $subject->fields;
        if ($this->title !== null) {
            $fields['task.title'] = mb_substr($this->title->fill($facts, $words), 0, TextLimits::NAME);
        }
        if ($this->details !== null) {
            $fields[CreateTask::DETAILS_FIELD] = mb_substr(
                $this->details->fill($facts, $words),
                0,
                TextLimits::DETAILS,
            );
        }

        return $subject->with(['fields' => $fields]);
    }

    /** @return self|null what still follows once somebody has written a field */
    public function without(string $path): ?self
    {
        return self::of(
            $path === 'task.title' ? null : $this->title,
            $path === CreateTask::DETAILS_FIELD ? null : $this->details,
        );
    }

    /** @return array<string, string> */
    public function write(): array
    {
        return array_filter(['title' => $this->title?->text, 'details' => $this->details?->text], is_string(...));
    }

    /** @param array<array-key, mixed> $written */
    public static function read(array $written): ?self
    {
        $text = static fn(mixed $one): ?MergedText => is_string($one) ? MergedText::parse($one) : null;

        return self::of($text($written['title'] ?? null), $text($written['details'] ?? null));
    }
}

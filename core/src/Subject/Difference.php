<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\ValueCodec;

/** What differs between two states of a subject, as documents have it. */
final class Difference
{
    /** @return array<string, array{mixed, mixed}> what was and what is, by name; null: nothing */
    public static function between(?Subject $before, Subject $after, FieldCatalogue $fields): array
    {
        $old = $before === null ? [] : self::parts($before, $fields);
        $new = self::parts($after, $fields);
        $difference = [];
        foreach ($old + $new as $name => $any) {
            $pair = [$old[$name] ?? null, $new[$name] ?? null];
            if ($pair[0] !== $pair[1]) {
                $difference[$name] = $pair;
            }
        }

        return $difference;
    }

    /** @return array<string, mixed> by name; what is empty is not there */
    private static function parts(Subject $subject, FieldCatalogue $fields): array
    {
        $state = match (true) {
            $subject instanceof TaskSubject => self::ofTask($subject),
            $subject instanceof CaseSubject => self::ofCase($subject),
            $subject instanceof CustomerSubject => self::ofCustomer($subject),
            default => [],
        };
        $values = [];
        foreach ($subject->fields as $path => $value) {
            $field = $fields->find($path);
            $values[$path] = $field === null ? $value : ValueCodec::write($value, $field->type);
        }

        return array_filter($state + $values, static fn(mixed $value): bool => $value !== null && $value !== []);
    }

    /** @return array<string, mixed> */
    private static function ofCustomer(CustomerSubject $customer): array
    {
        return [
            'owner' => $customer->holderId,
            'tags' => $customer->tags,
            'retired' => $customer->retired ?: null,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofCase(CaseSubject $case): array
    {
        return [
            CaseFields::STAGE => $case->stagePath(),
            CaseFields::OUTCOME => $case->outcomePath(),
            'closed' => $case->isOpen() ? null : true,
            'owner' => $case->holderId,
            'open_to' => $case->openTo,
            'owns_for' => $case->covering?->forId,
            'tags' => $case->tags,
            'watchers' => $case->watcherIds,
            'above' => $case->parentId,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofTask(TaskSubject $subject): array
    {
        return [
            'status' => $subject->status->value,
            'priority' => $subject->priority->value,
            'holder' => $subject->holderId,
            'held_with' => $subject->sharing?->withIds,
            'open_to' => $subject->openTo,
            'holds_for' => $subject->covering?->forId,
            'reviewer' => $subject->reviewerId,
            'reviews_for' => $subject->reviewCovering?->forId,
            'start' => Instant::orNull($subject->startAt),
            'due' => Instant::orNull($subject->dueAt),
            'due_follows' => $subject->dueFollows?->path,
            'to_hand_on' => $subject->toHandOn ?: null,
            'waiting_for' => $subject->waitingFor,
            'wakes' => Instant::orNull($subject->wakesAt),
            'waits_on' => $subject->waitsOn,
            'estimate' => $subject->effort->estimate === null ? null : Duration::format($subject->effort->estimate),
            'spent' => $subject->effort->spent === 0 ? null : Duration::format($subject->effort->spent),
            'tags' => $subject->tags,
            'items' => array_map(static fn(ChecklistItem $item): string => $item->text, $subject->checklist),
            'ticked' => array_values(
                array_map(
                    static fn(ChecklistItem $item): string => $item->text,
                    array_filter($subject->checklist, static fn(ChecklistItem $item): bool => $item->done),
                ),
            ),
            'watchers' => $subject->watcherIds,
            'links' => $subject->linkedTo,
            'case' => $subject->caseId,
            'needed' => $subject->needed ?: null,
        ];
    }
}

<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\Sharing;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Recorded change sets, as far as it takes to tell which rules listen to them
 * and which criteria hold: of subjects only what kinds of event ask for.
 */
final class ChangeFormat
{
    /** @return array<string, mixed> */
    public static function write(ChangeSet $change, FieldCatalogue $fields): array
    {
        return array_filter(
            [
                'id' => $change->id,
                'at' => $change->at,
                'cause' => $change->cause->value,
                'facts' => (object) FactsFormat::values($change->facts, $fields),
            ] + self::raised($change),
            static fn(mixed $value): bool => $value !== null,
        ) + FactsFormat::besides($change->facts, $fields);
    }

    /** @return array<string, mixed> what kinds of event ask for besides facts; null where there is nothing */
    public static function raised(ChangeSet $change): array
    {
        return [
            'trigger' =>
                ($trigger = $change->trigger()) === null ? null : [$trigger->kind, $trigger->ruleId, $trigger->due],
            'happened' => self::happened($change),
            'was' => $change->before === null ? null : self::state($change->before),
            'is' => self::state($change->after),
        ];
    }

    /**
     * The change set of a recorded decision.
     *
     * @param Node $record as DecisionRecord made it
     *
     * @return ChangeSet|null null: it was recorded before this was kept
     */
    public static function ofRecord(Node $record, Facts $facts, FieldCatalogue $fields): ?ChangeSet
    {
        return $record->has('is')
            ? self::change(
                $record,
                $record->get('event')->text(),
                $facts,
                $record->find('cause')?->case(Cause::class) ?? Cause::Intake,
                $fields,
            )
            : null;
    }

    /** @throws DocumentError */
    public static function read(Node $node, FieldCatalogue $fields): ChangeSet
    {
        return self::change(
            $node,
            $node->get('id')->text(),
            FactsFormat::read($node, (array) $node->get('facts')->value, $fields),
            $node->get('cause')->case(Cause::class),
            $fields,
        );
    }

    private static function change(
        Node $node,
        string $id,
        Facts $facts,
        Cause $cause,
        FieldCatalogue $fields,
    ): ChangeSet {
        $trigger = $node->find('trigger')?->items();
        // Whom and what it names may be gone by now.
        $context = new RuleContext(KindRegistry::standard(), $fields);

        return new ChangeSet(
            $id,
            $node->get('at')->int(),
            $node->has('was') ? self::subject($node->get('was'), $id) : null,
            self::subject($node->get('is'), $id),
            $facts,
            $cause,
            [
                ...$trigger === null ? [] : [new Trigger($trigger[0]->text(), $trigger[1]->text(), $trigger[2]->int())],
                ...array_map(
                    static fn(Node $one): Happened => HappenedFormat::read($one, $context),
                    $node->itemsOf('happened'),
                ),
            ],
        );
    }

    /** @return list<array<string, mixed>>|null null: nothing but what it is for one rule alone */
    private static function happened(ChangeSet $change): ?array
    {
        $written = array_values(array_filter(array_map(HappenedFormat::write(...), $change->happened)));

        return $written === [] ? null : $written;
    }

    /** @return array<string, mixed> */
    private static function state(Subject $subject): array
    {
        return array_filter(
            match (true) {
                $subject instanceof CaseSubject => self::ofCase($subject),
                $subject instanceof CustomerSubject => self::ofCustomer($subject),
                $subject instanceof TaskSubject => self::ofTask($subject),
                default => ['of' => $subject::kind()->value],
            },
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function ofTask(TaskSubject $subject): array
    {
        return [
            'status' => $subject->status->value,
            'holder' => $subject->holderId,
            'held_with' => $subject->sharing?->withIds,
            'reviewer' => $subject->reviewerId,
            'to_hand_on' => $subject->toHandOn ?: null,
            'tags' => $subject->tags === [] ? null : $subject->tags,
            'items' => $subject->checklist === [] ? null : [count($subject->checklist), $subject->openItems()],
        ];
    }

    /** @return array<string, mixed> */
    private static function ofCustomer(CustomerSubject $customer): array
    {
        return [
            'of' => SubjectKind::Customer->value,
            'owner' => $customer->holderId,
            'tags' => $customer->tags === [] ? null : $customer->tags,
            'retired' => $customer->retired ?: null,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofCase(CaseSubject $case): array
    {
        return [
            'track' => $case->trackId,
            'stage' => $case->stage(),
            'closed' => $case->isOpen() ? null : true,
            'outcome' => $case->outcome,
            'owner' => $case->holderId,
            'tags' => $case->tags === [] ? null : $case->tags,
        ];
    }

    private static function case(Node $state, string $id): CaseSubject
    {
        $stays = Stays::begin($state->get('stage')->text(), 0);

        return new CaseSubject(
            $id,
            0,
            $state->get('track')->text(),
            $state->has('closed') ? $stays->close(0) : $stays,
            $state->find('outcome')?->text(),
            $state->find('owner')?->text(),
            tags: $state->textsOf('tags'),
        );
    }

    private static function subject(Node $state, string $id): Subject
    {
        if ($state->has('track')) {
            return self::case($state, $id);
        }
        if ($state->has('of')) {
            return $state->get('of')->case(SubjectKind::class) === SubjectKind::House
                ? new HouseSubject()
                : new CustomerSubject(
                    $id,
                    0,
                    $state->find('owner')?->text(),
                    $state->textsOf('tags'),
                    retired: $state->has('retired'),
                );
        }
        $items = $state->find('items')?->items();
        $checklist = [];
        for ($item = 0; $items !== null && $item < $items[0]->int(); ++$item) {
            $checklist[] = new ChecklistItem((string) $item, $item >= $items[1]->int());
        }

        $others = $state->textsOf('held_with');

        return new TaskSubject(
            $id,
            0,
            status: $state->get('status')->case(TaskStatus::class),
            holderId: $state->find('holder')?->text(),
            sharing: $others === [] ? null : new Sharing($others),
            reviewerId: $state->find('reviewer')?->text(),
            tags: $state->textsOf('tags'),
            checklist: $checklist,
            toHandOn: $state->find('to_hand_on')?->bool() ?? false,
        );
    }
}

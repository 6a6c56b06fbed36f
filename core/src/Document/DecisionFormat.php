<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\FailedComparison;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\RuleVerdict;
use OpenBaton\Core\Routing\Verdict;
use OpenBaton\Core\Routing\Verdicts;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Subject\HouseSubject;
use OpenBaton\Core\Subject\SubjectKind;

/** A decision with its trace as a document; docs/formats/decision.schema.json describes it. */
final class DecisionFormat
{
    /** @return array<string, mixed> */
    public static function write(Decision $decision): array
    {
        $record = Node::root(DecisionRecord::of($decision));

        return self::expand(
            $record,
            FactsFormat::values($decision->change->facts, $decision->rulebook->rulebook->fields),
            $decision->rulebook,
        );
    }

    /**
     * The whole document of a record.
     *
     * @param Node                 $record   as DecisionRecord made it
     * @param array<string, mixed> $facts    as FactsFormat made them
     * @param CompiledRulebook     $rulebook the version that decided
     *
     * @return array<string, mixed>
     */
    public static function expand(Node $record, array $facts, CompiledRulebook $rulebook): array
    {
        $attempts = [];
        foreach ($record->itemsOf('attempts') as $attempt) {
            $attempts[$attempt->get('rule')->int()] = $attempt;
        }
        $decidedBy = $record->find('decided_by')?->int();
        $kinds = $record->textsOf('kinds');
        $trigger = $record->find('trigger')?->items();
        $seen = FactsFormat::read($record, $facts, $rulebook->rulebook->fields);
        $verdicts = new Verdicts(
            $rulebook,
            $seen,
            $record->get('at')->int(),
            $kinds,
            $decidedBy,
            array_keys($attempts),
            array_map(static fn(Node $position): int => $position->int(), $record->itemsOf('followed_up')),
            array_map(static fn(Node $position): int => $position->int(), $record->itemsOf('held_back')),
            $trigger === null ? null : $trigger[1]->text(),
            ChangeFormat::ofRecord($record, $seen, $rulebook->rulebook->fields),
        );
        $documents = isset($attempts[Decision::OWN]) ? [self::own($record, $attempts[Decision::OWN], $decidedBy)] : [];
        foreach ($verdicts->all() as $position => $verdict) {
            $documents[] = self::verdict($verdict, $attempts[$position] ?? null, $record, $rulebook->rulebook->fields);
        }

        return self::document($record, $facts, $rulebook, $documents);
    }

    /**
     * The document with the verdict of the rule that decided alone: what the others came to is not worked out.
     *
     * @param Node                 $record   as DecisionRecord made it
     * @param array<string, mixed> $facts    as FactsFormat made them
     * @param CompiledRulebook     $rulebook the version that decided
     *
     * @return array<string, mixed>
     */
    public static function expandDeciding(Node $record, array $facts, CompiledRulebook $rulebook): array
    {
        $decidedBy = $record->find('decided_by')?->int();
        $documents = [];
        foreach ($decidedBy === null ? [] : $record->itemsOf('attempts') as $attempt) {
            if ($attempt->get('rule')->int() === $decidedBy) {
                $rule = $rulebook->rulebook->rules[$decidedBy] ?? null;
                $documents[] =
                    $rule === null
                        ? self::own($record, $attempt, $decidedBy)
                        : self::verdict(
                            new RuleVerdict($rule, Verdict::Decided),
                            $attempt,
                            $record,
                            $rulebook->rulebook->fields,
                        );
            }
        }

        return self::document($record, $facts, $rulebook, $documents);
    }

    /**
     * @param array<string, mixed>       $facts
     * @param list<array<string, mixed>> $verdicts
     *
     * @return array<string, mixed>
     */
    private static function document(Node $record, array $facts, CompiledRulebook $rulebook, array $verdicts): array
    {
        $decidedBy = $record->find('decided_by')?->int();
        $kinds = $record->textsOf('kinds');
        $trigger = $record->find('trigger')?->items();

        return [
            'event' => $record->get('event')->text(),
            'kind' => $kinds[0] ?? '',
            ...self::of($record),
            'at' => Instant::format($record->get('at')->int()),
            'rulebook_version' => $rulebook->version,
            'outcome' => $record->get('outcome')->text(),
            'rule' =>
                $decidedBy === null
                    ? null
                    : $rulebook->rulebook->rules[$decidedBy]->id ?? $record->get('own')->get('id')->text(),
            'assignee' => $record->find('assignee')?->text(),
            'open_to' => $record->textsOf('open_to'),
            'effects' => array_map(
                static fn(Node $effect): array => self::effect($effect, $rulebook, $record),
                $record->itemsOf('effects'),
            ),
            'verdicts' => $verdicts,
            'facts' => (object) $facts,
        ] +
            array_filter(
                [
                    'kinds' => count($kinds) > 1 ? $kinds : null,
                    'held_with' => $record->has('held_with') ? $record->textsOf('held_with') : null,
                    'cause' => $record->find('cause')?->text(),
                    'seat' => $record->find('seat')?->text(),
                    'due' => $trigger === null ? null : Instant::format($trigger[2]->int()),
                    'before' => $record->has('before') ? (object) $record->get('before')->value : null,
                ],
                static fn(mixed $value): bool => $value !== null,
            );
    }

    /** @return array<string, string> what it is about, by its kind */
    private static function of(Node $record): array
    {
        foreach (SubjectKind::KEPT as $kind) {
            if ($record->has($kind->value)) {
                return [$kind->value => $record->get($kind->value)->text()];
            }
        }

        return [SubjectKind::House->value => HouseSubject::ID];
    }

    /** @return array<array-key, mixed> with the id and the name of what brought it about */
    private static function effect(Node $effect, CompiledRulebook $rulebook, Node $record): array
    {
        $position = $effect->find('rule')?->int();
        $own = $position === Decision::OWN ? $record->get('own') : null;
        $rule = $position === null ? null : $rulebook->rulebook->rules[$position] ?? null;
        $by = match (true) {
            $own !== null => ['rule' => $own->get('id')->text(), 'name' => $own->get('name')->text()],
            $rule !== null => ['rule' => $rule->id, 'name' => $rule->name],
            default => [],
        };

        return $by + (array) $effect->value;
    }

    /** @return array<string, mixed> */
    private static function verdict(RuleVerdict $verdict, ?Node $attempt, Node $record, FieldCatalogue $fields): array
    {
        $document = [
            'rule' => $verdict->rule->id,
            'name' => $verdict->rule->name,
            'verdict' => $verdict->verdict->value,
        ];
        if ($verdict->failed !== null) {
            $document['failed'] = self::failed($verdict->failed, $fields);
        }
        $give = $verdict->rule->give;

        return $attempt === null || $give === null
            ? $document
            : $document + self::attempt($attempt, GiveFormat::write($give), $record);
    }

    /**
     * The verdict on what made the task, which says to whom it goes.
     *
     * @return array<string, mixed>
     */
    private static function own(Node $record, Node $attempt, ?int $decidedBy): array
    {
        $own = $record->get('own');

        return [
            'rule' => $own->get('id')->text(),
            'name' => $own->get('name')->text(),
            'verdict' => ($decidedBy === Decision::OWN ? Verdict::Decided : Verdict::NobodyEligible)->value,
        ] + self::attempt($attempt, (array) $own->get('give')->value, $record);
    }

    /**
     * @param array<array-key, mixed> $give as in documents
     *
     * @return array<string, mixed>
     */
    private static function attempt(Node $attempt, array $give, Node $record): array
    {
        $document = ['house' => $record->get('house')->int()] + AttemptFormat::expand($attempt);
        $document['pool'] = $give['pool'];
        $document['method'] = $give['method'];
        if (!$attempt->has('figures') && !$attempt->has('kept')) {
            $document['otherwise'] = $give['otherwise'];
        }
        if ($record->find('decided_by')?->int() === $attempt->get('rule')->int()) {
            $document['pick'] = $record->find('assignee')?->text();
            $document += $record->has('held_with') ? ['held_with' => $record->textsOf('held_with')] : [];
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function failed(FailedComparison $failed, FieldCatalogue $fields): array
    {
        $type = $fields->compared($failed->comparison->path)?->type;

        return [
            'pointer' => $failed->pointer,
            'comparison' => (new CriteriaFormat(new RuleContext(KindRegistry::standard(), $fields)))->writeComparison(
                $failed->comparison,
            ),
            'seen' => $failed->seen === null || $type === null ? null : ValueCodec::write($failed->seen, $type),
            'negated' => $failed->negated,
        ];
    }
}

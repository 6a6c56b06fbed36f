<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\CoverStep;
use OpenBaton\Core\Criteria\FailedComparison;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\People\Barrier;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Routing\Attempt;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\FallOut;
use OpenBaton\Core\Routing\RuleVerdict;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Routing\Verdict;

/** A decision with its trace as a document; docs/formats/decision.schema.json describes it. */
final class DecisionFormat
{
    /** Figures of the trace that are instants. */
    private const INSTANTS = ['away_until' => true, 'last_assigned' => true];

    /** @return array<string, mixed> */
    public static function write(Decision $decision): array
    {
        $fields = $decision->rulebook->rulebook->fields;
        $rule = $decision->decidingRule();

        return [
            'event' => $decision->event->id,
            'kind' => $decision->event->kind->value,
            'task' => $decision->event->taskId,
            'at' => Instant::format($decision->event->at),
            'rulebook_version' => $decision->rulebook->version,
            'outcome' => $decision->outcome->value,
            'rule' => $rule?->id,
            'assignee' => $decision->assigneeId,
            'open_to' => $decision->openTo,
            'effects' => array_map(static fn(Effect $effect): array => $effect->write(), $decision->effects),
            'verdicts' => array_map(
                static fn(RuleVerdict $verdict): array => self::verdict($verdict, $decision, $fields),
                $decision->verdicts(),
            ),
            'facts' => (object) self::facts($decision, $fields),
        ];
    }

    /** @return array<string, mixed> */
    private static function facts(Decision $decision, FieldCatalogue $fields): array
    {
        $facts = [];
        foreach ($decision->event->facts->values as $path => $value) {
            $field = $fields->find($path);
            if ($field !== null) {
                $facts[$path] = ValueCodec::write($value, $field->type);
            }
        }

        return $facts;
    }

    /** @return array<string, mixed> */
    private static function verdict(RuleVerdict $verdict, Decision $decision, FieldCatalogue $fields): array
    {
        $document = ['rule' => $verdict->rule->id, 'name' => $verdict->rule->name, 'verdict' => $verdict->verdict->value];
        if ($verdict->failed !== null) {
            $document['failed'] = self::failed($verdict->failed, $fields);
        }
        if ($verdict->attempt !== null) {
            $document += self::attempt($verdict->attempt, $decision);
            $give = $verdict->rule->give;
            if ($give !== null) {
                $document['pool'] = $give->pool->write();
                $document['method'] = $give->method->write();
                if ($verdict->attempt->choice === null) {
                    $document['otherwise'] = $give->otherwise->write();
                }
            }
        }
        if ($verdict->verdict === Verdict::Decided) {
            $document['pick'] = $decision->assigneeId;
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function failed(FailedComparison $failed, FieldCatalogue $fields): array
    {
        $type = $fields->find($failed->comparison->path)?->type;

        return [
            'pointer' => $failed->pointer,
            'comparison' => (new CriteriaFormat($fields))->writeComparison($failed->comparison),
            'seen' => $failed->seen === null || $type === null ? null : ValueCodec::write($failed->seen, $type),
            'negated' => $failed->negated,
        ];
    }

    /** @return array<string, mixed> */
    private static function attempt(Attempt $attempt, Decision $decision): array
    {
        $document = [
            'house' => count($decision->roster->people),
            'steps' => array_map(static fn(Step $step): array => self::step($step, $decision), $attempt->steps),
        ];
        if ($attempt->choice !== null) {
            $document['candidates'] = [];
            foreach ($attempt->choice->figures as $personId => $figures) {
                $document['candidates'][] = ['person' => (string) $personId] + self::figures($figures);
            }
        }
        $cover = $attempt->cover ?? $attempt->settlement?->cover;
        if ($cover !== null) {
            $document['cover'] = self::cover($cover);
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function step(Step $step, Decision $decision): array
    {
        $kept = array_map(static fn(Membership $seat): string => $seat->personId, $step->kept);
        $fallen = $step->code === 'pool'
            ? array_map(
                static fn(int|string $id): FallOut => new FallOut((string) $id, ['not_in_pool']),
                array_keys(array_diff_key($decision->roster->people, array_flip($kept))),
            )
            : $step->fallen;

        return [
            'step' => $step->code,
            'kept' => $kept,
            'fallen' => array_map(static fn(FallOut $one): array => [
                'person' => $one->personId,
                'reasons' => $one->reasons,
            ] + ($one->figures === [] ? [] : ['figures' => self::figures($one->figures)]), $fallen),
        ];
    }

    /** @return array<string, mixed> */
    private static function cover(Cover $cover): array
    {
        return [
            'for' => $cover->namedId,
            'person' => $cover->personId,
            'by_lead' => $cover->byLead,
            'circle' => $cover->circle,
            'asked' => array_map(static fn(CoverStep $step): array => [
                'person' => $step->personId,
                'reasons' => array_map(static fn(Barrier $barrier): string => $barrier->value, $step->barriers),
                'away_until' => $step->awayUntil === null ? null : Instant::format($step->awayUntil),
            ], $cover->steps),
        ];
    }

    /**
     * @param array<string, int|string|null> $figures
     *
     * @return array<string, int|string|null>
     */
    private static function figures(array $figures): array
    {
        foreach ($figures as $name => $value) {
            if (isset(self::INSTANTS[$name]) && is_int($value)) {
                $figures[$name] = Instant::format($value);
            }
        }

        return $figures;
    }
}

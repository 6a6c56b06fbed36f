<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Absence\CoverStep;
use OpenBaton\Core\Routing\Attempt;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Exclusion;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\Event\CaseOpens;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * What is kept of a decision: all that can't be worked out again from its
 * facts and the version of the rulebook that made it. DecisionFormat makes the
 * whole document of it.
 */
final class DecisionRecord
{
    /** @return array<string, mixed> */
    public static function of(Decision $decision): array
    {
        $attempts = [];
        foreach ($decision->attempts as $position => $attempt) {
            $attempts[] = ['rule' => $position] + self::attempt($attempt);
        }

        return array_filter(
            [
                'event' => $decision->change->id,
                'kinds' => $decision->rulebook->occasions($decision->change) ?: self::arrival($decision->change),
                ...self::about($decision->change->after),
                'at' => $decision->change->at,
                'outcome' => $decision->outcome->value,
                'decided_by' => $decision->decidedBy,
                'assignee' => $decision->assigneeId,
                'held_with' => $decision->sharing?->withIds,
                'open_to' => $decision->openTo,
                'effects' => self::effects($decision),
                'house' => count($decision->roster->people),
                'followed_up' => $decision->followedUp,
                'attempts' => $attempts,
                'cause' => $decision->change->cause === Cause::Intake ? null : $decision->change->cause->value,
                'seat' => $decision->seat === SeatName::Holder ? null : $decision->seat->value,
                'held_back' => $decision->heldBack === [] ? null : $decision->heldBack,
                'own' => $decision->change->own === null ? null : OwnGiveFormat::write($decision->change->own),
            ] + ChangeFormat::raised($decision->change),
            static fn(mixed $value): bool => $value !== null,
        ) +
            FactsFormat::besides($decision->change->facts, $decision->rulebook->rulebook->fields) + [
                'decided_by' => null,
                'assignee' => null,
            ];
    }

    /** @return list<string> what happened where no rule waits for it: of that only what arrives is decided on */
    private static function arrival(ChangeSet $change): array
    {
        return match (true) {
            !$change->isArrival() => [],
            $change->after instanceof TaskSubject => [TaskArrives::kind()],
            $change->after instanceof CaseSubject => [CaseOpens::kind()],
            default => [],
        };
    }

    /** @return array<string, string> what it is about, by its kind; nothing: the house */
    private static function about(Subject $subject): array
    {
        return $subject::kind() === SubjectKind::House ? [] : [$subject::kind()->value => $subject->id];
    }

    /** @return list<array<string, mixed>> in order, each with the position of its rule */
    private static function effects(Decision $decision): array
    {
        $written = [];
        foreach ($decision->effectsOf as $position => $effects) {
            foreach ($effects as $effect) {
                $written[] = self::effect($effect) + ['rule' => $position];
            }
        }

        return $written;
    }

    /** @return array<string, mixed> */
    public static function effect(Effect $effect): array
    {
        return ['effect' => $effect::code()] + $effect->write();
    }

    /** @return array<string, mixed> */
    private static function attempt(Attempt $attempt): array
    {
        $figures = [];
        foreach ($attempt->choice->figures ?? [] as $personId => $one) {
            $figures[] = [(string) $personId, $one];
        }

        return array_filter(
            [
                'pool' => $attempt->steps[0]->ids(),
                'steps' => array_map(self::step(...), array_slice($attempt->steps, 1)),
                'figures' => $attempt->choice === null ? null : $figures,
                'kept' => $attempt->kept ? true : null,
                'cover' => $attempt->cover() === null ? null : self::cover($attempt->cover()),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /**
     * @return array{0: string, 1: list<array{string, list<string>, array<string, int|string|null>}>, 2?: list<string>}
     *     code, exclusions, and who is kept where these are not what is left
     */
    private static function step(Step $step): array
    {
        $excluded = array_map(self::excluded(...), $step->excluded);

        return in_array($step->code, Step::GROWING, true)
            ? [$step->code, $excluded, $step->ids()]
            : [$step->code, $excluded];
    }

    /** @return array{string, list<string>, array<string, int|string|null>} person, reasons, figures */
    public static function excluded(Exclusion $one): array
    {
        return [$one->personId, $one->reasons, $one->figures];
    }

    /** @return array<string, mixed> */
    private static function cover(Cover $cover): array
    {
        return [
            'for' => $cover->namedId,
            'person' => $cover->personId,
            'by_lead' => $cover->byLead,
            'circle' => $cover->circle,
            'asked' => array_map(
                static fn(CoverStep $step): array => [
                    $step->personId,
                    array_column($step->reasons, 'value'),
                    $step->awayUntil,
                ],
                $cover->steps,
            ),
        ];
    }
}

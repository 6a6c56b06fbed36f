<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\EventCover;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Remedy;
use OpenBaton\Core\Check\RemedyKind;
use OpenBaton\Core\Check\RuleEffect;
use OpenBaton\Core\Check\RuleEffects;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\Tell;
use OpenBaton\Core\Rulebook\Rule;

/**
 * A follow-up sets what a later one sets again: of the same rule, or of a rule below that only follows up, waits for
 * whatever this one waits for, and whose criteria hold wherever those of this one do.
 */
final class CancelledOut implements Check
{
    public static function code(): string
    {
        return 'cancelled_out';
    }

    public function find(Examination $of): iterable
    {
        $following = [];
        foreach ($of->rules as $position => $rule) {
            foreach ($rule->give === null ? RuleEffects::of($rule) : [] as $effect) {
                $following["{$effect->target->value}\0{$effect->of}"][$position] = $effect;
            }
        }
        foreach ($of->holding() as $position => $terms) {
            $rule = $of->rules[$position];
            $effects = array_values(array_filter(RuleEffects::of($rule), self::isFollowUp(...)));
            foreach ($effects as $place => $effect) {
                $later = self::later($effect, array_slice($effects, $place + 1));
                if ($later !== null) {
                    yield new Finding(
                        self::code(),
                        $later->isSure() && !self::isSeenBetween($rule, $effect, $later)
                            ? Certainty::Certain
                            : Certainty::Likely,
                        $rule->id,
                        [],
                        [$effect->pointer, $later->pointer],
                        remedy: new Remedy(RemedyKind::TakeOutPart, $effect->pointer),
                    );
                    continue;
                }
                foreach ($following["{$effect->target->value}\0{$effect->of}"] ?? [] as $below => $undoes) {
                    if (
                        $below > $position &&
                        $undoes->isOfSame($effect) &&
                        $undoes->text !== $effect->text &&
                        self::follows($of->rules[$below], $rule, $of) &&
                        self::isImplied($of, $position, $below)
                    ) {
                        yield new Finding(
                            self::code(),
                            // What is tried again, or goes round, the one may act on without the other.
                            $rule->give === null && Examination::isOfArrivals($rule) && $undoes->isSure()
                                ? Certainty::Certain
                                : Certainty::Likely,
                            $rule->id,
                            [$of->rules[$below]->id],
                            [$effect->pointer],
                            remedy: new Remedy(RemedyKind::TakeOutPart, $effect->pointer),
                        );
                    }
                }
            }
        }
    }

    private static function isFollowUp(RuleEffect $effect): bool
    {
        return str_starts_with($effect->pointer, '/then');
    }

    /** Whether a follow-up between them passes on what the first has set. */
    private static function isSeenBetween(Rule $rule, RuleEffect $effect, RuleEffect $later): bool
    {
        $place = static fn(RuleEffect $one): int => (int) substr($one->pointer, strlen('/then/'));
        $between = array_slice($rule->followUps, $place($effect) + 1, $place($later) - $place($effect) - 1);

        return array_filter(
            $between,
            static fn(FollowUp $one): bool => $one instanceof CreateTask || $one instanceof Tell,
        ) !== [];
    }

    /** @param list<RuleEffect> $after */
    private static function later(RuleEffect $effect, array $after): ?RuleEffect
    {
        foreach ($after as $later) {
            // One that goes by what was there builds upon it.
            if ($later->isOfSame($effect) && !$later->steps) {
                return $later;
            }
        }

        return null;
    }

    private static function follows(Rule $below, Rule $rule, Examination $of): bool
    {
        foreach ($rule->events as $event) {
            if (!EventCover::by($below, $event)) {
                return false;
            }
        }

        return $of->isValidThroughout($below, $rule);
    }

    private static function isImplied(Examination $of, int $position, int $below): bool
    {
        $one = $of->terms($position);
        $other = $of->terms($below);

        return $one !== null && $other !== null && $one->isWithin($other);
    }
}

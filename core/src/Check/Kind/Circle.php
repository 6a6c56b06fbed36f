<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\EffectTarget;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Raising;
use OpenBaton\Core\Check\RuleEffect;
use OpenBaton\Core\Check\RuleEffects;
use OpenBaton\Core\Check\Strands;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Rulebook\Event\TaskArrives;

/**
 * Rules that set each other off: what one does raises what the next waits for, and so on back to the first. It is
 * certain where a rule makes a task that it is always right for itself; otherwise likely, since what is set may be set
 * already. Where all of them only set what never differs, it comes to rest by itself and is not told.
 */
final class Circle implements Check
{
    public static function code(): string
    {
        return 'circle';
    }

    public function find(Examination $of): iterable
    {
        $edges = self::edges($of);
        foreach ((new Strands(array_map(array_keys(...), $edges)))->rings() as $ring) {
            $effects = [];
            foreach ($ring as $position) {
                foreach ($edges[$position] ?? [] as $next => $by) {
                    if (in_array($next, $ring, true)) {
                        array_push($effects, ...$by);
                    }
                }
            }
            if (!self::keepsGoing($effects)) {
                continue;
            }
            $first = $ring[0];
            $certain = count($ring) === 1 && self::isAlwaysRight($of, $first, $effects);
            yield new Finding(
                self::code(),
                $certain ? Certainty::Certain : Certainty::Likely,
                $of->rules[$first]->id,
                array_map(static fn(int $one): string => $of->rules[$one]->id, array_slice($ring, 1)),
                array_values(
                    array_unique(
                        array_map(
                            static fn(RuleEffect $one): string => $one->pointer,
                            array_merge(...array_values(array_intersect_key($edges[$first] ?? [], array_flip($ring)))),
                        ),
                    ),
                ),
            );
        }
    }

    /** @return array<int, array<int, list<RuleEffect>>> by position: what it sets off, and by which effects */
    private static function edges(Examination $of): array
    {
        $waiting = [];
        foreach ($of->holding() as $position => $terms) {
            foreach ($of->rules[$position]->events as $event) {
                $waiting[$event::class][$position][] = $event;
            }
        }
        $edges = [];
        foreach (array_keys($of->holding()) as $position) {
            foreach (RuleEffects::of($of->rules[$position]) as $effect) {
                $after = self::after($of, $effect);
                foreach ($waiting as $class => $rules) {
                    if (($class === TaskArrives::class) !== ($effect->target === EffectTarget::NewTask)) {
                        continue;
                    }
                    foreach ($rules as $next => $events) {
                        foreach ($events as $event) {
                            if (Raising::does($effect, $event) && self::canHold($of, $next, $after)) {
                                $edges[$position][$next][] = $effect;
                                break;
                            }
                        }
                    }
                }
            }
        }

        return $edges;
    }

    /** What is known of the task once it is done; null: nothing. */
    private static function after(Examination $of, RuleEffect $effect): ?Terms
    {
        $value = $effect->target === EffectTarget::NewTask ? $effect->of : $effect->value;
        $path = $effect->target->path($effect->of);
        if ($effect->target === EffectTarget::Tag || $value === null || is_array($value)) {
            return null;
        }

        return $of->rulebook->fields->compared($path) === null || $of->rulebook->fields->compared($path)->type->isList()
            ? null
            : $of->termsOf(new Comparison($path, 'is', $value));
    }

    private static function canHold(Examination $of, int $position, ?Terms $after): bool
    {
        $terms = $of->terms($position);

        return $after === null || $terms === null || !$terms->and($after)->isEmpty();
    }

    /**
     * Whether it does not come to rest by itself: tasks are made, something steps on, or two set the same to different
     * values.
     *
     * @param list<RuleEffect> $effects
     */
    private static function keepsGoing(array $effects): bool
    {
        $values = [];
        foreach ($effects as $effect) {
            if ($effect->target === EffectTarget::NewTask) {
                return true;
            }
            $values["{$effect->target->value}\0{$effect->of}"][$effect->text] = true;
        }

        return array_filter($values, static fn(array $one): bool => count($one) > 1) !== [];
    }

    /** @param list<RuleEffect> $effects */
    private static function isAlwaysRight(Examination $of, int $position, array $effects): bool
    {
        $terms = $of->terms($position);
        foreach ($effects as $effect) {
            $made = $effect->target === EffectTarget::NewTask ? self::after($of, $effect) : null;
            if ($made !== null && $terms !== null && $made->isWithin($terms)) {
                return true;
            }
        }

        return false;
    }
}
